import { nextTick, watch, type Ref } from 'vue';
import { api } from '../api/client';
import { confirmed, nextGuess } from '../editor/guesses';
import { heardAs } from '../editor/readings';
import { replaced } from './replacing';
import type { useArrangement } from './useArrangement';
import type { useChosen } from './useChosen';

/** Waits for a condition, and for the page to show it. */
export function until(condition: Ref<boolean>): Promise<void> {
  return new Promise((resolve) => {
    const stop = watch(
      condition,
      async (holds) => {
        if (!holds) return;
        await nextTick();
        stop();
        resolve();
      },
      { immediate: true },
    );
  });
}

/**
 * The teacher's word, written into the chart: the key, the chosen chord's name where guessed, and its numeral.
 * Each word waits until the one before is arranged: only then is it known where in the text a chord stands.
 */
export function useNaming(
  chart: Ref<string>,
  {
    arrangement,
    isCurrent,
    trouble,
  }: Pick<ReturnType<typeof useArrangement>, 'arrangement' | 'isCurrent' | 'trouble'>,
  chosen: ReturnType<typeof useChosen>,
) {
  let queue = Promise.resolve();
  const inTurn = (work: () => void) => (queue = queue.then(() => until(isCurrent)).then(work));

  /** Confirms the chosen guess and goes on to the next one. */
  const confirmGuess = (name?: string) =>
    inTurn(() => {
      const chord = chosen.chord.value;
      if (!chord?.guess) return;
      const next = arrangement.value?.chords.find((c) => c.guess && c.index > chord.index);
      chart.value = confirmed(chart.value, chord, name);
      if (next) chosen.choose(next.index);
    });

  const otherGuess = () =>
    inTurn(() => {
      const chord = chosen.chord.value;
      if (chord?.guess) chart.value = nextGuess(chart.value, chord);
    });

  /** The teacher's own reading of the chosen chord; without a numeral the next one there is. */
  const hear = (numeral?: string) =>
    inTurn(() => {
      const chord = chosen.chord.value;
      const reading = chord && arrangement.value?.analysis.readings[chord.index];
      const other = numeral ?? reading?.others[0];
      if (chord && reading && other) chart.value = heardAs(chart.value, chord, reading, other);
    });

  /** Writes down the key that is heard, or another one. */
  async function writeKey(key = '') {
    if (!key && !arrangement.value?.key) return;
    try {
      await replaced(chart, (before) => api.writeKey(before, key));
    } catch (error) {
      trouble.value = (error as Error).message;
    }
  }

  return { confirmGuess, otherGuess, hear, writeKey };
}
