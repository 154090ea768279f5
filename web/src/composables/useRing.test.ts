import { describe, expect, it } from 'vitest';
import type { Alternative, ArrangedChord } from '../api/client';
import { useRing } from './useRing';

const chord = (bar: number, keys: string, ...others: string[]): [ArrangedChord, Alternative[]] => [
  {
    bar,
    start: '0',
    symbol: 'C',
    keys: keys.split(' ').map((pitch) => ({ pitch })),
  } as unknown as ArrangedChord,
  others.map((other) => ({ pitches: other.split(' ') }) as Alternative),
];

describe('useRing', () => {
  it('goes round all ways and comes back to the first', () => {
    const next = useRing();
    expect(next(...chord(1, 'C3 E3 G3', 'E3 G3 C4', 'G3 C4 E4'))).toEqual(['E3', 'G3', 'C4']);
    // What the server offers next is sorted anew; the ring stays.
    expect(next(...chord(1, 'E3 G3 C4', 'C3 E3 G3'))).toEqual(['G3', 'C4', 'E4']);
    expect(next(...chord(1, 'G3 C4 E4', 'E3 G3 C4'))).toEqual(['C3', 'E3', 'G3']);
  });

  it('begins anew at another chord', () => {
    const next = useRing();
    next(...chord(1, 'C3 E3 G3', 'E3 G3 C4'));
    expect(next(...chord(2, 'E3 G3 C4', 'G2 C3 E3'))).toEqual(['G2', 'C3', 'E3']);
  });

  it('stays where there is no other way', () => {
    expect(useRing()(...chord(1, 'C3 E3 G3'))).toEqual(['C3', 'E3', 'G3']);
  });
});
