import type { AnswerSheet } from '../api/client';

/** How an answer is called. */
export const VERDICTS = {
  RIGHT: 'Right',
  NEARLY: 'Nearly',
  NOT_YET: 'Not yet',
  NOT_ANSWERED: 'Not answered',
} as const;

/** What a student does, by what is asked. */
export const WHAT: Partial<Record<AnswerSheet['asked'], string>> = {
  BASS: 'Play its bass, one note.',
  NAMES: 'Write the chord symbol, e.g. C or G7.',
  NUMERALS: 'Write its numeral, as V or ii6.',
  FINGERS: 'Write a finger for each key, the lowest first.',
  HARMONY: 'Write a chord symbol.',
  RIDDLE: 'Listen, and find its key.',
  FOUR_PARTS: 'Play the three parts that are missing; press a key twice where two parts meet.',
  FIGURES: 'Play the chord above it.',
};

/** Asked of the whole page: none of its chords is pointed at. */
export const OF_THE_PAGE: AnswerSheet['asked'][] = ['FAULT', 'ODD_BAR'];

/** As a sentence ends. */
export const stopped = (words: string) => (/[.?!]$/.test(words) ? words : `${words}.`);
export const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
