import { computed, ref, watch, type Ref } from 'vue';
import type { Arrangement } from '../api/client';

/** The chosen chord, the same on the page, in the text, under the hand and in the list. */
export function useChosen(tune: Ref<Arrangement | undefined>, index: Ref<number> = ref(0)) {
  const chords = computed(() => tune.value?.chords ?? []);
  const chord = computed(() => chords.value[index.value]);
  /** The chord that follows when it is played, also back at a repeat. */
  const next = computed(() => chords.value[chord.value?.toNext.to ?? -1]);
  const bar = computed(() => chord.value?.bar ?? 0);

  watch(chords, (list) => {
    index.value = Math.max(0, Math.min(index.value, list.length - 1));
  });

  function choose(chordIndex: number) {
    if (chordIndex >= 0 && chordIndex < chords.value.length) index.value = chordIndex;
  }

  function chooseBar(barIndex: number) {
    if (barIndex !== bar.value) choose(chords.value.findIndex((c) => c.bar === barIndex));
  }

  return { index, chord, next, bar, choose, chooseBar };
}
