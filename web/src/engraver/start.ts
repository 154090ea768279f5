let ahead: Worker | undefined;

const begin = () => new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });

/** Begins to load the engraver, which takes longest of all that a lesson needs. */
export function prepareEngraver() {
  if (ahead) return;
  ahead = begin();
  // Whoever needs it then begins another, and hears of its trouble.
  ahead.onerror = () => (ahead = undefined);
}

/** An engraver of one's own: the one prepared, or a fresh one. */
export function takeEngraver(): Worker {
  const worker = ahead ?? begin();
  ahead = undefined;
  return worker;
}
