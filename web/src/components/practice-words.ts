import type { Arrangement, PracticeRecord, PracticeStep } from '../api/client';
import { barName } from '../player/words';

/** What is played, in a student's words. */
export const HANDS: Record<PracticeStep['hands'], string> = {
  tune: 'Tune alone',
  right: 'Right hand',
  bass: 'Bass alone',
  held: 'Chords held',
  left: 'Left hand',
  filler: 'Filler alone',
  together: 'Both hands',
};

/** The bars of a step as a teacher calls them. */
export function barsOf(
  { from, to }: Pick<PracticeStep, 'from' | 'to'>,
  tune: Arrangement | undefined,
): string {
  const number = (bar: number) => tune?.bars[bar]?.number ?? bar + 1;
  if (from === to) return barName(number(from)).toLowerCase();
  return number(from) === 0
    ? `pickup to bar ${number(to)}`
    : `bars ${number(from)} to ${number(to)}`;
}

export const minutesOf = (minutes: number) => `${minutes} ${minutes === 1 ? 'minute' : 'minutes'}`;

/** In one line, how much was practised; empty where nothing was. */
export function practisedWords({ pages }: PracticeRecord): string {
  const kept = pages.flatMap(({ steps }) => steps).filter(({ rounds }) => rounds > 0);
  const minutes = Math.round(kept.reduce((sum, { seconds }) => sum + seconds, 0) / 60);
  const days = new Set(kept.map(({ day }) => day)).size;
  return days ? `practised ${minutesOf(minutes)} on ${days} ${days === 1 ? 'day' : 'days'}` : '';
}

/** Minutes of one tune on a day, of the twenty after which hands rest (common practice). */
const MINUTES_A_DAY = 15;

/** Of the steps that are left, those for what is left of today: one at least, unless enough was practised. */
export function stepsForToday<Step extends { minutes: number }>(
  left: Step[],
  minutesToday: number,
): Step[] {
  let room = MINUTES_A_DAY - minutesToday;
  return left.filter(({ minutes }, i) => {
    const fits = room > 0 && (i === 0 || minutes <= room);
    room = fits ? room - minutes : 0;
    return fits;
  });
}
