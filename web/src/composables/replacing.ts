import type { Ref } from 'vue';

/** Writes what comes of a text over it, unless it was changed meanwhile: what was typed stands. Tells whether it was written. */
export async function replaced(text: Ref<string>, work: (before: string) => Promise<string>) {
  const before = text.value;
  const changed = await work(before);
  if (text.value !== before) return false;
  text.value = changed;
  return true;
}

/** What is said where it was not. */
export const TYPED_MEANWHILE = 'You typed meanwhile, and that stands; try again.';
