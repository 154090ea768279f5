import { computed, onScopeDispose, ref, watch } from 'vue';
import { keepHere } from './keepHere';
import { api, Away, Refused, type Setting } from '../api/client';

export type SaveState = 'loading' | 'saved' | 'saving' | 'away' | 'changed elsewhere' | 'refused';

interface Draft {
  version: number;
  chart: string;
  settings: Setting[];
}

const SAVE_AFTER = 600;
const TRY_AGAIN_AFTER = 2000;

const keptAs = (id: number) => `zesty.draft.${id}`;

/** Saves that a closed lesson still waits for, by tune: it is opened again only after them. */
const unfinished = new Map<number, Promise<void>>();

function keptDraft(id: number): Draft | null {
  try {
    return JSON.parse(localStorage.getItem(keptAs(id)) ?? 'null');
  } catch {
    return null;
  }
}

/**
 * A tune that saves itself. Every change is kept on this device at once and sent to the server soon
 * after; while the server is away it is tried again, and a draft left here by a closed page goes first.
 */
export function useTune(id: number) {
  const chart = ref('');
  const settings = ref<Setting[]>([]);
  const state = ref<SaveState>('loading');
  const trouble = ref('');
  const isLoaded = computed(() => settings.value.length > 0);
  /** Whether what is typed is kept on this device as well; not where it has no room left. */
  const isKeptHere = ref(true);
  let version = 0;
  let changes = 0;
  /** How many of the changes the server has; −1 while it lacks a draft that was left here. */
  let saved = 0;
  let saving: Promise<void> | undefined;
  let hasLeft = false;
  let timer: ReturnType<typeof setTimeout> | undefined;

  function take(draft: Draft) {
    version = draft.version;
    chart.value = draft.chart;
    settings.value = draft.settings;
  }

  async function load() {
    await unfinished.get(id);
    const draft = keptDraft(id);
    saved = draft ? -1 : 0;
    try {
      const tune = await api.tune(id);
      begin(draft ?? tune);
      if (draft) later(0);
      else state.value = 'saved';
    } catch (error) {
      if (draft) begin(draft);
      report(error);
      if (error instanceof Away) {
        timer = setTimeout(draft ? save : load, TRY_AGAIN_AFTER);
      }
    }
  }

  /** Once there is something to change: from here on every change is kept. */
  function begin(draft: Draft) {
    take(draft);
    watch([chart, settings], changed, { deep: true, flush: 'sync' });
  }

  function changed() {
    changes++;
    keep();
    if (state.value !== 'changed elsewhere') {
      if (state.value !== 'away') state.value = 'saving';
      later(SAVE_AFTER);
    }
  }

  const draftNow = (): Draft => ({ version, chart: chart.value, settings: settings.value });

  function keep() {
    isKeptHere.value = keepHere(keptAs(id), JSON.stringify(draftNow()));
  }

  function later(ms: number) {
    clearTimeout(timer);
    if (!hasLeft) timer = setTimeout(save, ms);
  }

  /** One save at a time: a second one sent before the first is answered would carry an old version. */
  const save = () => (saving ??= send().finally(() => (saving = undefined)));

  async function send() {
    const sent = changes;
    try {
      const tune = await api.saveTune(id, draftNow());
      version = tune.version;
      saved = sent;
      if (sent === changes) {
        localStorage.removeItem(keptAs(id));
        state.value = 'saved';
      } else {
        keep();
        later(SAVE_AFTER);
      }
    } catch (error) {
      report(error);
      if (error instanceof Away) later(TRY_AGAIN_AFTER);
      else if (sent !== changes && state.value !== 'changed elsewhere') later(SAVE_AFTER);
    }
  }

  function report(error: unknown) {
    trouble.value = error instanceof Error ? error.message : String(error);
    if (error instanceof Refused) {
      state.value = error.status === 409 ? 'changed elsewhere' : 'refused';
    } else {
      state.value = 'away';
    }
  }

  /** After someone else saved: keep what stands here. */
  async function keepMine() {
    version = (await api.tune(id)).version;
    await save();
  }

  /** After someone else saved: take what they saved. */
  async function takeTheirs() {
    const tune = await api.tune(id);
    take(tune);
    saved = changes;
    clearTimeout(timer);
    localStorage.removeItem(keptAs(id));
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
    if (!saving && saved === changes) return;
    const last = finish().finally(() => {
      if (unfinished.get(id) === last) unfinished.delete(id);
    });
    unfinished.set(id, last);
  });
  void load();

  return { chart, settings, state, trouble, isLoaded, isKeptHere, keepMine, takeTheirs };
}
