import { onScopeDispose, ref, shallowRef } from 'vue';
import { giveBackEngraver, takeEngraver } from '../engraver/start';
import type { EngraveRequest, EngraveResult } from '../engraver/messages';

interface Job<Source> {
  source: Source;
  request: EngraveRequest;
  /** Whether an engraver has failed on it already. */
  again: boolean;
}

const MOST_FAILURES = 3;

/**
 * Engraves the pieces of a score in a worker; while one page is drawn only the newest request waits. Each drawing
 * comes with what it was drawn from, so that nothing else is read into it. An engraver that fails is
 * replaced by a fresh one, which tries the same page once more; then the trouble is said.
 */
export function useEngraver<Source>() {
  const drawing = shallowRef<{ svgs: string[]; source: Source }>();
  const trouble = ref('');
  // Started at once: the engraver loads while the tune is still fetched.
  let worker: Worker | undefined = start();
  /** How many engravers in a row have drawn nothing. */
  let failures = 0;
  let count = 0;
  let drawn: Job<Source> | undefined;
  let waiting: Job<Source> | undefined;

  function start() {
    const made = takeEngraver();
    made.onmessage = (event: MessageEvent<EngraveResult>) => {
      if ('failed' in event.data) return fail();
      failures = 0;
      drawing.value = { svgs: event.data.svgs, source: drawn!.source };
      trouble.value = '';
      next();
    };
    made.onerror = fail;
    return made;
  }

  function send(job: Job<Source>) {
    drawn = job;
    worker ??= start();
    worker.postMessage(job.request);
  }

  function next() {
    drawn = undefined;
    const job = waiting;
    waiting = undefined;
    if (job) send(job);
  }

  function fail() {
    worker?.terminate();
    // One that cannot even load is tried again when there is something new to draw, and not for ever.
    worker = ++failures < MOST_FAILURES ? start() : undefined;
    const job = drawn;
    if (job && !job.again && !waiting) return send({ ...job, again: true });
    if (!waiting) trouble.value = 'The music could not be drawn; reload the page to try again.';
    next();
  }

  function engrave(source: Source, request: Omit<EngraveRequest, 'id'>) {
    const job = { source, request: { ...request, id: ++count }, again: false };
    if (drawn) waiting = job;
    else send(job);
  }

  onScopeDispose(() => {
    // What it still draws would come to the next tune.
    if (drawn) worker?.terminate();
    else if (worker) giveBackEngraver(worker);
  });
  return { drawing, trouble, engrave };
}
