import { computed, ref } from 'vue';
import { api, Away, type ImportedTune } from '../api/client';
import { withoutLeftHand } from '../editor/left-hand';

export interface Brought {
  key: number;
  file: string;
  blob: Blob;
  /** Which of the tunes in its file it is. */
  place: number;
  tune: ImportedTune;
  wanted: boolean;
  /** Whether its left hand is kept as it is written. */
  left: boolean;
  /** Its number on the shelf, once it stands there. */
  id?: number;
}

export interface Failed {
  file: string;
  why: string;
}

/** What was read stays until it stands on the shelf or the page is loaded anew, also while another view is shown. */
const tunes = ref<Brought[]>([]);
const failed = ref<Failed[]>([]);
let count = 0;
/** What no file has a name for. */
const PASTED = 'the text';
/** What was pasted and not read yet. */
const pasted = ref('');

/** Reads files one after another and puts what is wanted of them on the shelf. */
export function useBringing() {
  /** Also what was dropped and not read when it was stopped. */
  const waiting = ref<{ name: string; blob: Blob }[]>([]);
  const done = ref(0);
  const trouble = ref('');
  const busy = ref(false);
  let stopped = false;

  const total = computed(() => done.value + waiting.value.length);
  const wanted = computed(() => tunes.value.filter((one) => one.wanted && !one.id));

  async function read(files: { name: string; blob: Blob }[]) {
    waiting.value.push(...files);
    if (busy.value) return;
    busy.value = true;
    stopped = false;
    done.value = 0;
    while (waiting.value.length && !stopped) {
      const { name, blob } = waiting.value[0]!;
      await readOne(name, blob);
      waiting.value.shift();
      done.value++;
    }
    busy.value = false;
  }

  /** Whether it could be read. */
  async function readOne(name: string, blob: Blob) {
    const file = name || PASTED;
    try {
      for (const [place, tune] of (await api.bring(name, blob)).entries()) {
        tunes.value.push({ key: ++count, file, blob, place, tune, wanted: true, left: true });
      }
      return true;
    } catch (error) {
      const again = error instanceof Away ? '; bring it once more in a moment' : '';
      failed.value.push({ file, why: (error as Error).message + again });
      return false;
    }
  }

  /** Reads a tune once more, with other lines of its file for tune and left hand. */
  async function take(one: Brought, tune: string, left: string | undefined) {
    busy.value = true;
    trouble.value = '';
    try {
      const name = one.file === PASTED ? '' : one.file;
      const read = (await api.bring(name, one.blob, tune, left))[one.place];
      if (read) Object.assign(one, { tune: read, left: true });
    } catch (error) {
      trouble.value = `${(error as Error).message}; the tune stays as it was read.`;
    } finally {
      busy.value = false;
    }
  }

  /** What was pasted stays where it cannot be read. */
  async function readPasted() {
    const text = pasted.value;
    busy.value = true;
    const read = await readOne('', new Blob([text]));
    busy.value = false;
    if (read && pasted.value === text) pasted.value = '';
  }

  /** What was left when it was stopped. */
  const goOn = () => read([]);

  /** Clears away what is on the shelf by now, and what failed. */
  function clear() {
    tunes.value = tunes.value.filter((one) => !one.id);
    failed.value = [];
  }

  const stop = () => (stopped = true);

  /** Puts the wanted tunes on the shelf; what is there stays there if one fails. */
  async function shelve() {
    // A second press puts nothing there twice.
    if (busy.value) return;
    trouble.value = '';
    busy.value = true;
    try {
      for (const one of wanted.value) {
        const { chart } = one.tune;
        one.id = (await api.addTune(one.left ? chart : withoutLeftHand(chart))).id;
      }
    } catch (error) {
      trouble.value = `${(error as Error).message}; what is missing can be put there again.`;
    } finally {
      busy.value = false;
    }
  }

  return {
    tunes,
    failed,
    pasted,
    waiting,
    done,
    total,
    busy,
    trouble,
    wanted,
    read,
    take,
    readPasted,
    goOn,
    stop,
    shelve,
    clear,
  };
}
