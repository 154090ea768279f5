import { nextTick } from 'vue';
import type { useArrangement } from './useArrangement';
import type { useChosen } from './useChosen';
import type { Level, useHarmonies, useShown } from './useHarmonies';
import { until } from './useNaming';
import type { usePlayer } from './usePlayer';

/** Hears a proposal: it is shown on the page and played from its beginning; pressed again it stops. */
export function useHearing(
  page: ReturnType<typeof useShown>,
  harmonies: ReturnType<typeof useHarmonies>,
  { isCurrent }: Pick<ReturnType<typeof useArrangement>, 'isCurrent'>,
  chosen: ReturnType<typeof useChosen>,
  player: ReturnType<typeof usePlayer>,
) {
  let turn = 0;

  return async function hear(level: Level) {
    const mine = ++turn;
    const shown = page.looked.value !== undefined && harmonies.level.value === level;
    if (shown && player.state.value !== 'still') return player.stop();
    player.stop();
    harmonies.look(level);
    await until(isCurrent);
    // Whatever listens to the new music has heard of it; what is asked for meanwhile is played instead.
    await nextTick();
    if (mine !== turn) return;
    chosen.choose(0);
    player.start();
  };
}
