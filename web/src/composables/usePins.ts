import type { Ref } from 'vue';
import type { Alternative, Choices } from '../api/client';
import type { useChosen } from './useChosen';
import { useRing } from './useRing';

/** A name of its own, which a fixed voicing keeps wherever it moves. */
const newId = () => `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 8)}`;

/** Fixing the chosen chord under the hand, freeing it, and going through its other ways to lie. */
export function usePins(
  choices: Ref<Choices | undefined>,
  chosen: ReturnType<typeof useChosen>,
  findWays: () => Promise<Alternative[]>,
) {
  const nextWay = useRing();

  /** Fixes these notes, or frees the chord. */
  function pin(notes: string[] | null) {
    const chord = chosen.chord.value;
    if (!choices.value || !chord) return;
    const bar = chord.bar + 1;
    const isHere = (p: { bar: number; start: string }) => p.bar === bar && p.start === chord.start;
    const before = choices.value.pins.find(isHere);
    const others = choices.value.pins.filter((p) => !isHere(p));
    const mine = notes ? [{ id: before?.id || newId(), bar, start: chord.start, notes }] : [];
    choices.value = { ...choices.value, pins: [...others, ...mine] };
  }

  function togglePin() {
    const chord = chosen.chord.value;
    if (chord) pin(chord.pinned ? null : chord.keys.map((key) => key.pitch));
  }

  async function nextAlternative() {
    const chord = chosen.chord.value;
    const ways = chord ? await findWays() : [];
    if (chord && ways.length && chosen.chord.value === chord) pin(nextWay(chord, ways));
  }

  return { pin, togglePin, nextAlternative };
}
