import type { Ref } from 'vue';
import type { Arrangement } from '../api/client';
import { confirmed, nextGuess } from '../editor/guesses';
import { heardAs } from '../editor/readings';
import type { useChosen } from './useChosen';

/** The teacher's word on the chosen chord, written into the chart: its name where guessed, and its numeral. */
export function useNaming(
  chart: Ref<string>,
  arrangement: Ref<Arrangement | undefined>,
  chosen: ReturnType<typeof useChosen>,
) {
  /** Confirms the chosen guess and goes on to the next one. */
  function confirmGuess(name?: string) {
    const chord = chosen.chord.value;
    if (!chord?.guess) return;
    chart.value = confirmed(chart.value, chord, name);
    const next = arrangement.value?.chords.find((c) => c.guess && c.index > chord.index);
    if (next) chosen.choose(next.index);
  }

  function otherGuess() {
    const chord = chosen.chord.value;
    if (chord?.guess) chart.value = nextGuess(chart.value, chord);
  }

  /** The teacher's own reading of the chosen chord; without a numeral the next one there is. */
  function hear(numeral?: string) {
    const chord = chosen.chord.value;
    const reading = chord && arrangement.value?.analysis.readings[chord.index];
    const other = numeral ?? reading?.others[0];
    if (chord && reading && other) chart.value = heardAs(chart.value, chord, reading, other);
  }

  return { confirmGuess, otherGuess, hear };
}
