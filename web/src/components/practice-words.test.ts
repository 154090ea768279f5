import { expect, it } from 'vitest';
import { stepsForToday } from './practice-words';

const steps = [4, 6, 7, 2].map((minutes) => ({ minutes }));
const today = (practised: number, of = steps) =>
  stepsForToday(of, practised).map(({ minutes }) => minutes);

it('is what a quarter of an hour holds, in its order', () => {
  expect(today(0)).toEqual([4, 6]);
  expect(today(9)).toEqual([4]);
});

it('is one step at least, however long, and none where enough was practised', () => {
  expect(today(0, [{ minutes: 40 }])).toEqual([40]);
  expect(today(14)).toEqual([4]);
  expect(today(15)).toEqual([]);
});
