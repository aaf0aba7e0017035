import clsx from 'clsx';
import Link from 'next/link';

/** What the kitchen keeps, in the order in which it is looked for. */
export const KITCHEN_TABS = [
  { show: 'fryers', word: 'Fryers' },
  { show: 'cutters', word: 'Cutters' },
  { show: 'devices', word: 'Devices' },
  { show: 'people', word: 'Who may come in' },
  { show: 'data', word: 'The whole kitchen' },
  { show: 'cautions', word: 'Cautions' },
] as const;

/** @see KITCHEN_TABS */
export type KitchenTab = (typeof KITCHEN_TABS)[number]['show'];

/** Which tab an address asks for; the first where it asks for none. */
export function tabOf(asked: string | string[] | undefined): KitchenTab {
  return KITCHEN_TABS.find(({ show }) => show === asked)?.show ?? KITCHEN_TABS[0].show;
}

/** The way between them: the tray's rim rises round the open one. */
export function KitchenTabs({ open, figures }: { open: KitchenTab; figures: Partial<Record<KitchenTab, string>> }) {
  return (
    <nav aria-label="In the kitchen" className="relative z-[1] -mb-0.5 flex overflow-x-auto px-5 pt-2">
      {KITCHEN_TABS.map(({ show, word }) => (
        <Link
          key={show}
          href={show === 'fryers' ? '/kitchen' : `/kitchen?show=${show}`}
          aria-current={show === open ? 'page' : undefined}
          className={clsx(
            'relative flex min-h-14 shrink-0 flex-col justify-center rounded-t-tray border-2 border-b-0 px-4 py-1.5',
            'focus-visible:-outline-offset-2',
            show === open ? 'rising' : 'border-transparent hover:bg-enamel/60',
          )}
        >
          <span
            className={clsx(
              'font-display text-[16px] leading-tight font-semibold whitespace-nowrap',
              show === open ? 'text-iron' : 'text-rim',
            )}
          >
            {word}
          </span>
          {figures[show] && <span className="text-[13px] leading-tight text-iron-soft">{figures[show]}</span>}
        </Link>
      ))}
    </nav>
  );
}
