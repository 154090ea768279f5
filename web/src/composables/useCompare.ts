import { computed, shallowRef, watch, type Ref } from 'vue';
import { api, type Arrangement, type Choices, type Played } from '../api/client';

/** Another way to play the tune, laid beside the one that is played; both follow the text. */
export function useCompare(chart: Ref<string>, played: Ref<Played | undefined>) {
  const arrange = api.arranger();
  const other = shallowRef<{ name: string; choices: Choices }>();
  const arrangement = shallowRef<Arrangement>();
  let running: AbortController | undefined;

  watch(
    () => [other.value, chart.value, played.value?.hand] as const,
    async ([wanted, text, hand]) => {
      running?.abort();
      if (!wanted || !hand) return void (arrangement.value = undefined);
      const mine = new AbortController();
      running = mine;
      try {
        const answer = await arrange(
          text,
          { choices: wanted.choices, hand },
          false,
          -1,
          mine.signal,
        );
        if (running === mine) arrangement.value = answer.arrangement;
      } catch {
        // The page itself tells of a server that is away.
      }
    },
  );

  return {
    name: computed(() => other.value?.name ?? ''),
    choices: computed(() => other.value?.choices),
    arrangement,
    show: (name: string, choices: Choices) => void (other.value = { name, choices }),
    close: () => void (other.value = undefined),
  };
}
