import { effectScope, nextTick, ref } from 'vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Arrangement } from '../api/client';
import type { Playing } from '../player/piano';
import { usePlayer } from './usePlayer';

const loads: ((playing: Playing) => void)[] = [];
vi.mock('../player/piano', () => ({
  play: () => new Promise<Playing>((resolve) => loads.push(resolve)),
}));

const tune = (bars: number) =>
  ({
    tempo: 80,
    beatLength: 1,
    musicXml: 'the same',
    bars: Array.from({ length: bars }, (_, index) => ({ index, number: index + 1, length: 4 })),
    playingOrder: Array.from({ length: bars }, (_, index) => index),
    calls: Array.from({ length: bars }, (_, index) => `bar ${index + 1}`),
    chords: [],
    notes: [{ id: 'n', chord: 0, bar: 0, onset: 0, duration: 4, midi: 60 }],
    melody: [],
  }) as unknown as Arrangement;

describe('usePlayer', () => {
  const music = ref<Arrangement | undefined>(tune(4));
  const chosen = { bar: ref(0) };
  const sounds = () => ({ stop: vi.fn(), tempo: vi.fn(), beat: vi.fn() }) as unknown as Playing;
  const loaded = () => vi.waitFor(() => expect(loads.length).toBeGreaterThan(0));

  beforeEach(() => {
    loads.length = 0;
    music.value = tune(4);
  });

  it('does not sound after the teacher has left, however late the sounds load', async () => {
    const scope = effectScope();
    const player = scope.run(() => usePlayer(music, chosen))!;
    player.toggle();
    await loaded();
    scope.stop();
    const late = sounds();
    loads[0]!(late);
    await vi.waitFor(() => expect(late.stop).toHaveBeenCalled());
    expect(player.state.value).toBe('still');
  });

  it('plays at the tempo, and with the click, that were set while the sounds were loading', async () => {
    const player = effectScope().run(() => usePlayer(music, chosen))!;
    player.toggle();
    await loaded();
    player.tempo.value = 60;
    player.click.value = 'first';
    await nextTick();
    const begun = sounds();
    loads[0]!(begun);
    await vi.waitFor(() => expect(player.state.value).toBe('playing'));
    expect(begun.tempo).toHaveBeenLastCalledWith(60);
    expect(begun.beat).toHaveBeenLastCalledWith({ click: ['FIRST'], spoken: false });
  });

  it('begins anew with a loop that is set while the sounds are loading', async () => {
    const player = effectScope().run(() => usePlayer(music, chosen))!;
    player.toggle();
    await loaded();
    player.loop.value = { from: 1, to: 1 };
    await vi.waitFor(() => expect(loads).toHaveLength(2));
    const [late, begun] = [sounds(), sounds()];
    loads[0]!(late);
    loads[1]!(begun);
    await vi.waitFor(() => expect(player.state.value).toBe('playing'));
    expect(late.stop).toHaveBeenCalled();
    expect(begun.stop).not.toHaveBeenCalled();
  });

  it('lets go of a loop whose bars are deleted', async () => {
    const player = effectScope().run(() => usePlayer(music, chosen))!;
    player.loop.value = { from: 2, to: 3 };
    music.value = tune(2);
    await nextTick();
    expect(player.loop.value).toBeUndefined();
  });
});
