import { describe, expect, it } from 'vitest';
import { effectScope } from 'vue';
import { useLatest } from './useLatest';

/** A question that is answered when the test says so. */
function later<T>() {
  let answer!: (value: T) => void;
  let fail!: (error: Error) => void;
  const promise = new Promise<T>((resolve, reject) => {
    answer = resolve;
    fail = reject;
  });
  return { promise, answer, fail };
}

describe('useLatest', () => {
  it('drops an answer that comes after a newer question, and ends the older one', async () => {
    const { ask } = useLatest();
    const taken: string[] = [];
    const [first, second] = [later<string>(), later<string>()];
    const signals: AbortSignal[] = [];
    const question = (one: typeof first) => (signal: AbortSignal) => {
      signals.push(signal);
      return one.promise;
    };
    const asked = [
      ask(question(first), (a) => taken.push(a)),
      ask(question(second), (a) => taken.push(a)),
    ];
    second.answer('second');
    first.answer('first');
    await Promise.all(asked);
    expect(taken).toEqual(['second']);
    expect(signals.map((signal) => signal.aborted)).toEqual([true, false]);
  });

  it('says what failed, but not of a question that was given up', async () => {
    const { ask, trouble, busy } = useLatest();
    const [first, second] = [later<string>(), later<string>()];
    const old = ask(
      () => first.promise,
      () => {},
    );
    const now = ask(
      () => second.promise,
      () => {},
    );
    first.fail(new Error('too late'));
    await old;
    expect([trouble.value, busy.value]).toEqual(['', true]);
    second.fail(new Error('the server cannot be reached'));
    await now;
    expect([trouble.value, busy.value]).toEqual(['the server cannot be reached.', false]);
  });

  it('ends its question when nobody looks any more', async () => {
    const scope = effectScope();
    const latest = scope.run(() => useLatest())!;
    let asked: AbortSignal | undefined;
    void latest.ask(
      (signal) => ((asked = signal), new Promise(() => {})),
      () => {},
    );
    scope.stop();
    expect(asked?.aborted).toBe(true);
  });
});
