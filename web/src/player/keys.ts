import type { Sound } from './timeline';

const EPSILON = 1e-6;
const endOf = ({ at, duration }: Sound) => at + duration;

/**
 * All hands on one piano: a key that is struck while another voice holds it comes up first, stays down for whoever holds it
 * longest, and is struck once where two want it together.
 */
export function onOnePiano(sounds: Sound[]): Sound[] {
  const down = new Map<number, Sound>();
  for (const sound of [...sounds].sort((a, b) => a.at - b.at)) {
    const before = down.get(sound.midi);
    const meets = before && endOf(before) > sound.at + EPSILON;
    if (!meets) {
      down.set(sound.midi, sound);
      continue;
    }
    const end = Math.max(endOf(before), endOf(sound));
    if (Math.abs(before.at - sound.at) < EPSILON) {
      before.duration = end - before.at;
      before.loudness = Math.max(before.loudness, sound.loudness);
      sound.seen = true;
    } else {
      before.duration = sound.at - before.at;
      sound.duration = end - sound.at;
      down.set(sound.midi, sound);
    }
  }
  return sounds;
}
