import {
  api,
  type Choices,
  type PracticeRecord,
  type Student,
  type StudentDraft,
} from '../api/client';
import { useOutbox, type Kept } from './useOutbox';

export const draftOf = ({ name, hand, level }: Student): StudentDraft => ({ name, hand, level });

/** The text of a tune; before students had rows of their own it was kept with what they played. */
export const chartBox = (id: number) =>
  useOutbox<string>(
    {
      key: `zesty.draft.${id}`,
      send: async (version, chart) => (await api.saveChart(id, version, chart)).version,
      fetch: async () => {
        const { version, chart } = await api.tune(id);
        return { version, value: chart };
      },
      lift: (left) => {
        const { version, chart, value } = left as Kept<string> & { chart?: string };
        return { version, value: chart ?? value };
      },
    },
    '',
  );

/** What could not be chosen yet on older pages. */
const LATER_CHOICES = {
  stretches: [],
  varied: false,
  weights: {},
  forbidden: [],
  pedal: 'NONE',
  touch: 'AS_THE_FIGURE',
  repeating: 'AS_USUAL',
  fingering: 'BOOK',
  tuneFingers: false,
  wanted: [],
  waivers: [],
  way: [],
  wayBars: [],
} satisfies Partial<Choices>;

export const choicesBox = (tune: number, id: number) =>
  useOutbox<Choices>({
    key: `zesty.choices.${id}`,
    send: async (version, choices) => (await api.saveChoices(id, version, choices)).version,
    fetch: async () => {
      const { assignments } = await api.tune(tune);
      const mine = assignments.find((one) => one.id === id);
      if (!mine) throw new Error('nobody plays this any more');
      return { version: mine.version, value: mine.choices };
    },
    lift: (left) => {
      const { version, value } = left as Kept<Choices>;
      return { version, value: { ...LATER_CHOICES, ...value } };
    },
  });

export const NOTHING: PracticeRecord = { steps: [], bars: [] };

/** What was practised grows whatever is saved beside it, so it has no versions. */
export const practisedBox = (
  key: string,
  keep: (record: PracticeRecord) => Promise<PracticeRecord>,
  fetch: () => Promise<PracticeRecord>,
) =>
  useOutbox<PracticeRecord>(
    {
      key: `zesty.practised.${key}`,
      send: async (version, record) => {
        await keep(record);
        return version;
      },
      fetch: async () => ({ version: 0, value: await fetch() }),
    },
    NOTHING,
  );

export const studentBox = (id: number) =>
  useOutbox<StudentDraft>({
    key: `zesty.student.${id}`,
    send: async (version, student) => (await api.saveStudent(id, version, student)).version,
    fetch: async () => {
      const mine = (await api.students()).find((one) => one.id === id);
      if (!mine) throw new Error('this student was removed');
      return { version: mine.version, value: draftOf(mine) };
    },
  });
