import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import {
  api,
  Away,
  type Alternative,
  type Arrangement,
  type Counts,
  type Played,
} from '../api/client';

/** Less than between two keys of a quick typist; long enough for a pasted line to come as one. */
const AFTER_TYPING = 15;
const TRY_AGAIN_AFTER = 2000;

/** The arrangement of a chart as it is typed: the latest wins, and the last good one stays meanwhile. */
export function useArrangement(
  chart: Ref<string>,
  played: Ref<Played | undefined>,
  counts: Ref<Counts> = ref('NONE'),
  /** For which chord other ways to play it come along. */
  chord: Ref<number> = ref(-1),
) {
  const arrange = api.arranger();
  const arrangement = shallowRef<Arrangement>();
  const arranged = ref<string>();
  /** Whether the arrangement is that of the chart as it stands, so that its places in the text hold. */
  const isCurrent = computed(() => arranged.value === chart.value);
  const trouble = ref('');
  const others = shallowRef<{ chord: number; of: Arrangement; ways: Alternative[] }>();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let running: AbortController | undefined;

  async function ask() {
    if (!played.value) return;
    running?.abort();
    const mine = new AbortController();
    running = mine;
    const text = chart.value;
    const wanted = chord.value;
    try {
      const answer = await arrange(text, played.value, counts.value, wanted, mine.signal);
      if (running !== mine) return;
      others.value = { chord: wanted, of: answer.arrangement, ways: answer.alternatives };
      arrangement.value = answer.arrangement;
      arranged.value = text;
      trouble.value = '';
    } catch (error) {
      if (mine.signal.aborted) return;
      trouble.value = (error as Error).message;
      if (error instanceof Away) timer = setTimeout(ask, TRY_AGAIN_AFTER);
    }
  }

  watch(chart, () => {
    clearTimeout(timer);
    timer = setTimeout(ask, AFTER_TYPING);
  });
  watch(
    [played, counts],
    () => {
      clearTimeout(timer);
      void ask();
    },
    { deep: true, immediate: true },
  );
  onScopeDispose(() => {
    clearTimeout(timer);
    running?.abort();
  });

  /** Other ways to play the chord, as far as they are known for the music that is shown. */
  const ways = computed(() =>
    others.value?.chord === chord.value && others.value.of === arrangement.value
      ? others.value.ways
      : undefined,
  );

  /** The same, asked for where they are not known yet. */
  async function findWays(): Promise<Alternative[]> {
    const of = arrangement.value;
    const wanted = chord.value;
    if (ways.value || !of || !played.value || arranged.value === undefined) return ways.value ?? [];
    const found = await api.alternatives(arranged.value, played.value, wanted).catch(() => []);
    if (arrangement.value === of) others.value = { chord: wanted, of, ways: found };
    return chord.value === wanted ? found : [];
  }
  watch(chord, () => void findWays());

  return { arrangement, isCurrent, trouble, ways, findWays, again: () => void ask() };
}
