import { computed, onScopeDispose, ref, watch, type Ref } from 'vue';
import { Away, Refused } from '../api/client';
import { keepHere } from './keepHere';

export type SaveState = 'loading' | 'saved' | 'saving' | 'away' | 'changed elsewhere' | 'refused';

/** A value and the version of it that the server has. */
export interface Kept<T> {
  version: number;
  value: T;
}

/** How a value is sent and asked for. */
export interface Post<T> {
  /** Under which name it is kept on this device. */
  key: string;
  /** Gives back the version that the server has now. */
  send: (version: number, value: T) => Promise<number>;
  fetch: () => Promise<Kept<T>>;
  /** Reads what an older page may have left on this device. */
  lift?: (left: unknown) => Kept<T>;
}

const SAVE_AFTER = 600;
const TRY_AGAIN_AFTER = 2000;
const LONGEST_WAIT = 30_000;
const PRECONDITION_FAILED = 412;

/** Saves that closed views still wait for: what they save is opened again only after them. */
const unfinished = new Map<string, Promise<void>>();

/** All saves that closed views have begun. */
export const whenAllAreSent = () => Promise.all(unfinished.values());

/** Whether the server has all that was sent; it may have added what was left out. */
function isHeld(sent: unknown, theirs: unknown): boolean {
  if (typeof sent !== 'object' || !sent || typeof theirs !== 'object' || !theirs) {
    return sent === theirs;
  }
  if (Array.isArray(sent) && sent.length !== (theirs as unknown[]).length) return false;
  return Object.entries(sent).every(([key, one]) => isHeld(one, theirs[key as never]));
}

/** What was on its way when the page was closed. */
const sentFrom = (key: string): unknown => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null')?.sent;
  } catch {
    return undefined;
  }
};

function leftHere<T>({ key, lift }: Post<T>): Kept<T> | null {
  try {
    const left = JSON.parse(localStorage.getItem(key) ?? 'null');
    return left && lift ? lift(left) : left;
  } catch {
    return null;
  }
}

/**
 * A value that saves itself. Every change is kept on this device at once and sent to the server soon after; while the
 * server is away it is tried again, and what a closed page left here goes first.
 *
 * @param empty what stands there before it has begun
 */
