import { expect, test } from 'vitest';
import { followed } from './follow';

/** Where bars 3 to 6 of eight are, told as "from-to" from 1, after something was done to the tune. */
const AFTER: [what: string, before: string, now: string, where: string][] = [
  ['nothing', 'abcdefgh', 'abcdefgh', '3-6'],
  ['two bars before them', 'abcdefgh', 'xyabcdefgh', '5-8'],
  ['a bar before them gone', 'abcdefgh', 'bcdefgh', '2-5'],
  ['another chord in one of them', 'abcdefgh', 'abcdXfgh', '3-6'],
  ['another first bar of them', 'abcdefgh', 'abXdefgh', '3-6'],
  ['moved to another key', 'abcdefgh', 'ABCDEFGH', '3-6'],
  ['their line to the end', 'abcdefgh', 'abghcdef', '5-8'],
  ['a bar among them', 'abcdefgh', 'abcxdefgh', '3-7'],
  ['one of them gone', 'abcdefgh', 'abcefgh', '3-5'],
  ['all of them gone', 'abcdefgh', 'abgh', 'gone'],
  ['all gone', 'abcdefgh', 'x', 'gone'],
  ['bars behind them gone', 'abcdefgh', 'abcdef', '3-6'],
  ['alike bars about them', 'aabbccaa', 'aaabbccaa', '4-7'],
];
test.each(AFTER)('steps follow their bars: %s', (_, before, now, where) => {
  const [{ from, to }] = followed([{ from: 2, to: 5 }], [...before], [...now]) as [
    { from: number; to: number },
  ];
  expect(from < 0 ? 'gone' : `${from + 1}-${to + 1}`).toBe(where);
});

test('what is not known stays where it is, and what is gone stays gone', () => {
  const steps = [{ from: 2, to: 5 }];
  expect(followed(steps, [], ['a'])).toBe(steps);
  expect(followed(steps, ['a'], [])).toBe(steps);
  expect(followed([{ from: -1, to: -1 }], ['a', 'b'], ['b', 'a'])).toEqual([{ from: -1, to: -1 }]);
});
