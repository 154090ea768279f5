import { computed, onScopeDispose, ref, watch, type Ref } from 'vue';
import { api, Away, type Arrangement, type Choices } from '../api/client';

const AFTER_TYPING = 40;
const TRY_AGAIN_AFTER = 2000;

/** The arrangement of a chart as it is typed: the latest wins, and the last good one stays meanwhile. */
export function useArrangement(
  chart: Ref<string>,
  choices: Ref<Choices | undefined>,
  counts: Ref<boolean>,
) {
  const arrangement = ref<Arrangement>();
  const arranged = ref<string>();
  /** Whether the arrangement is that of the chart as it stands, so that its places in the text hold. */
  const isCurrent = computed(() => arranged.value === chart.value);
  const trouble = ref('');
  let timer: ReturnType<typeof setTimeout> | undefined;
  let running: AbortController | undefined;

  async function arrange() {
    if (!choices.value) return;
    running?.abort();
    const mine = new AbortController();
    running = mine;
    const text = chart.value;
    try {
      const answer = await api.arrange(text, choices.value, counts.value, mine.signal);
      if (running !== mine) return;
      arrangement.value = answer;
      arranged.value = text;
      trouble.value = '';
    } catch (error) {
      if (mine.signal.aborted) return;
      trouble.value = (error as Error).message;
      if (error instanceof Away) timer = setTimeout(arrange, TRY_AGAIN_AFTER);
    }
  }

  watch(chart, () => {
    clearTimeout(timer);
    timer = setTimeout(arrange, AFTER_TYPING);
  });
  watch(
    [choices, counts],
    () => {
      clearTimeout(timer);
      void arrange();
    },
    { deep: true, immediate: true },
  );
  onScopeDispose(() => {
    clearTimeout(timer);
    running?.abort();
  });
  return { arrangement, isCurrent, trouble };
}
