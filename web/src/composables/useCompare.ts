import { computed, shallowRef, watch, type Ref } from 'vue';
import { api, type Arrangement, type Choices, type Played } from '../api/client';
import { useLatest } from './useLatest';

/** Another way to play the tune, laid beside the one that is played; both follow the text. */
export function useCompare(chart: Ref<string>, played: Ref<Played | undefined>) {
  const arrange = api.arranger();
  const other = shallowRef<{ name: string; choices: Choices }>();
  const arrangement = shallowRef<Arrangement>();
  const { ask, drop, trouble } = useLatest();

  watch(
    () => [other.value, chart.value, played.value?.hand] as const,
    ([wanted, text, hand]) => {
      drop();
      if (!wanted || !hand) return void (arrangement.value = undefined);
      void ask(
        (signal) => arrange(text, { choices: wanted.choices, hand }, false, -1, signal),
        (answer) => (arrangement.value = answer.arrangement),
      );
    },
  );

  return {
    name: computed(() => other.value?.name ?? ''),
    choices: computed(() => other.value?.choices),
    arrangement,
    trouble,
    show: (name: string, choices: Choices) => void (other.value = { name, choices }),
    close: () => void (other.value = undefined),
  };
}
