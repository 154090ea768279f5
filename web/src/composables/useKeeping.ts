import { ref, type Ref } from 'vue';
import { api, type ShelfLabels, type Tune, type TuneSummary } from '../api/client';
import { printingLines } from './printing';
import { saveAs } from './useFiles';

const emptyChart = () => `title: New tune\ntempo: 80\n${printingLines()}\n`;

function readBackup(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new Error('this file is no backup of this app; choose the one saved under Backup');
  }
}

/** What is done with whole tunes: begun, labelled, taken off the shelf and put back, kept in a file. */
export function useKeeping(
  tunes: Ref<TuneSummary[] | undefined>,
  /** Says what was just done, and how to undo it. */
  say: (text: string, undo?: () => void) => void,
) {
  /** Tunes taken off the shelf. */
  const off = ref<TuneSummary[]>([]);
  const trouble = ref('');

  async function attempt<T>(work: () => Promise<T>): Promise<T | undefined> {
    trouble.value = '';
    try {
      return await work();
    } catch (error) {
      trouble.value = `${(error as Error).message}; try again in a moment.`;
      return undefined;
    }
  }

  const load = () =>
    attempt(async () => {
      [tunes.value, off.value] = await Promise.all([api.tunes(), api.removedTunes()]);
    });

  /** The tune begun, or nothing where the server refused. */
  const add = (): Promise<Tune | undefined> => attempt(() => api.addTune(emptyChart()));

  const putBack = (tune: TuneSummary) =>
    attempt(async () => {
      await api.putBack(tune.id);
      await load();
    });

  const remove = (tune: TuneSummary) =>
    attempt(async () => {
      await api.removeTune(tune.id);
      say(`${tune.title} was taken off the shelf.`, () => void putBack(tune));
      await load();
    });

  const label = (tune: TuneSummary, labels: ShelfLabels) =>
    attempt(async () => {
      await api.label(tune.id, labels);
      await load();
    });

  const backup = () =>
    attempt(async () => {
      const all = JSON.stringify(await api.backup(), null, 1);
      saveAs('zesty-thumb-backup.json', new Blob([all], { type: 'application/json' }));
    });

  const restore = (file: File) =>
    attempt(async () => {
      const { added, alreadyHere } = await api.restore(readBackup(await file.text()));
      say(`${added} put back, ${alreadyHere} stood here already.`);
      await load();
    });

  return { off, trouble, load, add, putBack, remove, label, backup, restore };
}
