import { expect, test, vi } from 'vitest';
import { ref } from 'vue';
import type { PracticeRecord, PractisedPage } from '../api/client';
import { usePractised } from './usePractised';

const step = { hands: 'left' as const, from: 0, to: 3 };
const gain = { percent: 60, rounds: 2, slips: 1, seconds: 40 };

/** A record that takes what is told once it is over. */
function practising(marks = 'abcdefgh') {
  const record = ref<PracticeRecord>({ pages: [] });
  const bars = ref([...marks]);
  const day = ref(new Date(2026, 10, 28, 18));
  const tell = vi.fn((page: PractisedPage, isOver: boolean) => {
    if (isOver) record.value = { pages: [...record.value.pages, page] };
  });
  return { record, bars, day, tell, ...usePractised({ record, tell }, bars, () => day.value) };
}

test('a day and a step have one entry, which grows', () => {
  const { note, kept, minutesToday, last } = practising();
  note(step, gain, true);
  note(step, { ...gain, percent: 55 }, true);
  expect(kept.value).toEqual([
    expect.objectContaining({
      day: '2026-11-28',
      ...step,
      percent: 60,
      rounds: 4,
      slips: 2,
      seconds: 80,
    }),
  ]);
  expect(minutesToday.value).toBe(1);
  expect(last.value).toBeUndefined();
});

test('what is told of one press has one name until it is over', () => {
  const { note, tell } = practising();
  note(step, gain, false);
  note(step, { ...gain, rounds: 3 }, true);
  note(step, gain, true);
  const [first, same, other] = tell.mock.calls.map(([page]) => page.steps[0]!.id);
  expect(same).toBe(first);
  expect(other).not.toBe(first);
});

test('what was done stays done on another day and when another device practises it, until it is unticked', () => {
  const { note, tick, isDone, reached, day, kept, record } = practising();
  note(step, { ...gain, percent: 80, seconds: 120 }, true);
  tick(step, true);
  day.value = new Date(2026, 10, 29);
  note(step, gain, true);
  expect(isDone(step)).toBe(true);
  expect(reached(step)).toBe(80);
  expect(kept.value).toHaveLength(2);
  const steps = [{ id: 'x', day: '2026-11-29', ...step, ...gain, done: null }];
  record.value = { pages: [...record.value.pages, { bars: [...'abcdefgh'], steps }] };
  expect(isDone(step)).toBe(true);
  tick(step, false);
  expect(isDone(step)).toBe(false);
  expect(isDone({ ...step, to: 4 })).toBe(false);
});

test('a record follows its bars, whatever was told since', () => {
  const { note, reached, bars, kept } = practising();
  note(step, gain, true);
  bars.value = [...'xyabcdefgh'];
  expect(reached(step)).toBe(0);
  expect(reached({ ...step, from: 2, to: 5 })).toBe(60);
  note({ ...step, from: 6, to: 9 }, gain, true);
  expect(kept.value.map(({ from }) => from)).toEqual([2, 6]);
  bars.value = [...'abcdefgh'];
  expect(reached(step)).toBe(60);
});
