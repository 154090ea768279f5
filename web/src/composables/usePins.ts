import { computed, type Ref } from 'vue';
import type { Alternative, Choices, Pin, WantedNote } from '../api/client';
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

  const isAtPlace = (p: Pin) =>
    p.bar === (chosen.chord.value?.bar ?? -1) + 1 && p.start === chosen.chord.value?.start;
  /** Whether it keeps the chosen chord, at its own place or wherever its chord comes. */
  const isHere = (p: Pin) => {
    const keptBy = chosen.chord.value?.keptBy;
    return isAtPlace(p) || (!!keptBy && p.id === keptBy);
  };
  /** How the chosen chord is fixed, if it is. */
  const here = computed(() => choices.value?.pins.find(isHere));

  /** Fixes these notes, or frees the chord. */
  const pin = (notes: string[] | null) => fix(notes && { notes, manners: {}, fingers: {} });

  /** Fixes notes with their fingers and the manner of some, or frees the chord. */
  function fix(part: Pick<Pin, 'notes' | 'manners' | 'fingers'> | null) {
    const chord = chosen.chord.value;
    if (!choices.value || !chord) return;
    // Another way here goes before what is kept from elsewhere; freeing it frees what is kept.
    const replaced = part ? isAtPlace : isHere;
    const old = choices.value.pins.find(isAtPlace);
    const place = { id: old?.id || newId(), bar: chord.bar + 1, start: chord.start };
    const mine = part ? [{ ...place, ...part, scope: old?.scope ?? ('HERE' as const) }] : [];
    const others = choices.value.pins.filter((p) => !replaced(p));
    choices.value = { ...choices.value, pins: [...others, ...mine] };
  }

  /** Keeps the voicing here, wherever its chord comes, or in all like lines. */
  function keep(scope: NonNullable<Pin['scope']>) {
    if (!choices.value) return;
    const pins = choices.value.pins.map((p) => (isHere(p) ? { ...p, scope } : p));
    choices.value = { ...choices.value, pins };
  }

  const isWantedHere = (one: WantedNote) =>
    one.bar === (chosen.chord.value?.bar ?? -1) + 1 && one.start === chosen.chord.value?.start;
  /** What is wanted at the edges of the chosen chord. */
  const wanted = computed(() => choices.value?.wanted.find(isWantedHere));

  /** Wants a note on top of the chosen chord or at its bottom; any where it is empty. */
  function want(edge: 'top' | 'bass', note: string) {
    const chord = chosen.chord.value;
    if (!choices.value || !chord) return;
    const place = { bar: chord.bar + 1, start: chord.start };
    const now = { top: '', bass: '', ...wanted.value, ...place, [edge]: note };
    const others = choices.value.wanted.filter((one) => !isWantedHere(one));
    choices.value = { ...choices.value, wanted: now.top || now.bass ? [...others, now] : others };
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

  return { here, pin, fix, keep, wanted, want, togglePin, nextAlternative };
}
