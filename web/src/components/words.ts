/** A chord symbol as the chart writes it, with the printed signs. */
export const signed = (symbol: string) =>
  symbol.replace(/(^|\/)([A-H])b/g, '$1$2♭').replace(/#/g, '♯');

/** How near another chord for a bare tune comes to the best, by what it would cost the whole. */
export function nearness(price: number): string {
  if (price < 0.5) return 'as good';
  if (price < 1.5) return 'nearly as good';
  return price < 4 ? 'less usual' : 'unusual';
}

/** "bar 2", "bars 2–4 and 7": runs of three or more are drawn together. */
export function barsInWords(bars: number[]): string {
  const runs: number[][] = [];
  for (const bar of bars) {
    const run = runs.at(-1);
    if (run && run.at(-1) === bar - 1) run.push(bar);
    else runs.push([bar]);
  }
  const told = runs.flatMap((run) =>
    run.length < 3 ? run.map(String) : `${run[0]}–${run.at(-1)}`,
  );
  const listed = told.length > 1 ? `${told.slice(0, -1).join(', ')} and ${told.at(-1)}` : told[0];
  return `${bars.length === 1 ? 'bar' : 'bars'} ${listed}`;
}
