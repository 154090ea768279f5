import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { api, Away, type AnswerSheet } from '../api/client';
import { keepHere } from './keepHere';

const TRY_AGAIN_AFTER = 2000;
const SECOND = 1000;

/** What is played and not yet known to be kept. */
interface Unsent {
  attempt: number;
  chords: Record<number, Given>;
}

/** What is answered at one chord: keys, or a word. */
interface Given {
  keys: number[];
  word: string;
  /** Seconds from when the chord was looked at to its first key. */
  waited: number;
}

/**
 * A student's answer to an exercise: every key goes to the server as it is played, in its order, and stays on this
 * device until it is there.
 */
export function useAnswer(code: string) {
  const box = `zesty.answered.${code}`;
  const sheet = shallowRef<AnswerSheet>();
  const trouble = ref('');
  /** Whether the line is down; what is played meanwhile is kept here. */
  const away = ref(false);
  const busy = ref(false);
  const unsent = ref<Unsent>(kept());
  const begun = Date.now();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let sending: Promise<void> | undefined;
  let hasLeft = false;

  function kept(): Unsent {
    try {
      return JSON.parse(localStorage.getItem(box) ?? '') as Unsent;
    } catch {
      return { attempt: 0, chords: {} };
    }
  }

  const seconds = () => Math.round((Date.now() - begun) / SECOND);

  const placeOf = (chord: number) => sheet.value?.places.find((place) => place.chord === chord);
  /** What is answered at a chord as it was last, sent or not. */
  const keysOf = (chord: number) => unsent.value.chords[chord]?.keys ?? placeOf(chord)?.keys ?? [];
  const wordOf = (chord: number) => unsent.value.chords[chord]?.word ?? placeOf(chord)?.word ?? '';
  const isAnswered = (chord: number) => keysOf(chord).length > 0 || wordOf(chord) !== '';

  /** Since when which chord is looked at. */
  let looked = { chord: -1, since: Date.now() };
  const look = (chord: number) => void (looked = { chord, since: Date.now() });

  /** Calls until the line is there again; what the server refuses is said. */
  async function call(what: () => Promise<AnswerSheet>): Promise<boolean> {
    try {
      sheet.value = await what();
      away.value = false;
      trouble.value = '';
      return true;
    } catch (error) {
      away.value = error instanceof Away;
      trouble.value = away.value ? '' : `${(error as Error).message}.`;
      return false;
    }
  }

  async function load() {
    clearTimeout(timer);
    if (await call(() => api.answerSheet(code))) {
      // What was played in a try that is over belongs to it, and to no other.
      if (unsent.value.attempt !== sheet.value?.attempt) forget();
      void send();
    } else if (away.value) timer = setTimeout(load, TRY_AGAIN_AFTER);
  }

  function forget() {
    unsent.value = { attempt: sheet.value?.attempt ?? 0, chords: {} };
    localStorage.removeItem(box);
  }

  function give(chord: number, keys: number[], word = '') {
    if (!sheet.value || sheet.value.finished) return;
    const { attempt } = sheet.value;
    const waited = looked.chord === chord ? Math.round((Date.now() - looked.since) / SECOND) : 0;
    const given = { keys, word, waited };
    unsent.value = { attempt, chords: { ...unsent.value.chords, [chord]: given } };
    keepHere(box, JSON.stringify(unsent.value));
    void send();
  }

  /** One after another, the newest keys of each chord. */
  function send(): Promise<void> {
    sending ??= sendAll().finally(() => (sending = undefined));
    return sending;
  }

  async function sendAll() {
    clearTimeout(timer);
    for (;;) {
      const [chord] = Object.keys(unsent.value.chords).map(Number);
      if (chord === undefined) return;
      const given = unsent.value.chords[chord]!;
      const { attempt } = unsent.value;
      const body = { attempt, ...given, seconds: seconds() };
      const isKept = await call(() => api.answerChord(code, chord, body));
      if (!isKept && away.value) {
        timer = setTimeout(() => void send(), TRY_AGAIN_AFTER);
        return;
      }
      // What was refused is not sent again; the words tell why.
      if (unsent.value.chords[chord] === given) {
        const left = { ...unsent.value.chords };
        delete left[chord];
        unsent.value = { attempt, chords: left };
        keepHere(box, JSON.stringify(unsent.value));
      }
    }
  }

  const later = () => new Promise((go) => setTimeout(go, TRY_AGAIN_AFTER));
  const isAllSent = computed(() => !Object.keys(unsent.value.chords).length);

  /** Done once all is sent; while the line is down it is tried again. */
  async function once(what: () => Promise<AnswerSheet>) {
    if (busy.value) return;
    busy.value = true;
    while (!hasLeft) {
      await send();
      if (isAllSent.value && (await call(what))) forget();
      if (!away.value) break;
      await later();
    }
    busy.value = false;
  }
  const finish = () =>
    once(() => api.finishTry(code, { attempt: sheet.value?.attempt ?? 1, seconds: seconds() }));
  /** What was said of each chord in the try before. */
  const before = shallowRef<Record<number, string[]>>({});
  async function again() {
    const marked = sheet.value?.places.filter(({ mark }) => mark && mark.verdict !== 'RIGHT') ?? [];
    await once(() => api.tryAgain(code));
    if (!sheet.value?.finished) {
      before.value = Object.fromEntries(marked.map(({ chord, mark }) => [chord, mark!.words]));
    }
  }
  /** Something that helps at a chord, more each time: words, or a key to put down. */
  async function help(chord: number): Promise<{ words: string; key: number }> {
    await send();
    const at = { attempt: sheet.value?.attempt ?? 1, seconds: seconds() };
    try {
      return await api.helpWith(code, chord, at);
    } catch (error) {
      trouble.value = `${(error as Error).message}.`;
      return { words: '', key: 0 };
    }
  }

  async function sayName(name: string) {
    while (!hasLeft && !(await call(() => api.sayName(code, name))) && away.value) await later();
  }

  onScopeDispose(() => {
    hasLeft = true;
    clearTimeout(timer);
  });
  return {
    sheet,
    trouble,
    away,
    busy,
    isAllSent,
    keysOf,
    wordOf,
    isAnswered,
    look,
    load,
    give,
    finish,
    again,
    before,
    help,
    sayName,
  };
}
