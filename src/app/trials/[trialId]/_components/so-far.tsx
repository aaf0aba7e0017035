import type { Pick, Trial } from '@/schemas/trial';

/** What was said in the pairs that are opened. */
export function SoFar({ trial }: { trial: Trial }) {
  const words: Record<Pick, string> = { one: trial.wordOne, other: trial.wordOther, alike: 'alike' };
  const rows = trial.pairs.flatMap(({ pair, tastings, peeked }) =>
    tastings.map((tasting) => ({ ...tasting, pair, peeked })),
  );
  return (
    <section aria-labelledby="so-far" className="min-w-0">
      <h2 id="so-far" className="text-[20px]">
        So far{' '}
        <span className="font-text text-[14px] font-normal text-iron-soft">
          {rows.length === 1 ? 'one tasting' : `${rows.length} tastings`}, opened
        </span>
      </h2>
      {rows.length === 0 ? (
        <p className="mt-2 text-[15px] text-iron-soft">A pair is opened once both have tasted it.</p>
      ) : (
        <table className="mt-2 w-full text-left text-[15px] [&_td]:py-1.5 [&_td]:pr-3 [&_th]:py-1.5 [&_th]:pr-3 [&_th]:font-normal [&_tr]:border-b [&_tr]:border-enamel-deep">
          <thead className="text-iron-soft">
            <tr>
              <th scope="col">
                <span className="sr-only">Pair and taster</span>
              </th>
              <th scope="col">crisper</th>
              <th scope="col">rather eat</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ pair, taster, crisper, rather, peeked }) => (
              <tr key={`${pair} ${taster}`}>
                <th scope="row">
                  Pair {pair}, {taster}
                  {peeked && taster === 'A' ? ' (one of you knew)' : ''}
                </th>
                <td>{words[crisper]}</td>
                <td>{words[rather]}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
