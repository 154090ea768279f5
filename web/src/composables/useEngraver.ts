import { onScopeDispose, ref } from 'vue';
import type { EngraveRequest, EngraveResult } from '../engraver/messages';

/** Engraves MusicXML in a worker; while one page is drawn only the newest request waits. */
export function useEngraver() {
  const svg = ref('');
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
      svg.value = event.data.svg;
      if (waiting) {
        const next = waiting;
        waiting = undefined;
        send(next);
      }
    };
    return made;
  }

  function engrave(musicXml: string, width: number, scale: number) {
    const request = { id: ++count, musicXml, width, scale };
    if (busy) waiting = request;
    else send(request);
  }

  onScopeDispose(() => worker.terminate());
  return { svg, engrave };
}
