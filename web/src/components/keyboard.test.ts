import { describe, expect, it } from 'vitest';
import { Note } from 'tonal';
import { keyAbove, keyNamed, keyOf } from './keyboard';

describe('keys by their names', () => {
  it('are those of an independent library', () => {
    for (const name of ['C4', 'E2', 'Bb3', 'F#3', 'A0', 'Cb4', 'B#3']) {
      expect(keyNamed(name)).toBe(Note.midi(name));
    }
    expect(keyNamed('B♭3')).toBe(58);
  });

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
