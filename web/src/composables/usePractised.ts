import { computed, type Ref } from 'vue';
import type { Practised, PracticeRecord, PracticeStep } from '../api/client';
import { followed } from '../player/follow';

type Step = Pick<PracticeStep, 'hands' | 'from' | 'to'>;
type Gain = Pick<Practised, 'percent' | 'rounds' | 'slips' | 'seconds'>;

const NOTHING: Gain = { percent: 0, rounds: 0, slips: 0, seconds: 0 };
/** The day by this device's calendar, as ISO 8601 has it. */
const dayOf = (date: Date) => date.toLocaleDateString('sv');

/** Whether two are one step. */
export const isSame = (one: Step, other: Step) =>
  one.hands === other.hands && one.from === other.from && one.to === other.to;

/** The record of what was practised: one entry for each step and day. */
export function usePractised(
  record: Ref<PracticeRecord>,
  bars: Ref<string[]>,
  now = () => new Date(),
) {
  /** What is kept, at the bars as they are now. */
  const kept = computed(() => followed(record.value.steps, record.value.bars, bars.value));
  const of = (step: Step) => kept.value.filter((one) => isSame(one, step));
  const isDone = (step: Step) => of(step).at(-1)?.done ?? false;
  /** The highest tempo that was reached, in per cent; 0 where it was not played yet. */
  const reached = (step: Step) => Math.max(0, ...of(step).map(({ percent }) => percent));

  function change(step: Step, how: (entry: Practised) => Practised) {
    const day = dayOf(now());
    const today = of(step).find((one) => one.day === day);
    const { hands, from, to } = step;
    const entry = how(today ?? { ...NOTHING, day, hands, from, to, done: isDone(step) });
    record.value = {
      steps: [...kept.value.filter((one) => one !== today), entry],
      bars: bars.value.length ? bars.value : record.value.bars,
    };
  }

  /** Adds what was played since the last time. */
  function note(step: Step, gain: Gain) {
    if (!gain.rounds && !gain.slips) return;
    change(step, (entry) => ({
      ...entry,
      percent: Math.max(entry.percent, gain.percent),
      rounds: entry.rounds + gain.rounds,
      slips: entry.slips + gain.slips,
      seconds: entry.seconds + Math.round(gain.seconds),
    }));
  }

  const tick = (step: Step, done: boolean) => change(step, (entry) => ({ ...entry, done }));

  const minutesOn = (day: string) =>
    Math.round(
      kept.value.filter((one) => one.day === day).reduce((sum, one) => sum + one.seconds, 0) / 60,
    );
  /** The last day before today on which something was practised, and for how long. */
  const last = computed(() => {
    const today = dayOf(now());
    const days = kept.value.map(({ day }) => day).filter((day) => day < today);
    const day = days.sort().at(-1);
    return day ? { day, minutes: minutesOn(day) } : undefined;
  });
  const minutesToday = computed(() => minutesOn(dayOf(now())));

  return { kept, isDone, reached, note, tick, last, minutesToday };
}
