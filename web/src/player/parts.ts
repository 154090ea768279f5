import type { Arrangement, PracticeStep } from '../api/client';
import type { Balance } from './timeline';

export type Part = keyof Balance;

/** How a part is heard where one practises. */
export const HEARD = ['heard', 'softer', 'silent'] as const;
export type Heard = (typeof HEARD)[number];

const FULL: Required<Balance> = { tune: 0.85, bass: 0.7, chords: 0.55, right: 0.55 };
const SOFT = 0.35;

const PARTS: { id: Part; name: string; of: PracticeStep['hands'][] }[] = [
  { id: 'tune', name: 'Tune', of: ['right', 'together'] },
  { id: 'right', name: 'Right', of: ['right', 'together'] },
  { id: 'bass', name: 'Bass', of: ['bass', 'left', 'together'] },
  { id: 'chords', name: 'Chords', of: ['left', 'together'] },
];

/** The parts of a tune; what is not there cannot be heard. */
export const partsOf = (tune: Arrangement | undefined) =>
  PARTS.filter(({ id }) => {
    if (id === 'tune') return tune?.melody.length;
    return id !== 'right' || tune?.notes.some(({ right }) => right);
  });

const ofEach = <T>(of: (part: (typeof PARTS)[number]) => T) =>
  Object.fromEntries(PARTS.map((part) => [part.id, of(part)])) as Record<Part, T>;

/** What is heard of each part where these hands play. */
export const heardBy = (hands: PracticeStep['hands']): Record<Part, Heard> =>
  ofEach(({ of }) => (of.includes(hands) ? 'heard' : 'silent'));

/** How loud that is. */
export const loudness = (heard: Record<Part, Heard>): Balance =>
  ofEach(({ id }) => ({ heard: 1, softer: SOFT, silent: 0 })[heard[id]] * FULL[id]);
