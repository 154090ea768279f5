import { ref, watch, type Ref } from 'vue';
import type { Arrangement } from '../../api/client';

/** Bars that lie otherwise since the school of voice leading was changed; nothing before it was. */
export function useChanges(
  arrangement: Ref<Arrangement | undefined>,
  school: () => string | undefined,
) {
  const bars = ref<number[]>();
  let before: Arrangement | undefined;

  watch(school, (now, then) => {
    bars.value = undefined;
    before = now && then ? arrangement.value : undefined;
  });
  watch(arrangement, (now) => {
    if (now && before) bars.value = otherwise(before, now);
    else bars.value = undefined;
    before = undefined;
  });
  return bars;
}

/** Numbers of the bars in which a chord is played with other keys; none where the chords themselves are others. */
export function otherwise(
  before: Pick<Arrangement, 'chords' | 'bars'>,
  now: Pick<Arrangement, 'chords' | 'bars'>,
): number[] {
  if (before.chords.length !== now.chords.length) return [];
  const keys = ({ keys }: { keys: { midi: number }[] }) => keys.map(({ midi }) => midi).join();
  const bars = now.chords
    .filter((chord, i) => keys(chord) !== keys(before.chords[i]!))
    .map((chord) => now.bars[chord.bar]!.number);
  return [...new Set(bars)];
}
