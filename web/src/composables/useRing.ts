import type { Alternative, ArrangedChord } from '../api/client';

/**
 * Goes round the ways to play a chord, one key press after another: the ways there were at the first
 * press, back to the first after the last.
 */
export function useRing() {
  let place = '';
  let ring: string[][] = [];

  return function next(chord: ArrangedChord, others: Alternative[]): string[] {
    const now = chord.keys.map((key) => key.pitch);
    const here = `${chord.bar} ${chord.start} ${chord.symbol}`;
    let at = ring.findIndex((pitches) => pitches.join() === now.join());
    if (place !== here || at < 0) {
      place = here;
      ring = [now, ...others.map((other) => other.pitches)];
      at = 0;
    }
    return ring[(at + 1) % ring.length]!;
  };
}
