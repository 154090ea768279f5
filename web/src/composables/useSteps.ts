import { computed, shallowRef, type Ref } from 'vue';

interface Step {
  back: () => Step;
}

/** So many steps back are remembered, as long as the lesson is open. */
const MOST = 200;

/** Values that are written step by step, and can be taken back in their order, whichever of them it was. */
export function useSteps() {
  const past = shallowRef<Step[]>([]);
  const undone = shallowRef<Step[]>([]);

  /** How a value goes back to what it is now, and from there forth again. */
  function step<T>(value: Ref<T>, is = value.value): Step {
    return {
      back() {
        const forth = step(value);
        value.value = is;
        return forth;
      },
    };
  }

  function write<T>(value: Ref<T>, next: T) {
    past.value = [...past.value, step(value)].slice(-MOST);
    undone.value = [];
    value.value = next;
  }

  function move(from: Ref<Step[]>, to: Ref<Step[]>) {
    const last = from.value.at(-1);
    if (!last) return;
    from.value = from.value.slice(0, -1);
    to.value = [...to.value, last.back()];
  }

  return {
    write,
    back: () => move(past, undone),
    again: () => move(undone, past),
    canGoBack: computed(() => past.value.length > 0),
  };
}
