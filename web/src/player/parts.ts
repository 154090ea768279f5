import type { Arrangement, PracticeStep } from '../api/client';
import type { Veil } from '../engraver/veil';
import type { Balance } from './timeline';

export type Part = keyof Balance;

/** How a part is heard where one practises. */
export const HEARD = ['heard', 'softer', 'silent'] as const;
export type Heard = (typeof HEARD)[number];

const FULL: Required<Balance> = { tune: 0.85, bass: 0.7, chords: 0.55, right: 0.55 };
const SOFT = 0.35;

const PARTS: { id: Part; name: string; of: PracticeStep['hands'][] }[] = [
  { id: 'tune', name: 'Tune', of: ['tune', 'right', 'together'] },
  { id: 'right', name: 'Filler', of: ['right', 'filler', 'together'] },
  { id: 'bass', name: 'Bass', of: ['bass', 'held', 'left', 'together'] },
  { id: 'chords', name: 'Chords', of: ['held', 'left', 'together'] },
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

/** The notes of the page that are silent where these parts are. */
export function silentNotes(tune: Arrangement, heard: Record<Part, Heard>): Set<string> {
  const partOf = ({ right, bass }: { right?: boolean; bass?: boolean }): Part =>
    right ? 'right' : bass ? 'bass' : 'chords';
  const silent = tune.notes.filter((note) => heard[partOf(note)] === 'silent');
  const sung = heard.tune === 'silent' ? tune.melody : [];
  return new Set([...silent, ...sung].map(({ id }) => id));
}

/** How the left hand is seen where it is to be known by heart. */
export const MEMORY = [
  { id: 'shown', name: 'All of it' },
  { id: 'sections', name: 'Section’s first chord' },
  { id: 'fading', name: 'Less and less' },
] as const;
export type Memory = (typeof MEMORY)[number]['id'];

/** What is seen of it, step by step. */
export const SEEN = ['all of it', 'the first note of each chord', 'names alone', 'nothing'];

const ALL_SEEN = { gone: new Set<string>(), nameless: false };

/** The left hand, and what goes with it, as they are not to be seen in some bars. */
export function memorised(
  tune: Arrangement,
  memory: Memory,
  level: number,
  { from, to }: { from: number; to: number },
): Pick<Veil, 'gone' | 'nameless'> {
  if (memory === 'shown' || (memory === 'fading' && level === 0)) return ALL_SEEN;
  const begins = tune.bars.filter(({ section, index }) => section || index === 0);
  const kept = new Set(
    begins.map(({ index }) => tune.chords.find(({ bar }) => bar >= index)?.index),
  );
  const first = new Map<number, string>();
  for (const { id, chord } of tune.notes) if (!first.has(chord)) first.set(chord, id);
  const isSeen = ({ id, chord }: { id: string; chord: number }) =>
    memory === 'sections' ? kept.has(chord) : level === 1 && first.get(chord) === id;
  const gone = tune.notes.filter((note) => note.bar >= from && note.bar <= to && !isSeen(note));
  return {
    gone: new Set(gone.map(({ id }) => id)),
    nameless: memory === 'fading' && level >= 3,
  };
}
