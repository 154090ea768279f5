import { computed, onScopeDispose, ref, watch, type Ref } from 'vue';
import { api, type Arrangement } from '../api/client';
import { useKeyboards } from './useKeyboards';

/** Lengths in quarter notes, as the server takes them, from short to long. */
export const LENGTHS = [
  { name: 'sixteenth', plain: '1/4', dotted: '3/8' },
  { name: 'eighth', plain: '1/2', dotted: '3/4' },
  { name: 'quarter', plain: '1', dotted: '3/2' },
  { name: 'half', plain: '2', dotted: '3' },
  { name: 'whole', plain: '4', dotted: '6' },
] as const;

export interface Entered {
  letter?: string;
  midi?: number;
  /** Where the letter itself tells one. */
  accidental?: number;
  /** Struck with the note before. */
  withLast?: boolean;
}

/** Enters the tune note by note: each key pressed is one note more in the chart, at the place of entry. */
export function useEntry(chart: Ref<string>, tune: Ref<Pick<Arrangement, 'bars'> | undefined>) {
  const length = ref(2);
  const dotted = ref(false);
  const tied = ref(false);
  const hand = ref<'TUNE' | 'LEFT'>('TUNE');
  /** The next note is struck with the last. */
  const withLast = ref(false);
  const accidental = ref(0);
  const place = ref({ bar: 0, onset: '0' });
  const trouble = ref('');
  const last = ref(0);
  const back: { before: string; after: string; place: { bar: number; onset: string } }[] = [];
  let queue: Promise<void> = Promise.resolve();

  const duration = computed(() => LENGTHS[length.value]![dotted.value ? 'dotted' : 'plain']);
  const isAtEnd = computed(() => place.value.bar >= (tune.value?.bars.length ?? 0));

  /** One after another, each as it was set when its key was pressed; the next waits until the note before it is written. */
  function enter({ letter = '', midi = 0, accidental: told, withLast: also }: Entered) {
    const note = {
      hand: hand.value,
      withLast: also ?? withLast.value,
      duration: duration.value,
      midi,
      letter,
      accidental: letter ? (told ?? accidental.value) : 0,
      tied: tied.value,
    };
    tied.value = false;
    withLast.value = false;
    accidental.value = 0;
    return (queue = queue.then(() => write(note)));
  }

  async function write(note: Omit<Parameters<typeof api.addNote>[0], 'chart' | 'bar' | 'onset'>) {
    const before = { chart: chart.value, place: { ...place.value } };
    try {
      const answer = await api.addNote({ chart: chart.value, ...place.value, ...note });
      if (chart.value !== before.chart) {
        trouble.value = 'The chart was changed meanwhile; play the note again.';
        return;
      }
      back.push({ before: before.chart, after: answer.chart, place: before.place });
      chart.value = answer.chart;
      place.value = { bar: answer.bar, onset: answer.onset };
      last.value = answer.midi;
      trouble.value = '';
    } catch (error) {
      trouble.value = (error as Error).message;
    }
  }

  /** In its turn as well: the note before it may not be written yet. */
  const takeBack = () => (queue = queue.then(undo));

  /** The note alone: what was typed since is not taken back with it. */
  function undo() {
    const step = back.at(-1);
    if (!step) return;
    if (chart.value !== step.after) {
      trouble.value = 'The chart was changed since; take that back in the chart first (Ctrl+Z).';
      return;
    }
    back.pop();
    chart.value = step.before;
    place.value = step.place;
    trouble.value = '';
  }

  /** Each hand goes on where it was; one that is new begins at this bar. */
  const places: Partial<Record<'TUNE' | 'LEFT', { bar: number; onset: string }>> = {};
  function change(other: 'TUNE' | 'LEFT', bar: number) {
    places[hand.value] = place.value;
    hand.value = other;
    place.value = places[other] ?? { bar, onset: '0' };
  }

  const goTo = (bar: number) => (place.value = { bar, onset: '0' });

  const { keyboards, refusal, find: findKeyboards } = useKeyboards();
  const chosenKeyboard = ref('');
  let stop = () => {};
  watch(chosenKeyboard, (id) => {
    stop();
    const keyboard = keyboards.value.find((one) => one.id === id);
    // A key that goes down while others are held is struck with them.
    const held = new Set<number>();
    const strike = (midi: number) => {
      void enter({ midi, withLast: held.size > 0 });
      held.add(midi);
    };
    stop = keyboard?.listen(strike, (midi) => held.delete(midi)) ?? (() => {});
  });
  onScopeDispose(() => stop());

  return {
    length,
    dotted,
    hand,
    withLast,
    tied,
    accidental,
    place,
    last,
    trouble,
    isAtEnd,
    enter,
    takeBack,
    goTo,
    change,
    keyboards,
    refusal,
    chosenKeyboard,
    findKeyboards,
  };
}
