/** A drawer without its pieces, from above: what stands in its place until the page is alive. */
export function EmptyDrawer({ className }: { className?: string }) {
  return (
    <svg viewBox="0 0 100 100" className={className} aria-hidden>
      <rect width={100} height={100} rx={12} fill="#4a5058" />
      <rect x={5} y={5} width={90} height={90} rx={8} fill="#262a30" />
    </svg>
  );
}
