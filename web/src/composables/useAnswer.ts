import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { api, Away, type AnswerSheet } from '../api/client';
import { keepHere } from './keepHere';

const TRY_AGAIN_AFTER = 2000;
const SECOND = 1000;

/** What is played and not yet known to be kept. */
interface Unsent {
  attempt: number;
  chords: Record<number, number[]>;
}

/**
 * A student's answer to an exercise: every key goes to the server as it is played, in its order, and stays on this
 * device until it is there.
 */
export function useAnswer(code: string) {
  const box = `zesty.answer.${code}`;
  const sheet = shallowRef<AnswerSheet>();
  const trouble = ref('');
  /** Whether the line is down; what is played meanwhile is kept here. */
  const away = ref(false);
  const busy = ref(false);
  const unsent = ref<Unsent>(kept());
  const begun = Date.now();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let sending: Promise<void> | undefined;

  function kept(): Unsent {
    try {
      return JSON.parse(localStorage.getItem(box) ?? '') as Unsent;
    } catch {
      return { attempt: 0, chords: {} };
    }
  }

  const seconds = () => Math.round((Date.now() - begun) / SECOND);

  /** The keys of a chord as they were played last, sent or not. */
  function keysOf(chord: number): number[] {
    const here = unsent.value.chords[chord];
    return here ?? sheet.value?.places.find((place) => place.chord === chord)?.keys ?? [];
  }

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

  function play(chord: number, keys: number[]) {
    if (!sheet.value || sheet.value.finished) return;
    const { attempt } = sheet.value;
    unsent.value = { attempt, chords: { ...unsent.value.chords, [chord]: keys } };
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
      const keys = unsent.value.chords[chord]!;
      const { attempt } = unsent.value;
      const body = { attempt, keys, seconds: seconds() };
      const isKept = await call(() => api.answerChord(code, chord, body));
      if (!isKept && away.value) {
        timer = setTimeout(() => void send(), TRY_AGAIN_AFTER);
        return;
      }
      // What was refused is not sent again; the words tell why.
      if (unsent.value.chords[chord] === keys) {
        const left = { ...unsent.value.chords };
        delete left[chord];
        unsent.value = { attempt, chords: left };
        keepHere(box, JSON.stringify(unsent.value));
      }
    }
  }

  async function once(what: () => Promise<AnswerSheet>) {
    busy.value = true;
    await send();
    if (!away.value && (await call(what))) forget();
    busy.value = false;
  }
  const finish = () =>
    once(() => api.finishTry(code, { attempt: sheet.value?.attempt ?? 1, seconds: seconds() }));
  const again = () => once(() => api.tryAgain(code));

  onScopeDispose(() => clearTimeout(timer));
  const isAllSent = computed(() => !Object.keys(unsent.value.chords).length);
  return { sheet, trouble, away, busy, isAllSent, keysOf, load, play, finish, again };
}
