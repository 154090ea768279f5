import { describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import type { Level } from './useHarmonies';
import { useHearing } from './useHearing';

describe('useHearing', () => {
  it('plays the proposal that was pressed last, and nothing before its music is there', async () => {
    const looked = ref<string>();
    const level = ref<Level>();
    const isCurrent = ref(true);
    const look = vi.fn((at: Level) => {
      level.value = at;
      looked.value = at;
      isCurrent.value = false;
    });
    const player = { state: ref('still'), start: vi.fn(), stop: vi.fn() };
    const hear = useHearing(
      { looked } as never,
      { level, look } as never,
      { isCurrent } as never,
      { choose: vi.fn() } as never,
      player as never,
    );
    const first = hear('PLAIN');
    const second = hear('RICH');
    expect(player.start).not.toHaveBeenCalled();
    isCurrent.value = true;
    await Promise.all([first, second]);
    expect(player.start).toHaveBeenCalledTimes(1);
    expect(level.value).toBe('RICH');
    player.state.value = 'playing';
    await hear('RICH');
    expect(player.start).toHaveBeenCalledTimes(1);
    expect(player.stop).toHaveBeenCalled();
  });
});
