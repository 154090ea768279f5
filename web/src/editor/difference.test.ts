import { describe, expect, it } from 'vitest';
import { difference } from './difference';

describe('difference', () => {
  it.each([
    ['| C | F |', '| C | F |', undefined],
    ['| C | F |', '| C | G |', { from: 6, to: 7, insert: 'G' }],
    ['', '| C |', { from: 0, to: 0, insert: '| C |' }],
    ['| C |', '', { from: 0, to: 5, insert: '' }],
    ['aa', 'aaa', { from: 2, to: 2, insert: 'a' }],
    ['aaa', 'aa', { from: 2, to: 3, insert: '' }],
  ])('from %j to %j', (before, after, expected) => {
    expect(difference(before, after)).toEqual(expected);
  });

  it('makes the one text of the other', () => {
    for (const [before, after] of [
      ['title: A\n| C |', 'title: B\n| C | F |'],
      ['| C | C | C |', '| C | C |'],
      ['abcabc', 'abc'],
    ] as const) {
      const { from, to, insert } = difference(before, after)!;
      expect(before.slice(0, from) + insert + before.slice(to)).toBe(after);
    }
  });
});
