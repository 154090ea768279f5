import { computed, type Ref } from 'vue';
import type { Choices, PracticeStep } from '../api/client';
import { followed } from '../player/follow';

/** A step as it is changed: never faster at first than in the end, and as long as its rounds take then. */
function changed(step: PracticeStep, what: Partial<PracticeStep>): PracticeStep {
  const now = { ...step, ...what };
  now.goal = Math.max(now.goal, what.start ?? 0);
  now.start = Math.min(now.start, now.goal);
  const slower = (step.start + step.goal) / (now.start + now.goal);
  return { ...now, minutes: (step.minutes * slower * now.rounds) / step.rounds };
}

/** The way through a tune as the teacher has it: the app's own until she changes it. */
export function useWay(
  choices: Ref<Choices | undefined>,
  path: Ref<PracticeStep[] | undefined>,
  bars: Ref<string[]>,
) {
  /** Hers, at the bars as they are now. */
  const own = computed(() => {
    const { way = [], wayBars = [] } = choices.value ?? {};
    return followed(way, wayBars, bars.value);
  });
  const isOwn = computed(() => own.value.length > 0);
  const steps = computed(() => (isOwn.value ? own.value : (path.value ?? [])));

  function set(way: PracticeStep[]) {
    if (choices.value) choices.value = { ...choices.value, way, wayBars: bars.value };
  }
  /** Another one at a place, or none. */
  const replace = (index: number, by: PracticeStep[]) =>
    set([...steps.value.slice(0, index), ...by, ...steps.value.slice(index + 1)]);

  function move(index: number, by: number) {
    const all = [...steps.value];
    const [one] = all.splice(index, 1);
    all.splice(index + by, 0, one!);
    set(all);
  }
  const remove = (index: number) => replace(index, []);
  /** What is to be otherwise about a step: a word, a tempo, how many rounds. */
  const change = (index: number, what: Partial<PracticeStep>) =>
    replace(index, [changed(steps.value[index]!, what)]);
  /** A step more, behind another. */
  const add = (behind: number, step: PracticeStep) =>
    set([...steps.value.slice(0, behind + 1), step, ...steps.value.slice(behind + 1)]);
  /** The app's own again. */
  const forget = () => set([]);

  return { steps, isOwn, move, remove, change, add, forget };
}
