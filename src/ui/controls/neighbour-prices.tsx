/** A value near the one that is set, and what going there would change. */
export interface NeighbourPrice {
  readonly value: number;
  /** the value in the kitchen's own words */
  readonly word: string;
  readonly price: string;
}

/** What neighbouring values would change; touching one goes there. */
export function NeighbourPrices({
  prices,
  onTake,
}: {
  prices: readonly NeighbourPrice[];
  onTake: (value: number) => void;
}) {
  if (prices.length === 0) return null;
  return (
    /* room for the longest price from the start: nothing moves when it comes */
    <div className="@container">
      <div className="grid gap-x-4 @sm:grid-cols-2">
        {prices.map((price) => (
          <button
            key={price.value}
            type="button"
            onClick={() => onTake(price.value)}
            className="-my-1 min-h-11 min-w-11 text-left text-[13px] text-rim underline-offset-4 hover:underline"
          >
            <span className="font-semibold">{price.word}</span>: <span>{price.price}</span>
          </button>
        ))}
      </div>
    </div>
  );
}