export function useOutbox<T>(post: Post<T>, empty?: T) {
  const value = ref(empty) as Ref<T>;
  const state = ref<SaveState>('loading');
  const trouble = ref('');
  /** Whether what is changed is kept on this device as well; not where it has no room left. */
  const isKeptHere = ref(true);
  const hasBegun = ref(false);
  let version = 0;
  let changes = 0;
  /** What was sent last and may have arrived without a word of it. */
  let onItsWay = sentFrom(post.key);
  /** How many of the changes the server has; −1 while it lacks what was left here. */
  let saved = 0;
  let saving: Promise<void> | undefined;
  let hasLeft = false;
  /** How often in a row the server was away: the longer it is, the longer is waited. */
  let failures = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;

  /** Begins with what the server has, or with what was left here and goes first; false where there is neither. */
  function begin(kept?: Kept<T>): boolean {
    const draft = leftHere(post);
    const first = draft ?? kept;
    if (!first) return false;
    if (hasBegun.value) {
      // Begun while the server was away: what was left here stands already.
      later(0);
      return true;
    }
    version = first.version;
    value.value = first.value;
    hasBegun.value = true;
    saved = draft ? -1 : 0;
    watch(value, changed, { deep: true, flush: 'sync' });
    if (!draft) state.value = 'saved';
    else if (kept) later(0);
    return true;
  }

  function changed() {
    changes++;
    keep();
    if (state.value !== 'changed elsewhere') {
      if (state.value !== 'away') state.value = 'saving';
      later(SAVE_AFTER);
    }
  }

  function keep() {
    isKeptHere.value = keepHere(
      post.key,
      JSON.stringify({ version, value: value.value, sent: onItsWay }),
    );
  }

  function later(ms: number) {
    clearTimeout(timer);
    if (!hasLeft) timer = setTimeout(save, ms);
  }

  /** One save at a time: a second one sent before the first is answered would carry an old version. */
  const save = () => (saving ??= send().finally(() => (saving = undefined)));

  async function send() {
    const sent = changes;
    const before = onItsWay;
    onItsWay = JSON.parse(JSON.stringify(value.value));
    keep();
    try {
      version = await post.send(version, value.value);
      onItsWay = undefined;
      failures = 0;
      saved = sent;
      if (sent === changes) {
        localStorage.removeItem(post.key);
        state.value = 'saved';
      } else {
        keep();
        later(SAVE_AFTER);
      }
    } catch (error) {
      if (await isMine(error, [before, onItsWay])) return later(0);
      report(error);
      if (error instanceof Away) later(Math.min(LONGEST_WAIT, TRY_AGAIN_AFTER * 2 ** failures++));
      else if (sent !== changes && state.value !== 'changed elsewhere') later(SAVE_AFTER);
    }
  }

  /** Whether somebody else's save was this page's own, which arrived and was not answered; then it is gone on from there. */
  async function isMine(error: unknown, sent: unknown[]) {
    if (!(error instanceof Refused) || error.status !== PRECONDITION_FAILED) return false;
    const theirs = await post.fetch().catch(() => undefined);
    if (!theirs || theirs.version === version) return false;
    if (!sent.some((one) => one !== undefined && isHeld(one, theirs.value))) return false;
    version = theirs.version;
    return true;
  }

  /** Says what went wrong; also used by whoever fetches the value. */
  function report(error: unknown) {
    trouble.value = error instanceof Error ? error.message : String(error);
    if (error instanceof Refused) {
      state.value = error.status === PRECONDITION_FAILED ? 'changed elsewhere' : 'refused';
    } else {
      state.value = 'away';
    }
  }

  /** After someone else saved: keep what stands here. */
  async function keepMine() {
    version = (await post.fetch()).version;
    await save();
  }

  /** After someone else saved: take what they saved. */
  async function takeTheirs() {
    const theirs = await post.fetch();
    version = theirs.version;
    value.value = theirs.value;
    saved = changes;
    clearTimeout(timer);
    localStorage.removeItem(post.key);
    state.value = 'saved';
  }

  /** What is not saved yet is sent, at most once more, and nothing is tried again after that. */
  async function finish() {
    await saving;
    if (saved !== changes && state.value !== 'changed elsewhere') await save();
  }

  onScopeDispose(() => {
    hasLeft = true;
    clearTimeout(timer);
    if (!hasBegun.value || (!saving && saved === changes)) return;
    const last = finish().finally(() => {
      if (unfinished.get(post.key) === last) unfinished.delete(post.key);
    });
    unfinished.set(post.key, last);
  });

  return { value, state, trouble, isKeptHere, hasBegun, begin, report, keepMine, takeTheirs };
}

type Box = Pick<
  ReturnType<typeof useOutbox>,
  'state' | 'trouble' | 'isKeptHere' | 'keepMine' | 'takeTheirs'
>;

const BY_ALARM: SaveState[] = [
  'changed elsewhere',
  'refused',
  'away',
  'loading',
  'saving',
  'saved',
];

/** How several of them stand, told as one: the worst of them. */
export function useSaving(boxes: () => Box[]) {
  const worst = computed(() =>
    [...boxes()].sort((a, b) => BY_ALARM.indexOf(a.state.value) - BY_ALARM.indexOf(b.state.value)),
  );
  const conflicts = () => boxes().filter((box) => box.state.value === 'changed elsewhere');
  return {
    state: computed<SaveState>(() => worst.value[0]?.state.value ?? 'loading'),
    trouble: computed(() => worst.value[0]?.trouble.value ?? ''),
    isKeptHere: computed(() => boxes().every((box) => box.isKeptHere.value)),
    keepMine: async () => void (await Promise.all(conflicts().map((box) => box.keepMine()))),
    takeTheirs: async () => void (await Promise.all(conflicts().map((box) => box.takeTheirs()))),
  };
}
