import { computed, type Ref } from 'vue';
import type { Choices, PracticeStep } from '../api/client';

/** The way through a tune as the teacher has it: the app's own until she changes it. */
export function useWay(choices: Ref<Choices | undefined>, path: Ref<PracticeStep[] | undefined>) {
  const own = computed(() => choices.value?.way ?? []);
  const isOwn = computed(() => own.value.length > 0);
  const steps = computed(() => (isOwn.value ? own.value : (path.value ?? [])));

  function set(way: PracticeStep[]) {
    if (choices.value) choices.value = { ...choices.value, way };
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
  const say = (index: number, word: string) => replace(index, [{ ...steps.value[index]!, word }]);
  /** A step more, behind another. */
  const add = (behind: number, step: PracticeStep) =>
    set([...steps.value.slice(0, behind + 1), step, ...steps.value.slice(behind + 1)]);
  /** The app's own again. */
  const forget = () => set([]);

  return { steps, isOwn, move, remove, say, add, forget };
}
