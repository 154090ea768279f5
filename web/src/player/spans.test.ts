import { expect, test } from 'vitest';
import type { Arrangement } from '../api/client';
import { spanAt, spanBetween } from './spans';

const bar = (section = '', endsLine = false) => ({
  length: 4,
  beatLength: 1,
  offset: 0,
  section,
  endsLine,
});
const bars = [
  { ...bar('A'), length: 1, offset: 3 },
  bar(),
  bar('', true),
  bar(),
  bar('B', false),
  bar('', true),
];
const chords = [0, 1, 2, 3, 4, 5].map((at) => ({ bar: at, onset: 0, duration: bars[at]!.length }));
chords.splice(3, 0, { bar: 2, onset: 2.5, duration: 1.5 });
const tune = { bars, chords } as unknown as Arrangement;

test('a span is what stands about a chord', () => {
  expect(spanAt(tune, 'bar', 1)).toEqual({ from: 1, to: 1 });
  expect(spanAt(tune, 'two', 6)).toEqual({ from: 5, to: 5 });
  expect(spanAt(tune, 'line', 1)).toEqual({ from: 0, to: 2 });
  expect(spanAt(tune, 'line', 4)).toEqual({ from: 3, to: 5 });
  expect(spanAt(tune, 'section', 4)).toEqual({ from: 0, to: 3 });
  expect(spanAt(tune, 'section', 6)).toEqual({ from: 4, to: 5 });
});

test('a beat is that of a full bar', () => {
  expect(spanAt(tune, 'beat', 3)).toEqual({ from: 2, to: 2, begin: 2, end: 3 });
  expect(spanAt(tune, 'beat', 0)).toEqual({ from: 0, to: 0, begin: 0, end: 1 });
});

test('two taps reach over a bar line, in either order', () => {
  const over = { from: 2, to: 3, begin: 2.5, end: 4 };
  expect(spanBetween(tune, 3, 4)).toEqual(over);
  expect(spanBetween(tune, 4, 3)).toEqual(over);
});
