import { useEventListener } from '@vueuse/core';
import { computed, onScopeDispose, ref, watch, type Ref } from 'vue';
import { keyAbove, keyOf } from '../components/keyboard';
import { isTyping } from '../editor/typing';
import { useKeyboards } from './useKeyboards';

const C3 = 48;
const MIDDLE_OF_THE_HAND = 50;
const OCTAVE = 12;

/** The keys of one chord as a student plays them: pressed, typed as letters, or on a MIDI keyboard. */
export function useAnswerKeys(
  keys: Ref<number[]>,
  set: (keys: number[]) => void,
  does: { go: (by: number) => void; hear: () => void },
  /** Two parts may meet on one key: it is pressed twice, and once more to let both go. */
  most: () => 1 | 2 = () => 1,
  /** Whether a chord is broken: then its keys may come one after another on a keyboard too, until they are cleared. */
  isBroken: () => boolean = () => false,
) {
  const count = (midi: number) => keys.value.filter((key) => key === midi).length;
  const sorted = (some: number[]) => some.sort((a, b) => a - b);
  /** The key that was pressed last, which signs and arrows move. */
  const last = ref(MIDDLE_OF_THE_HAND);

  function press(midi: number) {
    last.value = midi;
    const isFull = count(midi) >= most();
    set(isFull ? keys.value.filter((key) => key !== midi) : sorted([...keys.value, midi]));
  }

  function shift(by: number) {
    const from = last.value;
    if (!keys.value.includes(from) || count(from + by) >= most()) return;
    const others = [...keys.value];
    others.splice(others.indexOf(from), 1);
    last.value += by;
    set(sorted([...others, last.value]));
  }

  /** Chords are typed from the bottom up. */
  function letter(name: string) {
    const highest = keys.value.at(-1);
    press(highest === undefined ? keyOf(name, MIDDLE_OF_THE_HAND) : keyAbove(name, highest));
  }

  const { keyboards, refusal, find } = useKeyboards(C3);
  const keyboard = ref('');
  let stop = () => {};
  watch(keyboard, (id) => {
    stop();
    // A chord that is struck at once begins anew when all keys were let go.
    const held = new Set<number>();
    const strike = (midi: number) => {
      const before = held.size || isBroken() ? keys.value : [];
      held.add(midi);
      const isFull = before.filter((key) => key === midi).length >= most();
      set(isFull ? before : sorted([...before, midi]));
    };
    const one = keyboards.value.find((each) => each.id === id);
    stop = one?.listen(strike, (midi) => void held.delete(midi)) ?? (() => {});
  });
  onScopeDispose(() => stop());
  void find();

  const actions = computed((): Record<string, () => unknown> => ({
    ArrowRight: () => does.go(1),
    ArrowLeft: () => does.go(-1),
    ArrowUp: () => shift(OCTAVE),
    ArrowDown: () => shift(-OCTAVE),
    '#': () => shift(1),
    _: () => shift(-1),
    '=': () => most() > 1 && keys.value.includes(last.value) && press(last.value),
    Backspace: () => set([]),
    Enter: () => does.go(1),
    ' ': () => does.hear(),
  }));
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const target = event.target as HTMLElement;
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(target)) return;
    if (target.closest('[role="combobox"], [role="listbox"]')) return;
    // These press the button that has the focus.
    if ([' ', 'Enter'].includes(event.key) && target.closest('button, a')) return;
    const isLetter = /^[a-gA-G]$/.test(event.key);
    const act = isLetter ? () => letter(event.key) : actions.value[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  });

  return { press, keyboard, keyboards, refusal };
}
