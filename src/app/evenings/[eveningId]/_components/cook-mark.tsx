import clsx from 'clsx';

/** The letter of a cook on a tile, with the name where it is more than that. */
export function CookMark({ cook, name, isSmall = false }: { cook: number; name: string; isSmall?: boolean }) {
  const letter = 'ABC'[cook]!;
  return (
    <span className="flex min-w-0 items-center gap-1.5">
      <span
        className={clsx(
          'flex shrink-0 items-center justify-center rounded-part border-2 border-rim bg-rim font-display font-bold text-on-rim shadow-[inset_0_0_0_2px_var(--color-enamel)]',
          isSmall ? 'size-7 text-[15px]' : 'size-8 text-[18px]',
        )}
      >
        {letter}
      </span>
      {name !== letter && <span className="truncate text-[13px] font-semibold">{name}</span>}
    </span>
  );
}
