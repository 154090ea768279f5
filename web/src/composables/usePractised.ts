import { computed, type Ref } from 'vue';
import type { Practised, PracticeRecord, PracticeStep, PractisedPage } from '../api/client';
import { newId } from '../api/ids';
import { followed } from '../player/follow';

type Step = Pick<PracticeStep, 'hands' | 'from' | 'to'>;
type Gain = Pick<Practised, 'percent' | 'rounds' | 'slips' | 'seconds'>;

/** Where what is practised is told. */
export interface Practice {
  record: Ref<PracticeRecord>;
  tell: (page: PractisedPage, isOver: boolean) => void;
}

const NOTHING: Gain = { percent: 0, rounds: 0, slips: 0, seconds: 0 };
/** The day by this device's calendar, as ISO 8601 has it. */
const dayOf = (date: Date) => date.toLocaleDateString('sv');

/** Whether two are one step. */
export const isSame = (one: Step, other: Step) =>
  one.hands === other.hands && one.from === other.from && one.to === other.to;

/** The record of what was practised: one entry for each step and day. */
export function usePractised(
  { record, tell }: Practice,
  bars: Ref<string[]>,
  now = () => new Date(),
) {
  /** What is kept, at the bars as they are now, a day and a step at a time. */
  const kept = computed(() => {
    const days = new Map<string, Practised>();
    for (const page of record.value.pages)
      for (const one of followed(page.steps, page.bars, bars.value)) {
        const key = [one.day, one.hands, one.from, one.to].join();
        const before = days.get(key) ?? { ...NOTHING, done: null };
        days.set(key, {
          ...one,
          percent: Math.max(before.percent, one.percent),
          rounds: before.rounds + one.rounds,
          slips: before.slips + one.slips,
          seconds: before.seconds + one.seconds,
          done: one.done ?? before.done,
        });
      }
    return [...days.values()].sort((a, b) => a.day.localeCompare(b.day));
  });
  const of = (step: Step) => kept.value.filter((one) => isSame(one, step));
  const isDone = (step: Step) => of(step).findLast(({ done }) => done !== null)?.done ?? false;
  /** The highest tempo that was reached, in per cent; 0 where it was not played yet. */
  const reached = (step: Step) => Math.max(0, ...of(step).map(({ percent }) => percent));

  const page = ({ hands, from, to }: Step, id: string, gain: Gain, done: boolean | null) => ({
    bars: bars.value,
    steps: [{ id, day: dayOf(now()), hands, from, to, ...gain, done }],
  });

  /** What the player is at, from when it is pressed until it stops. */
  let press = newId();
  /** Adds what was played since the player was pressed; it is told again, and more of it, until that is over. */
  function note(step: Step, gain: Gain, isOver: boolean) {
    tell(page(step, press, { ...gain, seconds: Math.round(gain.seconds) }, null), isOver);
    if (isOver) press = newId();
  }

  const tick = (step: Step, done: boolean) => tell(page(step, newId(), NOTHING, done), true);

  const minutesOn = (day: string) =>
    Math.round(
      kept.value.filter((one) => one.day === day).reduce((sum, one) => sum + one.seconds, 0) / 60,
    );
  /** The last day before today on which something was practised, and for how long. */
  const last = computed(() => {
    const today = dayOf(now());
    const day = kept.value.findLast((one) => one.day < today && one.rounds > 0)?.day;
    return day ? { day, minutes: minutesOn(day) } : undefined;
  });
  const minutesToday = computed(() => minutesOn(dayOf(now())));

  return { kept, isDone, reached, note, tick, last, minutesToday };
}
