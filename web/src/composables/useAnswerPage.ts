import { computed, ref, type Ref } from 'vue';
import type { AnswerSheet, Arrangement } from '../api/client';
import { useArrangement } from './useArrangement';

type Asked = AnswerSheet['asked'];

/** What would tell the answer is not shown. */
const WITHOUT_SYMBOLS: Asked[] = ['NAMES', 'HARMONY', 'RIDDLE', 'FIGURES'];
const WITHOUT_NUMERALS: Asked[] = [...WITHOUT_SYMBOLS, 'NUMERALS', 'CLOSES'];
/** Under a bass that is given it is not known yet which finger takes it. */
const WITHOUT_FINGERS: Asked[] = ['FINGERS', 'FIGURES'];
const NO_NUMERAL = { roman: '', figures: '', of: '' };

function hidden(tune: Arrangement, asked: Asked): Arrangement {
  const symbols = WITHOUT_SYMBOLS.includes(asked);
  const numerals = WITHOUT_NUMERALS.includes(asked);
  const musicXml = WITHOUT_FINGERS.includes(asked)
    ? tune.musicXml.replace(/<fingering[^>]*>[\s\S]*?<\/fingering>/g, '')
    : tune.musicXml;
  return {
    ...tune,
    musicXml,
    // What is to be watched out for the mark says, and when it is time.
    findings: [],
    chords: tune.chords.map((chord) => ({
      ...chord,
      symbol: symbols ? '' : chord.symbol,
      numeral: numerals ? NO_NUMERAL : chord.numeral,
    })),
    analysis: {
      ...tune.analysis,
      progressions: [],
      cadences: numerals ? [] : tune.analysis.cadences,
      readings: numerals ? [] : tune.analysis.readings,
    },
  };
}

/** The music of an exercise as a student may see it, and as it is heard. */
export function useAnswerPage(sheet: Ref<AnswerSheet | undefined>) {
  const played = computed(() =>
    sheet.value ? { choices: sheet.value.choices, hand: sheet.value.hand } : undefined,
  );
  const chart = computed(() => sheet.value?.chart ?? '');
  const heardChart = computed(() => sheet.value?.heard ?? '');
  const { arrangement: found } = useArrangement(chart, played, ref(false));
  const heardPlayed = computed(() => (heardChart.value ? played.value : undefined));
  const { arrangement: heard } = useArrangement(heardChart, heardPlayed, ref(false));
  const arrangement = computed(
    () => found.value && sheet.value && hidden(found.value, sheet.value.asked),
  );
  /** The symbols keep their room, so that everything stands where it did. */
  const hidesSymbols = computed(() => WITHOUT_SYMBOLS.includes(sheet.value?.asked ?? 'CHORDS'));
  return { arrangement, heard, hidesSymbols };
}
