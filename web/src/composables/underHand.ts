import type { ArrangedChord } from '../api/client';
import type { Veil } from '../engraver/veil';
import type { Balance } from '../player/timeline';

/**
 * What of a chord lies under the left hand: nothing where it is played by heart or where the hand rests, the lowest key where
 * the bass is played alone.
 */
export function underHand(
  chord: ArrangedChord | undefined,
  veil: Veil | undefined,
  parts: Balance | undefined,
): ArrangedChord | undefined {
  if (!chord || veil?.gone.size || (parts && !parts.bass && !parts.chords)) return undefined;
  if (!parts || parts.chords) return chord;
  const lowest = Math.min(...chord.keys.map(({ midi }) => midi));
  return { ...chord, keys: chord.keys.filter(({ midi }) => midi === lowest) };
}
