import { describe, expect, it } from 'vitest';
import type { Arrangement } from '../api/client';
import { heardBy, memorised, silentNotes } from './parts';

const note = (id: string, chord: number, bar: number, more = {}) => ({ id, chord, bar, ...more });
const tune = {
  bars: [
    { index: 0, section: 'A' },
    { index: 1, section: '' },
    { index: 2, section: 'B' },
  ],
  chords: [0, 1, 2].map((bar) => ({ index: bar, bar })),
  notes: [
    note('n0-0', 0, 0, { bass: true }),
    note('n0-1', 0, 0),
    note('n1-0', 1, 1, { bass: true }),
    note('n1-1', 1, 1, { right: true }),
    note('n2-0', 2, 2, { bass: true }),
  ],
  melody: [note('m0-0', 0, 0)],
} as unknown as Arrangement;
const all = { from: 0, to: 2 };

describe('what is silent', () => {
  it('is what other hands play', () => {
    const silent = (hands: Parameters<typeof heardBy>[0]) =>
      [...silentNotes(tune, heardBy(hands))].join(' ');
    expect(silent('together')).toBe('');
    expect(silent('tune')).toBe('n0-0 n0-1 n1-0 n1-1 n2-0');
    expect(silent('right')).toBe('n0-0 n0-1 n1-0 n2-0');
    expect(silent('bass')).toBe('n0-1 n1-1 m0-0');
    expect(silent('left')).toBe('n1-1 m0-0');
    expect(silent('filler')).toBe('n0-0 n0-1 n1-0 n2-0 m0-0');
  });
});

describe('by heart', () => {
  const gone = (...how: [Parameters<typeof memorised>[1], number, typeof all]) =>
    [...memorised(tune, ...how).gone].join(' ');
  it('the first chord of each section is seen', () => {
    expect(gone('sections', 0, all)).toBe('n1-0 n1-1');
  });

  it('less is seen, step by step, and only in the bars that go round', () => {
    expect(gone('fading', 0, all)).toBe('');
    expect(gone('fading', 1, all)).toBe('n0-1 n1-1');
    expect(gone('fading', 2, { from: 1, to: 1 })).toBe('n1-0 n1-1');
    expect(memorised(tune, 'fading', 2, all).nameless).toBe(false);
    expect(memorised(tune, 'fading', 3, all).nameless).toBe(true);
    expect(gone('shown', 3, all)).toBe('');
  });
});
