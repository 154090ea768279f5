import { shallowRef, watch, type Ref } from 'vue';
import { api, type Arrangement, type Played, type PracticeStep } from '../api/client';
import { useLatest } from './useLatest';

/** The way through a tune, laid anew whenever its music changes. */
export function usePracticePath(
  chart: Ref<string>,
  played: Ref<Played | undefined>,
  arrangement: Ref<Arrangement | undefined>,
) {
  /** Not there before it is known. */
  const path = shallowRef<PracticeStep[]>();
  /** A mark of what each bar holds; none before they are known. */
  const bars = shallowRef<string[]>([]);
  const { ask, trouble } = useLatest();
  watch(
    () => arrangement.value?.musicXml,
    () => {
      const by = played.value;
      if (!by) return;
      void ask(
        (signal) => api.practice(chart.value, by, signal),
        (practice) => {
          bars.value = practice.bars;
          path.value = practice.steps;
        },
      );
    },
    { immediate: true },
  );
  return { path, bars, trouble };
}
