import { describe, expect, it } from 'vitest';
import { nextTick, ref, shallowRef } from 'vue';
import type { Arrangement } from '../../api/client';
import { useChanges } from './useChanges';

/** One chord to a bar, each on one key. */
const played = (...keys: number[]) =>
  ({
    bars: keys.map((_, i) => ({ number: i + 1 })),
    chords: keys.map((midi, bar) => ({ bar, keys: [{ midi }] })),
  }) as unknown as Arrangement;

describe('what another school changes', () => {
  it('is told when the music has come, and no longer than until the next change', async () => {
    const arrangement = shallowRef<Arrangement | undefined>(played(48, 50, 52));
    const school = ref<string | undefined>('popular');
    const changes = useChanges(arrangement, () => school.value);
    school.value = 'classical';
    await nextTick();
    expect(changes.value).toBeUndefined();
    arrangement.value = played(48, 53, 55);
    await nextTick();
    expect(changes.value).toEqual([2, 3]);
    arrangement.value = played(48, 53, 57);
    await nextTick();
    expect(changes.value).toBeUndefined();
  });

  it('is nothing where all lies as it did, and is not said when a student is opened', async () => {
    const arrangement = shallowRef<Arrangement | undefined>(played(48, 50));
    const school = ref<string | undefined>();
    const changes = useChanges(arrangement, () => school.value);
    school.value = 'popular';
    arrangement.value = played(47, 50);
    await nextTick();
    expect(changes.value).toBeUndefined();
    school.value = 'classical';
    await nextTick();
    arrangement.value = played(47, 50);
    await nextTick();
    expect(changes.value).toEqual([]);
  });
});
