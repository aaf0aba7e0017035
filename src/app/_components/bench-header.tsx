import clsx from 'clsx';
import { Keyboard, Redo2, Undo2 } from 'lucide-react';
import type { usePlanHistory } from './use-plan-history';

/** The open station's name, whether the plan is saved, undo, redo and the keyboard map. */
export function BenchHeader({
  title,
  fold,
  saving,
  history,
  onHelp,
}: {
  title: string;
  fold: string | null;
  saving: string;
  history: Pick<ReturnType<typeof usePlanHistory>, 'canUndo' | 'canRedo' | 'undo' | 'redo'>;
  onHelp: () => void;
}) {
  const button = 'flex size-11 items-center justify-center text-rim disabled:text-enamel-deep';
  return (
    <>
      <div className="flex items-center justify-between">
        <h1 className="text-[24px]">{title}</h1>
        <div className="no-print flex items-center text-[14px] text-iron-soft">
          <span role="status" className="mr-2">
            {saving}
          </span>
          <button type="button" aria-label="Undo" disabled={!history.canUndo} onClick={history.undo} className={button}>
            <Undo2 size={20} aria-hidden />
          </button>
          <button type="button" aria-label="Redo" disabled={!history.canRedo} onClick={history.redo} className={button}>
            <Redo2 size={20} aria-hidden />
          </button>
          <button
            type="button"
            aria-label="Keys of the bench"
            onClick={onHelp}
            className={clsx(button, 'pointer-coarse:hidden')}
          >
            <Keyboard size={20} aria-hidden />
          </button>
        </div>
      </div>
      {fold && <p className="mb-2 text-[14px] text-iron-soft">Folded away for this food: {fold}</p>}
    </>
  );
}
