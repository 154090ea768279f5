import { computed, ref } from 'vue';
import type { PracticeStep } from '../api/client';

/** From which tempo to which, in per cent of the tune's, by how much and after how many rounds. */
export type Rungs = Pick<PracticeStep, 'start' | 'goal' | 'by' | 'rounds'>;

const SLIPS = 2;
const BACK = 2;

/** Slow before fast: a rung up after so many clean rounds, two down after two slips. */
export function useLadder() {
  const rungs = ref<Rungs>({ start: 100, goal: 100, by: 5, rounds: 3 });
  const percent = ref(100);
  const clean = ref(0);
  const slips = ref(0);
  /** Whether the round that goes on is no longer clean. */
  const slipped = ref(false);
  const reached = computed(
    () => percent.value >= rungs.value.goal && clean.value >= rungs.value.rounds,
  );

  function begin(other: Rungs) {
    rungs.value = other;
    percent.value = other.start;
    clean.value = 0;
    slips.value = 0;
    slipped.value = false;
  }

  function slip() {
    slipped.value = true;
    clean.value = 0;
    slips.value++;
    if (slips.value < SLIPS) return;
    slips.value = 0;
    percent.value = Math.max(rungs.value.start, percent.value - BACK * rungs.value.by);
  }

  /** It is played again from the beginning of a round. */
  const again = () => void (slipped.value = false);

  /** A round is over; whether it was clean. */
  function round(): boolean {
    const isClean = !slipped.value;
    slipped.value = false;
    if (!isClean) return false;
    clean.value++;
    if (clean.value < rungs.value.rounds || percent.value >= rungs.value.goal) return true;
    percent.value = Math.min(rungs.value.goal, percent.value + rungs.value.by);
    clean.value = 0;
    slips.value = 0;
    return true;
  }

  return { rungs, percent, clean, reached, begin, again, slip, round };
}
