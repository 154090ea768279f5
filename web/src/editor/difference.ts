/** The one stretch in which a text differs from another, so that all around it, the caret too, stays; none where none. */
export function difference(before: string, after: string) {
  if (before === after) return undefined;
  const shorter = Math.min(before.length, after.length);
  let from = 0;
  while (from < shorter && before[from] === after[from]) from++;
  let same = 0;
  while (same < shorter - from && before.at(-1 - same) === after.at(-1 - same)) same++;
  return { from, to: before.length - same, insert: after.slice(from, after.length - same) };
}
