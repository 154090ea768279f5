import { expect, test } from 'vitest';
import { barName, tempoWords } from './words';

// Metronome marks as they are engraved (any primer of notation).
test('a tempo names its beat', () => {
  expect(tempoWords(1, 84)).toBe('♩ = 84');
  expect(tempoWords(1.5, 60)).toBe('♩. = 60');
  expect(tempoWords(2, 72)).toBe('half note = 72');
});

test('what comes before the first bar is the pickup', () => {
  expect(barName(0)).toBe('Pickup');
  expect(barName(1)).toBe('Bar 1');
});
