import { expect, it } from 'vitest';
import { barsInWords } from './words';

it.each([
  [[2], 'bar 2'],
  [[2, 3], 'bars 2 and 3'],
  [[2, 3, 4, 7], 'bars 2–4 and 7'],
  [[1, 4, 5, 6, 7, 12], 'bars 1, 4–7 and 12'],
])('says %j as %s', (bars, words) => expect(barsInWords(bars)).toBe(words));
