import { expect, test } from 'vitest';
import { useLadder } from './useLadder';

const rungs = { start: 60, goal: 70, by: 5, rounds: 2 };

test('a rung up after so many clean rounds, until the goal', () => {
  const ladder = useLadder();
  ladder.begin(rungs);
  ladder.round();
  expect(ladder.percent.value).toBe(60);
  ladder.round();
  expect(ladder.percent.value).toBe(65);
  ladder.round();
  ladder.round();
  expect(ladder.percent.value).toBe(70);
  expect(ladder.reached.value).toBe(false);
  ladder.round();
  ladder.round();
  expect(ladder.percent.value).toBe(70);
  expect(ladder.reached.value).toBe(true);
});

test('a slip spoils its round, and two of them lead two rungs down, never below the beginning', () => {
  const ladder = useLadder();
  ladder.begin({ start: 60, goal: 100, by: 5, rounds: 1 });
  for (let i = 0; i < 4; i++) ladder.round();
  expect(ladder.percent.value).toBe(80);
  ladder.slip();
  ladder.round();
  expect(ladder.percent.value).toBe(80);
  expect(ladder.clean.value).toBe(0);
  ladder.slip();
  expect(ladder.percent.value).toBe(70);
  ladder.slip();
  ladder.slip();
  ladder.slip();
  ladder.slip();
  expect(ladder.percent.value).toBe(60);
});
