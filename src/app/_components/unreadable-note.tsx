/** Says how many of a kind are kept in a form that this version of the app cannot read; nothing where there are none. */
export function UnreadableNote({ count, one, many }: { count: number; one: string; many: string }) {
  if (count === 0) return null;
  return (
    <p role="status" className="px-5 pt-2 text-[15px]">
      {count === 1 ? `One ${one} is` : `${count} ${many} are`} kept in a form that this version of the app cannot read
      (unreadable), and not shown.
    </p>
  );
}
