import { describe, expect, it } from 'vitest';
import { ref } from 'vue';
import type { Arrangement } from '../api/client';
import { foreignNotes, useChordMarks } from './useChordMarks';

const chord = (bar: number, symbol: string, rest = {}) => ({
  bar,
  count: 1,
  symbol,
  guess: false,
  numeral: { roman: 'I', figures: '', of: null },
  ...rest,
});

/** Three chords in a pickup and two bars, with two known rows, a close and three notes of the tune. */
const tune = {
  bars: [{ number: 0 }, { number: 1 }, { number: 2 }],
  chords: [
    chord(0, 'G7', { count: 4, numeral: { roman: 'V', figures: '7', of: null } }),
    chord(1, 'C', { guess: true }),
    chord(2, 'E7', { numeral: { roman: 'V', figures: '7', of: 'vi' } }),
  ],
  findings: [{ chord: 2 }],
  melody: [{ id: 'm0' }, { id: 'm1' }, { id: 'm2' }],
  analysis: {
    progressions: [
      { name: 'circle of fifths', from: 0, to: 2 },
      { name: 'pedal point', from: 0, to: 3 },
      { name: 'turnaround', from: 2, to: 3 },
    ],
    cadences: [{ chord: 1, word: 'perfect authentic' }],
    tune: [
      { kind: 'CHORD_TONE', stressed: false },
      { kind: 'PASSING', stressed: false },
      { kind: 'SUSPENSION', stressed: true },
    ],
  },
} as unknown as Arrangement;

const marks = (chosen: number, loop?: { from: number; to: number }) =>
  useChordMarks(
    ref(tune),
    () => chosen,
    () => loop,
  );

describe('useChordMarks', () => {
  it('says a chord as a teacher calls it: bar, count, name, numeral', () => {
    const { name } = marks(0);
    expect(name(0)).toBe('Pickup, count 4: G7, V7');
    expect(name(1)).toBe('Bar 1, count 1: C, a guess, I');
    expect(name(2)).toBe('Bar 2, count 1: E7, V7 of vi');
    expect(name(9)).toBe('');
  });

  it('rules only the rows that the chosen chord is part of, each named where it begins', () => {
    expect([...marks(1).inRow.value]).toEqual([0, 1, 2]);
    expect([...marks(1).rowNames.value]).toEqual([[0, 'circle of fifths, pedal point']]);
    expect([...marks(2).rowNames.value]).toEqual([
      [0, 'pedal point'],
      [2, 'turnaround'],
    ]);
  });

  it('marks what is to be minded, how phrases close, and what is looped', () => {
    const { flagged, closes, inLoop } = marks(0, { from: 1, to: 1 });
    expect([...flagged.value]).toEqual([2]);
    expect([...closes.value]).toEqual([[1, 'authentic']]);
    expect([0, 1, 2].map((one) => Boolean(inLoop(one)))).toEqual([false, true, false]);
    expect(marks(0).inLoop(1)).toBeFalsy();
  });

  it('knows the foreign notes of the tune, and which of them to bring out', () => {
    expect([...foreignNotes(tune)]).toEqual([
      ['m1', false],
      ['m2', true],
    ]);
  });

  it('has nothing to show before there is a tune', () => {
    const { flagged, inRow, rowNames, name } = useChordMarks(
      ref(undefined),
      () => 0,
      () => undefined,
    );
    expect(flagged.value.size + inRow.value.size + rowNames.value.size).toBe(0);
    expect(name(0)).toBe('');
  });
});
