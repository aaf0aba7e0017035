'use client';

import { X } from 'lucide-react';
import { Dialog } from 'radix-ui';

/** Every key of the bench. */
const KEYS: readonly (readonly [string, string])[] = [
  ['1 – 9, 0, −', 'open a station, in working order'],
  ['Tab, Shift Tab', 'from lever to lever'],
  ['← →', 'move a slider, a choice, or a mark on the field'],
  ['Page up, Page down, Home, End', 'larger steps on a slider'],
  ['Enter', 'in a number: set it'],
  ['Ctrl Z, Ctrl Shift Z', 'take back, and again'],
  ['P', 'pin this plan, or unpin it'],
  ['C', 'cook this'],
  ['?', 'this sheet'],
  ['Esc', 'close a sheet'],
];

/** The keyboard map, opened by the question mark. */
export function HelpSheet({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-iron/50" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-30 max-h-[90dvh] w-[min(560px,94vw)] -translate-1/2 overflow-auto tray p-5">
          <div className="flex items-center justify-between">
            <Dialog.Title className="text-[22px]">Keys of the bench</Dialog.Title>
            <Dialog.Close aria-label="Close" className="flex size-11 items-center justify-center text-rim">
              <X size={20} aria-hidden />
            </Dialog.Close>
          </div>
          <Dialog.Description className="text-[14px] text-iron-soft">
            All can be done without a mouse. The field itself takes the arrow keys to read it minute by minute.
          </Dialog.Description>
          <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-5 gap-y-2 text-[15px]">
            {KEYS.map(([keys, does]) => (
              <div key={keys} className="contents">
                <dt>
                  <kbd className="font-semibold">{keys}</kbd>
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
