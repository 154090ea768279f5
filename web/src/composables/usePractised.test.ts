import { expect, test } from 'vitest';
import { ref } from 'vue';
import type { PracticeRecord } from '../api/client';
import { usePractised } from './usePractised';

const step = { hands: 'left' as const, from: 0, to: 3 };
const bars = ref([...'abcdefgh']);
const gain = { percent: 60, rounds: 2, slips: 1, seconds: 40 };

test('a day and a step have one entry, which grows', () => {
  const kept = ref<PracticeRecord>({ steps: [], bars: [] });
  const record = usePractised(kept, bars, () => new Date(2026, 10, 29, 18));
  record.note(step, gain);
  record.note(step, { ...gain, percent: 55 });
  expect(kept.value.steps).toEqual([
    { day: '2026-11-29', ...step, percent: 60, rounds: 4, slips: 2, seconds: 80, done: false },
  ]);
  expect(record.minutesToday.value).toBe(1);
  expect(record.last.value).toBeUndefined();
});

test('what was done stays done on another day, and its best tempo is told', () => {
  const kept = ref<PracticeRecord>({ steps: [], bars: [] });
  let day = new Date(2026, 10, 28);
  const record = usePractised(kept, bars, () => day);
  record.note(step, { ...gain, percent: 80, seconds: 120 });
  record.tick(step, true);
  day = new Date(2026, 10, 29);
  record.note(step, gain);
  expect(record.isDone(step)).toBe(true);
  expect(record.reached(step)).toBe(80);
  expect(kept.value.steps).toHaveLength(2);
  record.tick(step, false);
  expect(record.isDone(step)).toBe(false);
  expect(record.isDone({ ...step, to: 4 })).toBe(false);
});

test('a press without a round is no practising', () => {
  const kept = ref<PracticeRecord>({ steps: [], bars: [] });
  usePractised(kept, bars).note(step, { percent: 50, rounds: 0, slips: 0, seconds: 3 });
  expect(kept.value.steps).toEqual([]);
});

test('a record follows its bars, also where it grows at another place', () => {
  const kept = ref<PracticeRecord>({ steps: [], bars: [] });
  const marks = ref([...'abcdefgh']);
  const record = usePractised(kept, marks);
  record.note(step, gain);
  marks.value = [...'xyabcdefgh'];
  expect(record.reached(step)).toBe(0);
  expect(record.reached({ ...step, from: 2, to: 5 })).toBe(60);
  record.note({ ...step, from: 6, to: 9 }, gain);
  expect(kept.value.steps.map(({ from }) => from)).toEqual([2, 6]);
  expect(kept.value.bars).toEqual(marks.value);
});
