/** A chord symbol as the chart writes it, with the printed signs. */
export const signed = (symbol: string) =>
  symbol.replace(/(^|\/)([A-H])b/g, '$1$2♭').replace(/#/g, '♯');

/** How near another chord for a bare tune comes to the best, by what it would cost the whole. */
export function nearness(price: number): string {
  if (price < 0.5) return 'as good';
  if (price < 1.5) return 'nearly as good';
  return price < 4 ? 'less usual' : 'unusual';
}
