import { computed, shallowRef, watch, type Ref } from 'vue';
import { api, type Arrangement, type Choices, type Played } from '../api/client';
import { useLatest } from './useLatest';

/** Another way to play the tune, laid beside the one that is played; both follow the text. */
export function useCompare(chart: Ref<string>, played: Ref<Played | undefined>) {
  const arrange = api.arranger();
  const other = shallowRef<{ name: string; choices?: Choices; chart?: string }>();
  const arrangement = shallowRef<Arrangement>();
  const { ask, drop, trouble } = useLatest();
  /** The text into which a bar was taken from here: what is beside it stays. */
  let taken: string | undefined;

  watch(
    () => [other.value, chart.value, played.value] as const,
    ([wanted, text, own], before) => {
      drop();
      // What was cut from another text says nothing of this one.
      const isOther = text !== before[1] && text !== taken;
      if (wanted?.chart && wanted === before[0] && isOther) other.value = undefined;
      if (!wanted || !own || !other.value) return void (arrangement.value = undefined);
      const { choices = own.choices, chart: cut = text } = wanted;
      void ask(
        (signal) => arrange(cut, { choices, hand: own.hand }, 'NONE', -1, signal),
        (answer) => (arrangement.value = answer.arrangement),
      );
    },
  );

  return {
    name: computed(() => other.value?.name ?? ''),
    choices: computed(() => other.value?.choices),
    chart: computed(() => other.value?.chart),
    arrangement,
    trouble,
    show: (name: string, choices: Choices) => void (other.value = { name, choices }),
    /** Another left hand of the tune, in a chart of its own. */
    showChart: (name: string, text: string, choices?: Choices) =>
      void (other.value = { name, chart: text, ...(choices && { choices }) }),
    take: (text: string) => void (taken = text),
    close: () => void (other.value = undefined),
  };
}
