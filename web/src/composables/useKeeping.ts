import { ref, type Ref } from 'vue';
import {
  api,
  Away,
  type ShelfLabels,
  type Student,
  type Tune,
  type TuneSummary,
} from '../api/client';
import { printingLines } from './printing';
import { saveAs } from './useFiles';

const emptyChart = () => `title: New tune\ntempo: 80\n${printingLines()}\n`;

/** What is done with whole tunes: begun, labelled, taken off the shelf and put back, kept in a file. */
export function useKeeping(
  tunes: Ref<TuneSummary[] | undefined>,
  /** Says what was just done, and how to undo it. */
  say: (text: string, undo?: () => void) => void,
) {
  /** Tunes taken off the shelf. */
  const off = ref<TuneSummary[]>([]);
  /** Students who were removed. */
  const gone = ref<Student[]>([]);
  const trouble = ref('');

  async function attempt<T>(work: () => Promise<T>): Promise<T | undefined> {
    trouble.value = '';
    try {
      return await work();
    } catch (error) {
      const remedy = error instanceof Away ? '; try again in a moment.' : '.';
      trouble.value = (error as Error).message + remedy;
      return undefined;
    }
  }

  const load = () =>
    attempt(async () => {
      [tunes.value, off.value, gone.value] = await Promise.all([
        api.tunes(),
        api.removedTunes(),
        api.removedStudents(),
      ]);
    });

  /** The tune begun, or nothing where the server refused. */
  const add = (): Promise<Tune | undefined> => attempt(() => api.addTune(emptyChart()));

  const putBack = (tune: TuneSummary) =>
    attempt(async () => {
      await api.putBack(tune.id);
      await load();
    });

  const putBackStudent = (student: Student) =>
    attempt(async () => {
      await api.putBackStudent(student.id);
      say(`${student.name} is back, with all tunes.`);
      await load();
    });

  const eraseStudent = (student: Student) =>
    attempt(async () => {
      await api.eraseStudent(student.id);
      say(`Nothing is kept of ${student.name} any more.`);
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
      saveAs('zesty-thumb-backup.json', await api.backup());
    });

  const restore = (file: File) =>
    attempt(async () => {
      const { added, alreadyHere } = await api.restore(file);
      say(`${added} put back, ${alreadyHere} stood here already.`);
      await load();
    });

  return {
    off,
    gone,
    trouble,
    load,
    add,
    putBack,
    putBackStudent,
    eraseStudent,
    remove,
    label,
    backup,
    restore,
  };
}
