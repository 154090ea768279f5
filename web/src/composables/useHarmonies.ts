import { computed, ref, watch, type Ref } from 'vue';
import { api, type Arrangement, type ArrangedChord, type Proposal } from '../api/client';
import { confirmed } from '../editor/guesses';
import { replaced } from './replacing';
import { useLatest } from './useLatest';

export type Level = Proposal['level'];

/** What each proposal is called; its words say what it takes. */
export const NAMES: Partial<Record<Level, string>> = {
  PLAIN: 'Plain',
  USUAL: 'Usual',
  RICH: 'Rich',
};

/** What the page shows: a chart that is only looked at, else the tune's own. To write to it is to keep it. */
export function useShown(chart: Ref<string>) {
  /** The chart looked at; the tune's own waits meanwhile. */
  const looked = ref<string>();
  const shown = computed({
    get: () => looked.value ?? chart.value,
    set: (text) => {
      looked.value = undefined;
      chart.value = text;
    },
  });
  // Whoever types on has left what was looked at.
  watch(chart, () => (looked.value = undefined));
  return { looked, shown };
}

/**
 * Chords proposed for a tune that has none, or for its open bars. One of them can be looked at and heard on the page
 * before it is kept; what the teacher sets stays, and the rest is solved anew around it.
 */
export function useHarmonies(
  chart: Ref<string>,
  { looked, shown }: ReturnType<typeof useShown>,
  arrangement: Ref<Arrangement | undefined>,
) {
  const proposals = ref<Proposal[]>([]);
  const level = ref<Level>();
  const { ask: askLatest, trouble } = useLatest();
  let asked = '';

  /** Chords that were proposed and not read, so that others may take their place. */
  const proposed = computed(
    () => arrangement.value?.chords.filter((chord) => chord.guess && !chord.percent) ?? [],
  );
  const wanted = computed(
    () => (arrangement.value?.open ?? 0) > 0 || proposed.value.length > 0 || Boolean(looked.value),
  );

  async function ask(text: string) {
    if (asked === text) return;
    asked = text;
    await askLatest(
      (signal) => api.harmonies(text, [], signal),
      (answer) => (proposals.value = answer.proposals),
    );
    if (trouble.value && asked === text) {
      asked = '';
      proposals.value = [];
    }
  }

  watch([wanted, chart], () => wanted.value && void ask(chart.value), { immediate: true });
  function look(at: Level) {
    const proposal = proposals.value.find((one) => one.level === at);
    level.value = at;
    looked.value = proposal?.chart;
  }

  function keep() {
    if (looked.value) shown.value = looked.value;
  }

  function leave() {
    looked.value = undefined;
  }

  /** The proposal that the page shows, or the usual one. */
  const current = computed(
    () =>
      proposals.value.find((one) => one.level === level.value) ??
      proposals.value.find((one) => one.level === 'USUAL'),
  );

  /** The other chords that might stand in a place, with what the whole would cost more. */
  const othersOf = (chord: ArrangedChord | undefined) =>
    chord?.guess && !chord.percent
      ? (current.value?.chords.find((one) => one.bar === chord.bar && one.start === chord.start)
          ?.others ?? [])
      : [];

  /** The teacher's own chord in a place: it stays, and the rest is solved anew around it. */
  async function set(chord: ArrangedChord, symbol: string) {
    trouble.value = '';
    try {
      const wish = current.value?.level ?? 'USUAL';
      await replaced(shown, async (before) => {
        const answer = await api.harmonies(confirmed(before, chord, symbol), [wish]);
        return answer.proposals[0]!.chart;
      });
    } catch (error) {
      trouble.value = `${(error as Error).message}.`;
    }
  }

  return { proposals, level, wanted, trouble, look, keep, leave, othersOf, set };
}
