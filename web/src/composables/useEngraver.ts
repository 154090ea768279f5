import { onScopeDispose, shallowRef } from 'vue';
import type { EngraveRequest, EngraveResult } from '../engraver/messages';

/**
 * Engraves MusicXML in a worker; while one page is drawn only the newest request waits. Each drawing
 * comes with what it was drawn from, so that nothing else is read into it.
 */
export function useEngraver<Source>() {
  const drawing = shallowRef<{ svg: string; source: Source }>();
  const sources = new Map<number, Source>();
  // Started at once: the engraver loads while the tune is still fetched.
  const worker = start();
  let count = 0;
  let busy = false;
  let waiting: EngraveRequest | undefined;

  function send(request: EngraveRequest) {
    busy = true;
    worker.postMessage(request);
  }

  function start() {
    const made = new Worker(new URL('../engraver/worker.ts', import.meta.url), { type: 'module' });
    made.onmessage = (event: MessageEvent<EngraveResult>) => {
      busy = false;
      const { id, svg } = event.data;
      drawing.value = { svg, source: sources.get(id)! };
      sources.delete(id);
      if (waiting) {
        const next = waiting;
        waiting = undefined;
        send(next);
      }
    };
    return made;
  }

  function engrave(source: Source, { musicXml, width, scale, braced }: Omit<EngraveRequest, 'id'>) {
    const request = { id: ++count, musicXml, width, scale, braced };
    if (waiting) sources.delete(waiting.id);
    sources.set(request.id, source);
    if (busy) waiting = request;
    else send(request);
  }

  onScopeDispose(() => worker.terminate());
  return { drawing, engrave };
}
