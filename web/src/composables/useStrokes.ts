import { onScopeDispose, ref, shallowRef, watch } from 'vue';
import { PracticeKeyboard, type MidiKeyboard } from '../player/midi-input';
import { useKeyboards } from './useKeyboards';

/** Milliseconds within which keys are struck together. */
const TOGETHER = 70;

/**
 * What is played once on a keyboard: keys struck together are one stroke. The keyboard for practice is there at once, real
 * ones when the browser has found them.
 *
 * @param struck is told all strokes so far, each a group of MIDI keys
 */
export function useStrokes(struck: (strokes: number[][]) => void) {
  const keyboards = shallowRef<MidiKeyboard[]>([new PracticeKeyboard()]);
  const keyboard = ref('practice');
  const listening = ref(false);
  let strokes: number[][] = [];
  let last = 0;
  let quiet: (() => void) | undefined;

  const found = useKeyboards();
  void found.find();
  watch(found.keyboards, (all) => {
    keyboards.value = all;
    if (!listening.value) keyboard.value = all[0]!.id;
  });

  /** Begins to listen, or ends it. */
  function listen() {
    quiet?.();
    quiet = undefined;
    listening.value = !listening.value;
    if (!listening.value) return;
    strokes = [];
    struck(strokes);
    const held = new Set<number>();
    quiet = keyboards.value
      .find(({ id }) => id === keyboard.value)
      ?.listen(
        (midi) => {
          const now = performance.now();
          // Struck together: while another is held, and almost at once.
          if (held.size && now - last < TOGETHER) strokes[strokes.length - 1]!.push(midi);
          else strokes.push([midi]);
          held.add(midi);
          last = now;
          struck(strokes);
        },
        (midi) => held.delete(midi),
      );
  }
  onScopeDispose(() => quiet?.());

  return { keyboards, keyboard, listening, listen };
}
