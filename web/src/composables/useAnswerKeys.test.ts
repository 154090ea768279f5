import { afterEach, describe, expect, it } from 'vitest';
import { effectScope, ref } from 'vue';
import { useAnswerKeys } from './useAnswerKeys';

let scope = effectScope();
afterEach(() => {
  scope.stop();
  scope = effectScope();
});

function entry(most: 1 | 2) {
  const keys = ref<number[]>([]);
  const entered = scope.run(() =>
    useAnswerKeys(
      keys,
      (now) => (keys.value = now),
      { go: () => {}, hear: () => {} },
      () => most,
    ),
  )!;
  return { keys, ...entered };
}

describe('the keys of an answer', () => {
  it('are let go where they are pressed again', () => {
    const { keys, press } = entry(1);
    [60, 64, 60].forEach(press);
    expect(keys.value).toEqual([64]);
  });

  it('are held by two parts where that is possible, and let go by a third press', () => {
    const { keys, press } = entry(2);
    [67, 60, 67].forEach(press);
    expect(keys.value).toEqual([60, 67, 67]);
    press(67);
    expect(keys.value).toEqual([60]);
  });
});
