import type { Ref } from 'vue';
import type { Choices } from '../api/client';
import type { useChosen } from './useChosen';
import { useRing } from './useRing';

/** Fixing the chosen chord under the hand, freeing it, and going through its other ways to lie. */
export function usePins(choices: Ref<Choices | undefined>, chosen: ReturnType<typeof useChosen>) {
  const nextWay = useRing();

  /** Fixes these notes, or frees the chord. */
  function pin(notes: string[] | null) {
    const chord = chosen.chord.value;
    if (!choices.value || !chord) return;
    const bar = chord.bar + 1;
    const others = choices.value.pins.filter((p) => p.bar !== bar || p.start !== chord.start);
    const mine = notes ? [{ bar, start: chord.start, notes }] : [];
    choices.value = { ...choices.value, pins: [...others, ...mine] };
  }

  function togglePin() {
    const chord = chosen.chord.value;
    if (chord) pin(chord.pinned ? null : chord.keys.map((key) => key.pitch));
  }

  function nextAlternative() {
    const chord = chosen.chord.value;
    if (chord?.alternatives.length) pin(nextWay(chord));
  }

  return { pin, togglePin, nextAlternative };
}
