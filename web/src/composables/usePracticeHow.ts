import { computed, onScopeDispose, ref, watch, type Ref } from 'vue';
import type { Arrangement, PracticeStep } from '../api/client';
import { type Veil } from '../engraver/veil';
import {
  heardBy,
  loudness,
  memorised,
  SEEN,
  silentNotes,
  type Heard,
  type Memory,
  type Part,
} from '../player/parts';
import { spanAt, spanBetween, type Span } from '../player/spans';
import type { BarRange } from '../player/timeline';
import type { useChosen } from './useChosen';
import type { usePlayer } from './usePlayer';
import { isSame } from './usePractised';

/** How far ahead the next chord is seen. */
export const AHEAD = [
  { id: 'off', name: 'Do not show it' },
  { id: 'beat', name: 'A beat ahead' },
  { id: 'bar', name: 'A bar ahead' },
] as const;

/** How a step is played and seen: which bars go round, what is heard, what is grey or known by heart, what comes next. */
export function usePracticeHow(
  step: Ref<PracticeStep | undefined>,
  tune: Ref<Arrangement | undefined>,
  player: ReturnType<typeof usePlayer>,
  chosen: ReturnType<typeof useChosen>,
  veil: Ref<Veil | undefined>,
) {
  const heard = ref<Record<Part, Heard>>(heardBy('together'));
  const greys = ref(true);
  const span = ref<Span>('step');
  const ahead = ref<(typeof AHEAD)[number]['id']>('off');
  const memory = ref<Memory>('shown');
  /** How little is seen where it fades, and how many rounds were clean since it was less. */
  const level = ref(0);
  let clean = 0;

  watch(
    step,
    (one, before) => {
      if (one && before && isSame(one, before)) return;
      span.value = 'step';
      level.value = clean = 0;
      if (!one) return;
      heard.value = heardBy(one.hands);
      player.held.value = one.hands === 'held';
      player.loop.value = { from: one.from, to: one.to };
    },
    { immediate: true },
  );

  let tapped: number | undefined;
  watch([span, chosen.index], ([now, chord], [before]) => {
    if (!tune.value) return;
    if (now !== before) tapped = undefined;
    if (now === 'step') {
      if (before !== 'step' && step.value)
        player.loop.value = { from: step.value.from, to: step.value.to };
    } else if (now !== 'taps') {
      player.loop.value = spanAt(tune.value, now, chord);
    } else if (before === 'taps') {
      if (tapped === undefined) tapped = chord;
      else {
        player.loop.value = spanBetween(tune.value, tapped, chord);
        tapped = undefined;
      }
    }
  });

  watch(heard, (now) => (player.parts.value = loudness(now)), { immediate: true, deep: true });
  watch(
    [ahead, tune],
    ([how, music]) => {
      const beat = music?.beatLength ?? 1;
      player.lead.value = { off: 0, beat, bar: music?.barLength ?? 4 * beat }[how];
    },
    { immediate: true },
  );
  /** The chord that comes next, as long as it is shown. */
  const next = computed(() =>
    ahead.value === 'off' ? undefined : tune.value?.chords[player.coming.value ?? -1],
  );

  watch(
    [tune, heard, greys, memory, level, player.loop],
    () => {
      if (!tune.value) return;
      const range: BarRange = player.loop.value ?? { from: 0, to: tune.value.bars.length - 1 };
      const grey = greys.value ? silentNotes(tune.value, heard.value) : new Set<string>();
      veil.value = { ...memorised(tune.value, memory.value, level.value, range), grey };
    },
    { immediate: true, deep: true },
  );

  /** A round without a slip is over. */
  function round() {
    if (memory.value !== 'fading' || ++clean < (step.value?.rounds ?? 1)) return;
    clean = 0;
    level.value = Math.min(SEEN.length - 1, level.value + 1);
  }
  function slip() {
    clean = 0;
    level.value = Math.max(0, level.value - 1);
  }
  watch(memory, () => (level.value = memory.value === 'fading' ? 1 : 0));

  onScopeDispose(() => {
    veil.value = undefined;
    player.parts.value = undefined;
    player.held.value = false;
    player.slows.value = false;
    player.spoken.value = false;
    player.lead.value = 0;
    player.loop.value = undefined;
  });

  return { heard, greys, span, ahead, memory, level, next, round, slip };
}
