import { computed, type Ref } from 'vue';
import type { ArrangedChord, Arrangement } from '../api/client';
import type { Veil } from '../engraver/veil';
import type { Balance } from '../player/timeline';

/** What lies under the hand that is practised. */
export interface UnderHand {
  /** What it holds, where it holds something. */
  chord: ArrangedChord | undefined;
  /** Every key that it plays in the tune, as MIDI numbers. */
  used: number[];
  /** Whether it is the right hand, which plays the tune alone. */
  isTune: boolean;
}

/** Under the left hand, or where the tune is practised alone under the right one. */
export function useUnderHand(
  arrangement: Ref<Arrangement | undefined>,
  at: Ref<number>,
  veil: Ref<Veil | undefined>,
  parts: Ref<Balance | undefined>,
) {
  return computed<UnderHand>(() => underHand(arrangement.value, at.value, veil.value, parts.value));
}

/**
 * Nothing where it is played by heart, the lowest key where the bass is played alone, and of the tune alone the key with which
 * it goes on at this chord.
 */
export function underHand(
  tune: Arrangement | undefined,
  at: number,
  veil: Veil | undefined,
  parts: Balance | undefined,
): UnderHand {
  const isTune = Boolean(parts && !parts.bass && !parts.chords && tune?.melody.length);
  const used = isTune
    ? tune!.melody.map(({ midi }) => midi)
    : (tune?.chords ?? []).flatMap(({ keys }) => keys.map(({ midi }) => midi));
  const chord = tune?.chords[at];
  if (!chord || veil?.gone.size) return { chord: undefined, used, isTune };
  if (isTune) {
    const first = tune!.melody.find((note) => note.chord === at);
    const keys = first ? [{ midi: first.midi, finger: 0, name: '', pitch: '', right: true }] : [];
    return { chord: { ...chord, keys }, used, isTune };
  }
  if (!parts || parts.chords) return { chord, used, isTune };
  const lowest = Math.min(...chord.keys.map(({ midi }) => midi));
  const bass = parts.bass ? chord.keys.filter(({ midi }) => midi === lowest) : [];
  return { chord: bass.length ? { ...chord, keys: bass } : undefined, used, isTune };
}
