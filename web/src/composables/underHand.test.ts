import { describe, expect, it } from 'vitest';
import type { ArrangedChord } from '../api/client';
import { heardBy, loudness } from '../player/parts';
import { underHand } from './underHand';

const chord = { keys: [{ midi: 52 }, { midi: 48 }, { midi: 55 }] } as ArrangedChord;
const keys = (hands?: Parameters<typeof heardBy>[0], gone: string[] = []) =>
  underHand(
    chord,
    { grey: new Set(), gone: new Set(gone), nameless: false },
    hands && loudness(heardBy(hands)),
  )?.keys.map(({ midi }) => midi);

describe('underHand', () => {
  it('is the whole chord where both hands or the left play', () => {
    expect(keys()).toEqual([52, 48, 55]);
    expect(keys('together')).toEqual([52, 48, 55]);
    expect(keys('left')).toEqual([52, 48, 55]);
  });

  it('is the lowest key where the bass is alone', () => expect(keys('bass')).toEqual([48]));

  it('is nothing where the right hand is alone, or where it is played by heart', () => {
    expect(keys('right')).toBeUndefined();
    expect(keys(undefined, ['n1'])).toBeUndefined();
  });
});
