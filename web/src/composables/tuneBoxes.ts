import { StorageSerializers, useLocalStorage } from '@vueuse/core';
import { computed, ref } from 'vue';
import {
  api,
  type Choices,
  type PracticeRecord,
  type PractisedPage,
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

export const NOTHING: PracticeRecord = { pages: [] };

/**
 * What is practised: told to the server once it is over, and meanwhile kept on this device, round by round. It is only ever added to, so
 * it has no versions.
 */
export function practiceBox(key: string, add: (told: PracticeRecord) => Promise<PracticeRecord>) {
  /** What the server has. */
  const kept = ref(NOTHING);
  /** What goes on. */
  const open = useLocalStorage<PractisedPage | null>(`zesty.practising.${key}`, null, {
    writeDefaults: false,
    serializer: StorageSerializers.object,
    flush: 'sync',
  });
  const box = useOutbox<PracticeRecord>(
    {
      key: `zesty.rounds.${key}`,
      send: async (version, told) => {
        if (!told.pages.length) return version;
        kept.value = await add(told);
        box.value.value = {
          pages: box.value.value.pages.filter((one) => !told.pages.includes(one)),
        };
        return version;
      },
      fetch: async () => ({ version: 0, value: NOTHING }),
    },
    NOTHING,
  );
  function begin(record: PracticeRecord) {
    kept.value = record;
    box.begin({ version: 0, value: NOTHING });
    // A page that was closed while it played.
    if (open.value) tell(open.value, true);
  }
  /** Tells what was practised; of what goes on still, how far it is. */
  function tell(page: PractisedPage, isOver: boolean) {
    // What is over may be something else than what goes on.
    if (!isOver) open.value = page;
    else if (open.value?.steps[0]?.id === page.steps[0]?.id) open.value = null;
    if (isOver) box.value.value = { pages: [...box.value.value.pages, page] };
  }
  const record = computed<PracticeRecord>(() => ({
    pages: [...kept.value.pages, ...box.value.value.pages, ...(open.value ? [open.value] : [])],
  }));
  return { ...box, begin, tell, kept, record };
}

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
