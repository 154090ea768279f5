import { expect, test, vi } from 'vitest';
import { nextTick, ref } from 'vue';
import type { PracticeStep } from '../api/client';
import type { BarRange } from '../player/timeline';
import { useLadder } from './useLadder';
import { usePlayedRounds } from './usePlayedRounds';

function practising() {
  let time = 0;
  const step = { hands: 'left', from: 0, to: 3, start: 60, goal: 100, by: 5, rounds: 1 };
  const player = {
    state: ref<'still' | 'loading' | 'playing'>('still'),
    rounds: ref(0),
    loop: ref<BarRange>(),
  };
  const ladder = useLadder();
  ladder.begin(step as PracticeStep);
  const note = vi.fn();
  const student = ref(1);
  const onClean = vi.fn();
  const now = ref(step as PracticeStep);
  const played = usePlayedRounds({
    player,
    now,
    student,
    record: { note },
    ladder,
    onClean,
    clock: () => time,
  });
  const set = async (state: 'still' | 'playing') => {
    player.state.value = state;
    await nextTick();
  };
  const round = async (seconds: number) => {
    time += 1000 * seconds;
    player.rounds.value++;
    await nextTick();
  };
  return { ...played, player, student, note, onClean, set, round };
}

test('a tempo is reached by a clean round alone', async () => {
  const { set, round, slip, note, onClean } = practising();
  await set('playing');
  slip();
  await set('still');
  expect(note).toHaveBeenLastCalledWith(
    expect.objectContaining({ from: 0 }),
    expect.objectContaining({ percent: 0, rounds: 0, slips: 1 }),
    true,
  );
  await set('playing');
  await round(10);
  await round(10);
  slip();
  await round(10);
  await set('still');
  // A slip spoils its own round, and none after a new beginning.
  expect(note).toHaveBeenLastCalledWith(
    expect.anything(),
    expect.objectContaining({ percent: 65, rounds: 3, slips: 1, seconds: 30 }),
    true,
  );
  expect(onClean).toHaveBeenCalledTimes(2);
});

test('a beat of a bar is no bar, and what another one plays is not theirs', async () => {
  const { set, round, player, student, note } = practising();
  player.loop.value = { from: 0, to: 0, begin: 0, end: 1 };
  await set('playing');
  await round(2);
  await set('still');
  expect(note).toHaveBeenLastCalledWith(
    expect.anything(),
    expect.objectContaining({ percent: 0, rounds: 1 }),
    true,
  );
  note.mockClear();
  await set('playing');
  student.value = 2;
  await set('still');
  expect(note).not.toHaveBeenCalled();
});

test('each round is told as it ends, so that a page that is closed loses none', async () => {
  const { set, round, note } = practising();
  await set('playing');
  await round(10);
  await round(10);
  expect(note.mock.calls.map(([, gain, isOver]) => [gain.rounds, gain.seconds, isOver])).toEqual([
    [1, 10, false],
    [2, 20, false],
  ]);
});

test('a press without a round is no practising', async () => {
  const { set, note } = practising();
  await set('playing');
  await set('still');
  expect(note).not.toHaveBeenCalled();
});

test('a hand that is wide open rests after a minute', async () => {
  const { set, round, rests } = practising();
  await set('playing');
  await round(50);
  expect(rests.value).toBe(false);
  await round(15);
  expect(rests.value).toBe(true);
  await set('still');
  await set('playing');
  expect(rests.value).toBe(false);
});
