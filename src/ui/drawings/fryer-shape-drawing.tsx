import type { FryerShape } from '../../editing/quick-fryer';

/** A fryer from the front, in a few lines. */
export function FryerShapeDrawing({ shape }: { shape: FryerShape }) {
  return (
    <svg viewBox="0 0 44 44" className="size-11" aria-hidden fill="none" stroke="currentColor" strokeWidth={2}>
      {shape === 'drawer' && (
        <>
          <rect x={8} y={4} width={28} height={36} rx={6} />
          <path d="M8 18h28M18 29h8" />
        </>
      )}
      {shape === 'two-drawers' && (
        <>
          <rect x={3} y={6} width={38} height={33} rx={5} />
          <path d="M3 17h38M22 17v22M9 28h7M28 28h7" />
        </>
      )}
      {shape === 'bowl' && (
        <>
          <path d="M8 22a14 14 0 0 1 28 0z" />
          <path d="M6 24h32c0 9-7 15-16 15S6 33 6 24z" />
          <path d="M38 27h5" />
        </>
      )}
      {shape === 'oven' && (
        <>
          <rect x={3} y={6} width={38} height={32} rx={3} />
          <rect x={7} y={11} width={24} height={22} rx={2} />
          <path d="M7 18.5h24M7 26h24M36 14v0M36 22v0M36 30v0" strokeLinecap="round" />
        </>
      )}
    </svg>
  );
}
