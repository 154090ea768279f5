import { expect, test } from 'vitest';
import { computed, ref } from 'vue';
import type { Choices, PracticeStep } from '../api/client';
import { useWay } from './useWay';

const step = (hands: PracticeStep['hands'], from: number): PracticeStep => ({
  hands,
  from,
  to: from + 3,
  start: 60,
  goal: 100,
  by: 5,
  rounds: 3,
  minutes: 1,
  isWide: false,
  why: 'so it goes',
  word: '',
});

test('a step that is changed stays a climb, and takes as long as its rounds do', () => {
  const choices = ref({ way: [step('left', 0)] } as unknown as Choices);
  const way = useWay(choices, ref([]), ref([...'abcdefgh']));
  const now = () => way.steps.value[0]!;
  way.change(0, { rounds: 6 });
  expect(now().minutes).toBe(2);
  way.change(0, { goal: 50 });
  expect([now().start, now().goal]).toEqual([50, 50]);
  expect(now().minutes).toBeCloseTo(3.2);
  way.change(0, { start: 80 });
  expect([now().start, now().goal]).toEqual([80, 80]);
  expect(now().minutes).toBeCloseTo(2);
});

test("the way is the app's own until it is changed, and again when it is forgotten", () => {
  const path = ref([step('right', 0), step('bass', 0), step('left', 4)]);
  const bars = ref([...'abcdefgh']);
  const choices = ref({ way: [] } as unknown as Choices);
  const way = useWay(choices, path, bars);
  const hands = computed(() => way.steps.value.map((one) => one.hands).join(' '));
  expect(way.isOwn.value).toBe(false);
  way.move(2, -1);
  expect(hands.value).toBe('right left bass');
  expect(path.value[1]!.hands).toBe('bass');
  way.change(1, { word: 'slowly', goal: 90 });
  way.add(0, step('together', 4));
  way.remove(3);
  expect(hands.value).toBe('right together left');
  expect(choices.value.way.map(({ word }) => word)).toEqual(['', '', 'slowly']);
  expect(choices.value.way.map(({ goal }) => goal)).toEqual([100, 100, 90]);
  bars.value = [...'xabcdefgh'];
  expect(way.steps.value.map(({ from, to }) => [from, to])).toEqual([
    [1, 4],
    [5, 8],
    [5, 8],
  ]);
  way.forget();
  expect(hands.value).toBe('right bass left');
});
