import { effectScope, nextTick, ref } from 'vue';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Arrangement } from '../api/client';
import { device, transport } from '../testing/tone';
import { usePlayer } from './usePlayer';

vi.mock('tone', async () => (await import('../testing/tone')).tone);

const tune = (bars: number) =>
  ({
    tempo: 80,
    beatLength: 1,
    musicXml: 'the same',
    bars: Array.from({ length: bars }, (_, index) => ({
      index,
      number: index + 1,
      length: 4,
      offset: 0,
      meter: '4/4',
    })),
    meters: [
      {
        meter: '4/4',
        length: 4,
        ticks: [0, 1, 2, 3].map((at) => ({
          at,
          weight: at ? 'BEAT' : 'FIRST',
          syllable: `${at + 1}`,
        })),
      },
    ],
    playingOrder: Array.from({ length: bars }, (_, index) => index),
    calls: Array.from({ length: bars }, (_, index) => `bar ${index + 1}`),
    chords: [],
    notes: [
      { id: 'n', chord: 0, bar: 0, onset: 0, duration: 4, midi: 60, louder: 0, louderAgain: [] },
      { id: 'm', chord: 1, bar: 1, onset: 0, duration: 4, midi: 62, louder: 0, louderAgain: [] },
    ],
    melody: [],
  }) as unknown as Arrangement;

describe('usePlayer', () => {
  const music = ref<Arrangement | undefined>(tune(4));
  const chosen = { bar: ref(0) };
  const made = () => effectScope().run(() => usePlayer(music, chosen))!;
  const asked = () => vi.waitFor(() => expect(device.waiting.length).toBeGreaterThan(0));
  const isPlaying = (player: ReturnType<typeof usePlayer>) =>
    vi.waitFor(() => {
      device.wakes();
      expect(player.state.value).toBe('playing');
    });

  beforeEach(() => {
    device.reset();
    music.value = tune(4);
    transport.start.mockClear();
  });

  it('does not sound after the teacher has left, however late the sounds load', async () => {
    const scope = effectScope();
    const player = scope.run(() => usePlayer(music, chosen))!;
    player.toggle();
    await asked();
    scope.stop();
    device.wakes();
    await vi.waitFor(() => expect(transport.start).toHaveBeenCalled());
    await vi.waitFor(() => expect(device.state).toBe('stopped'));
    expect(device.scheduled).toEqual([]);
    expect(player.state.value).toBe('still');
  });

  it('plays at the tempo, and with the click, that were set while the sounds were loading', async () => {
    const player = made();
    player.toggle();
    await asked();
    player.tempo.value = 60;
    player.click.value = 'first';
    await nextTick();
    await isPlaying(player);
    expect(transport.bpm.value).toBe(60);
    device.plays();
    expect(device.struck.filter((one) => one === 'wood')).toHaveLength(4);
  });

  /** One transport: what was overtaken must not stop what came after. */
  it('begins anew with a loop that is set while the sounds are loading', async () => {
    const player = made();
    player.toggle();
    await asked();
    player.loop.value = { from: 1, to: 1 };
    await nextTick();
    await vi.waitFor(() => expect(device.waiting.length).toBeGreaterThan(1));
    await isPlaying(player);
    await vi.waitFor(() => expect(transport.start).toHaveBeenCalledTimes(2));
    await new Promise((resolve) => setTimeout(resolve));
    expect(device.state).toBe('started');
    device.plays();
    expect(device.struck).toEqual(['piano']);
  });

  it('goes on where it was when another balance is chosen, and lights what sounds', async () => {
    const player = made();
    player.loop.value = { from: 0, to: 1 };
    player.toggle();
    await asked();
    await isPlaying(player);
    device.plays();
    expect(player.chord.value).toBe(1);
    transport.ticks = 5 * transport.PPQ;
    player.balance.value = 'bass';
    await nextTick();
    await isPlaying(player);
    expect(transport.start).toHaveBeenLastCalledWith('+0.01', `${5 * transport.PPQ}i`);
  });

  /** Its notes have the same names, and stand on another page. */
  it('lights nothing of another hand that is heard', async () => {
    const player = made();
    player.audition(tune(4), [0, 1]);
    await asked();
    await isPlaying(player);
    device.plays();
    expect(device.struck).toEqual(['piano', 'piano']);
    expect(player.chord.value).toBeUndefined();
    expect(player.sounding.size).toBe(0);
  });

  it('lets go of a loop whose bars are deleted', async () => {
    const player = made();
    player.loop.value = { from: 2, to: 3 };
    music.value = tune(2);
    await nextTick();
    expect(player.loop.value).toBeUndefined();
  });
});
