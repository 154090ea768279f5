let ahead: Worker | undefined;

const begin = () => new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });

/** Begins to load the engraver, which takes longest of all that a lesson needs. */
export function prepareEngraver() {
  if (ahead) return;
  keep(begin());
}

/** Keeps one that is at rest for the next tune. */
export function giveBackEngraver(worker: Worker) {
  if (ahead) worker.terminate();
  else keep(worker);
}

function keep(worker: Worker) {
  ahead = worker;
  worker.onmessage = null;
  // Whoever needs it then begins another, and hears of its trouble.
  worker.onerror = () => (ahead = undefined);
}

/** An engraver of one's own: the one prepared, or a fresh one. */
export function takeEngraver(): Worker {
  const worker = ahead ?? begin();
  ahead = undefined;
  return worker;
}
