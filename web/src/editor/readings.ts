import type { ArrangedChord, Reading } from '../api/client';
import { replaced } from './guesses';

/** The chart with a chord heard as another numeral; the rule's own needs no writing. */
export function heardAs(chart: string, chord: ArrangedChord, reading: Reading, numeral: string) {
  return replaced(chart, chord, (token) => {
    const bare = token.replace(/=.*$/, '');
    return numeral === reading.byRule ? bare : `${bare}=${numeral}`;
  });
}
