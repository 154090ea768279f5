import { onScopeDispose, ref } from 'vue';

/**
 * Asks for one thing: a newer question ends the one before, an answer that comes too late is dropped, and so is what is
 * still asked for when nobody looks any more. What failed is said.
 */
export function useLatest() {
  const trouble = ref('');
  const busy = ref(false);
  let running: AbortController | undefined;

  function drop() {
    running?.abort();
    running = undefined;
    busy.value = false;
  }

  async function ask<T>(question: (signal: AbortSignal) => Promise<T>, take: (answer: T) => void) {
    drop();
    const mine = (running = new AbortController());
    busy.value = true;
    try {
      const answer = await question(mine.signal);
      if (running !== mine) return;
      trouble.value = '';
      take(answer);
    } catch (error) {
      if (running === mine) trouble.value = `${(error as Error).message}.`;
    } finally {
      if (running === mine) busy.value = false;
    }
  }
  onScopeDispose(drop, true);

  return { ask, drop, trouble, busy };
}
