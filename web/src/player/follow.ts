import { diffArrays } from 'diff';

interface Place {
  from: number;
  to: number;
}

const GONE = -1;

/** Where each bar of before is now, by marks of what they hold; -1 where it is gone. A bar that is changed in its place stays itself. */
function movesOf(before: string[], now: string[]): number[] {
  const moves: number[] = [];
  let at = 0;
  /** Bars that are gone, unless as many come in their place. */
  let lost = 0;
  for (const { added, removed, count } of diffArrays(before, now)) {
    if (removed) {
      lost = count;
      continue;
    }
    const isChanged = added && lost === count;
    if (added && !isChanged) {
      at += count;
      continue;
    }
    if (!isChanged) for (; lost > 0; lost--) moves.push(GONE);
    lost = 0;
    for (let i = 0; i < count; i++) moves.push(at++);
  }
  for (; lost > 0; lost--) moves.push(GONE);
  return moves;
}

/** The places where they are now: from the first to the last of their bars that are still there. */
export function followed<T extends Place>(places: T[], before: string[], now: string[]): T[] {
  if (!before.length || !now.length || before.join() === now.join()) return places;
  const moves = movesOf(before, now);
  return places.map((place) => {
    const here = moves.slice(place.from, place.to + 1).filter((bar) => bar !== GONE);
    const isGone = place.from === GONE || !here.length;
    return { ...place, from: isGone ? GONE : here[0]!, to: isGone ? GONE : here.at(-1)! };
  });
}
