import { Note } from 'tonal';
import { describe, expect, it } from 'vitest';
import { drawnKeys, HOME, keyAbove, keyOf, stretchFor } from './keyboard';

describe('drawnKeys', () => {
  it('draws an octave as seven white and five black keys', () => {
    const keys = drawnKeys(48, 59);
    expect(keys.filter((key) => !key.black)).toHaveLength(7);
    expect(keys.filter((key) => key.black).map((key) => key.midi % 12)).toEqual([1, 3, 6, 8, 10]);
  });

  it('begins and ends on white keys', () => {
    const keys = drawnKeys(49, 58);
    expect(keys[0]!.midi).toBe(48);
    expect(keys.at(-1)!.midi).toBe(59);
  });

  it('puts each black key over the gap between its neighbours', () => {
    for (const key of drawnKeys(36, 72).filter((k) => k.black)) {
      expect(Math.abs(key.middle - Math.round(key.middle))).toBeLessThan(0.2);
    }
  });
});

describe('stretchFor', () => {
  it('shows every key used, and two octaves at least', () => {
    const [low, high] = stretchFor([50, 52]);
    expect(low).toBeLessThan(48);
    expect(high - low).toBeGreaterThanOrEqual(24);
    expect(stretchFor([40, 70])).toEqual([38, 72]);
    // A tune of its own, where the right hand is at home.
    expect(stretchFor([76, 81], HOME.right)).toEqual([56, 84]);
  });
});

describe('keys by their names', () => {
  it('come nearest to another, or next above it', () => {
    for (let near = 40; near < 52; near++) {
      for (const letter of 'CDEFGAB') {
        const key = keyOf(letter, near);
        expect(Note.pitchClass(Note.fromMidi(key))).toBe(letter);
        expect(Math.abs(key - near)).toBeLessThanOrEqual(6);
        const above = keyAbove(letter, near);
        expect(Note.pitchClass(Note.fromMidi(above))).toBe(letter);
        expect(above - near).toBeGreaterThan(0);
        expect(above - near).toBeLessThanOrEqual(12);
      }
    }
  });
});
