import { tempoWords } from '../../player/words';
import { practisedWords } from '../../components/practice-words';
import { computed, inject, provide, ref, shallowRef, watch, type InjectionKey } from 'vue';
import type { Counts, Motion } from '../../api/client';
import { useArrangement } from '../../composables/useArrangement';
import { useCompare } from '../../composables/useCompare';
import { useChosen } from '../../composables/useChosen';
import { useHarmonies, useShown } from '../../composables/useHarmonies';
import { useHearing } from '../../composables/useHearing';
import { useNaming } from '../../composables/useNaming';
import { usePins } from '../../composables/usePins';
import { usePlayer } from '../../composables/usePlayer';
import { useTune } from '../../composables/useTune';
import type { Veil } from '../../engraver/veil';
import { useChanges } from './useChanges';

/** What the stages of one lesson share: the tune, its music, the chosen chord, what sounds, and what may be done. */
function lessonOf(id: number) {
  const tune = useTune(id);
  const counts = ref<Counts>('NONE');
  const writing = ref(false);
  const cursor = ref(0);
  const page = useShown(tune.chart);
  const arranged = useArrangement(page.shown, tune.played, counts, cursor);
  const { arrangement } = arranged;
  const harmonies = useHarmonies(tune.chart, page, arrangement);
  const chosen = useChosen(arrangement, cursor);
  const player = usePlayer(arrangement, chosen);
  const pins = usePins(tune.choices, chosen, arranged.findWays);
  const naming = useNaming(page.shown, arranged, chosen);
  const hearProposal = useHearing(page, harmonies, arranged, chosen, player);
  const compare = useCompare(page.shown, tune.played);
  /** How the voices go that a finding speaks of, drawn on the page. */
  const motions = ref<Motion[]>([]);
  watch(arrangement, () => (motions.value = []));
  /** What of the page is grey or not seen, where one practises. */
  const veil = shallowRef<Veil>();
  const changes = useChanges(arrangement, () => tune.choices.value?.school);

  /** The chord under the hand: the one that sounds, else the one chosen. */
  const at = computed(() => player.chord.value ?? chosen.index.value);
  const chordAt = computed(() => arrangement.value?.chords[at.value]);
  const chordBehind = computed(() => arrangement.value?.chords[chordAt.value?.toNext.to ?? -1]);
  /** The bar being typed, which the page keeps in view until a chord is chosen. */
  const typedBar = ref<number>();
  watch(chosen.index, () => (typedBar.value = undefined));

  const facts = computed(() => {
    if (!arrangement.value) return '';
    const { key, keyTold, meter, meterTold, tempo, beatLength } = arrangement.value;
    return [
      keyTold && key,
      meterTold && meter,
      tempoWords(beatLength, tempo),
      practisedWords(tune.practice.record.value),
    ]
      .filter(Boolean)
      .join(' · ');
  });

  /** The chosen chord as every stage shows it, and what may be done with it. */
  const chord = computed(() => ({
    chord: chosen.chord.value,
    analysis: arrangement.value?.analysis,
    melody: arrangement.value?.melody ?? [],
    bar: arrangement.value?.bars[chosen.bar.value]?.number ?? 0,
    others: harmonies.othersOf(chosen.chord.value),
  }));
  const onChord = {
    set: (symbol: string) => {
      if (chosen.chord.value) void harmonies.set(chosen.chord.value, symbol);
    },
    pin: pins.pin,
    unpin: () => pins.pin(null),
    confirm: naming.confirmGuess,
    hear: naming.hear,
  };

  return {
    id,
    tune,
    counts,
    writing,
    page,
    arranged,
    arrangement,
    harmonies,
    chosen,
    player,
    pins,
    naming,
    hearProposal,
    changes,
    motions,
    veil,
    compare,
    at,
    chordAt,
    chordBehind,
    typedBar,
    facts,
    chord,
    onChord,
  };
}

export type Lesson = ReturnType<typeof lessonOf>;

const LESSON: InjectionKey<Lesson> = Symbol('lesson');

/** The lesson of a tune, for the view that shows it and for its stages. */
export function startLesson(id: number): Lesson {
  const lesson = lessonOf(id);
  provide(LESSON, lesson);
  return lesson;
}

/** The lesson that is going on. */
export function useLesson(): Lesson {
  const lesson = inject(LESSON);
  if (!lesson) throw new Error('a stage stands in a lesson');
  return lesson;
}
