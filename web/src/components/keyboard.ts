/** The drawn keys of a stretch of keyboard, in units of one white key's width. */
export interface DrawnKey {
  midi: number;
  black: boolean;
  x: number;
  width: number;
  /** Middle of the key. */
  middle: number;
}

const BLACK = [1, 3, 6, 8, 10];
const BLACK_WIDTH = 0.6;
/** Black keys do not stand in the middle between their neighbours, but lean to the outside of their group. */
const LEAN: Record<number, number> = { 1: -0.08, 3: 0.08, 6: -0.12, 8: 0, 10: 0.12 };

export const isBlack = (midi: number) => BLACK.includes(midi % 12);

/** White keys from low to high with the black ones between; both ends are made white. */
export function drawnKeys(low: number, high: number): DrawnKey[] {
  const from = isBlack(low) ? low - 1 : low;
  const to = isBlack(high) ? high + 1 : high;
  const keys: DrawnKey[] = [];
  let white = 0;
  for (let midi = from; midi <= to; midi++) {
    if (isBlack(midi)) {
      const x = white - BLACK_WIDTH / 2 + (LEAN[midi % 12] ?? 0);
      keys.push({ midi, black: true, x, width: BLACK_WIDTH, middle: x + BLACK_WIDTH / 2 });
    } else {
      keys.push({ midi, black: false, x: white, width: 1, middle: white + 0.5 });
      white++;
    }
  }
  return keys;
}

/** The octave in which a hand is at home, as MIDI numbers. */
export const HOME = { left: 48, right: 60 };

/** The stretch to show: all keys the hand plays and those where it is at home with a little room, two octaves at least. */
export function stretchFor(used: number[], home = HOME.left): [number, number] {
  let low = Math.min(home, ...used) - 2;
  let high = Math.max(home + 12, ...used) + 2;
  while (high - low < 28) {
    low--;
    if (high - low < 28) high++;
  }
  return [Math.max(21, low), Math.min(108, high)];
}

const LETTERS: Record<string, number> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 };

/** The next key of a letter above another one. */
export function keyAbove(letter: string, low: number): number {
  const semitone = LETTERS[letter.toUpperCase()] ?? 0;
  return low + 1 + ((((semitone - low - 1) % 12) + 12) % 12);
}

/** The key of a letter nearest to another key. */
export function keyOf(letter: string, near: number): number {
  const semitone = LETTERS[letter.toUpperCase()] ?? 0;
  const below = near - ((((near - semitone) % 12) + 12) % 12);
  return near - below <= 6 ? below : below + 12;
}
