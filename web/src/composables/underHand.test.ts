import { describe, expect, it } from 'vitest';
import type { Arrangement } from '../api/client';
import { heardBy, loudness } from '../player/parts';
import { underHand } from './underHand';

const tune = {
  chords: [{ keys: [{ midi: 52 }, { midi: 48 }, { midi: 55 }] }, { keys: [{ midi: 53 }] }],
  melody: [
    { chord: 0, midi: 72 },
    { chord: 0, midi: 76 },
    { chord: 1, midi: 74 },
  ],
} as Arrangement;
const under = (hands?: Parameters<typeof heardBy>[0], gone: string[] = []) =>
  underHand(
    tune,
    0,
    { grey: new Set(), gone: new Set(gone), nameless: false },
    hands && loudness(heardBy(hands)),
  );
const keys = (...of: Parameters<typeof under>) => under(...of).chord?.keys.map(({ midi }) => midi);

describe('underHand', () => {
  it('is the whole chord where both hands or the left play', () => {
    expect(keys()).toEqual([52, 48, 55]);
    expect(keys('together')).toEqual([52, 48, 55]);
    expect(keys('left')).toEqual([52, 48, 55]);
    expect(under('left').used).toEqual([52, 48, 55, 53]);
  });

  it('is the lowest key where the bass is alone', () => expect(keys('bass')).toEqual([48]));

  it('is where the tune goes on, among the keys of the tune, where the right hand is alone', () => {
    expect(keys('right')).toEqual([72]);
    expect(under('right')).toMatchObject({ isTune: true, used: [72, 76, 74] });
  });

  it('is nothing where it is played by heart', () =>
    expect(keys(undefined, ['n1'])).toBeUndefined());
});
