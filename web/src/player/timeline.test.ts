import { describe, expect, it } from 'vitest';
import type { Arrangement } from '../api/client';
import { barsToPlay, timeline } from './timeline';

const note = (id: string, bar: number, onset: number) => ({
  id,
  bar,
  onset,
  chord: bar,
  duration: 1,
  midi: 48,
});

const tune = {
  barLength: 3,
  beatLength: 1,
  playingOrder: [0, 1, 0, 1, 2],
  notes: [note('a', 0, 0), note('b', 1, 1), note('c', 2, 0)],
} as unknown as Arrangement;

describe('barsToPlay', () => {
  it('plays repeats out from the chosen bar on', () => {
    expect(barsToPlay(tune, 1)).toEqual([1, 0, 1, 2]);
  });

  it('plays a range as it is written', () => {
    expect(barsToPlay(tune, 0, { from: 1, to: 2 })).toEqual([1, 2]);
  });
});

describe('timeline', () => {
  it('puts each note at its onset after the bars before it', () => {
    const { sounds, length } = timeline(tune, [1, 0]);
    expect(sounds.map((s) => [s.id, s.at])).toEqual([
      ['b', 1],
      ['a', 3],
    ]);
    expect(length).toBe(6);
  });

  it('clicks on every beat, the first of the bar strong', () => {
    const { clicks } = timeline({ ...tune, barLength: 3, beatLength: 1.5 }, [0]);
    expect(clicks).toEqual([
      { at: 0, strong: true },
      { at: 1.5, strong: false },
    ]);
  });
});
