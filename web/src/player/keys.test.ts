import { describe, expect, it } from 'vitest';
import { onOnePiano } from './keys';

/** Keys as "key from-to", as they are struck: a piano has one string for both hands (common practice). */
const struck = (...keys: [midi: number, at: number, to: number][]) =>
  onOnePiano(
    keys.map(([midi, at, to], i) => ({
      id: `${i}`,
      chord: 0,
      midi,
      at,
      duration: to - at,
      loudness: i,
      call: '',
    })),
  )
    .filter(({ seen }) => !seen)
    .map(({ midi, at, duration }) => `${midi} ${at}-${at + duration}`);

describe('a key under two hands', () => {
  it('comes up before it is struck again, and stays down for whoever holds it longest', () => {
    expect(struck([60, 0, 4], [60, 1, 2])).toEqual(['60 0-1', '60 1-4']);
    expect(struck([60, 0, 4], [60, 1, 2], [60, 3, 4])).toEqual(['60 0-1', '60 1-3', '60 3-4']);
    expect(struck([60, 0, 2], [60, 1, 4])).toEqual(['60 0-1', '60 1-4']);
  });
  it('is struck once where both want it together', () => {
    expect(struck([60, 0, 4], [60, 0, 1])).toEqual(['60 0-4']);
    expect(struck([60, 0, 1], [60, 0, 4], [60, 2, 3])).toEqual(['60 0-2', '60 2-4']);
  });
  it('is left alone where they follow one another or play other keys', () => {
    expect(struck([60, 0, 1], [60, 1, 2])).toEqual(['60 0-1', '60 1-2']);
    expect(struck([60, 0, 4], [62, 1, 2])).toEqual(['60 0-4', '62 1-2']);
  });
  it('is struck as loud as the louder of both', () => {
    const both = [0.2, 0.9].map((loudness, i) => ({
      id: `${i}`,
      chord: 0,
      midi: 60,
      at: 0,
      duration: 1,
      loudness,
      call: '',
    }));
    expect(onOnePiano(both)[0]!.loudness).toBe(0.9);
  });
});
