import type { Arrangement } from '../api/client';

/** Bars as written, from and to, both included, counted from 0. */
export interface BarRange {
  from: number;
  to: number;
}

export interface Sound {
  id: string;
  chord: number;
  midi: number;
  /** Quarter notes after the start of playing. */
  at: number;
  duration: number;
  loudness: number;
  /** How its bar is called as it comes by. */
  call: string;
}

export interface Click {
  at: number;
  strong: boolean;
  /** Whether it counts in, and is heard whether a click is wished or not. */
  counts?: true;
}

export interface Timeline {
  sounds: Sound[];
  clicks: Click[];
  /** Quarter notes in all. */
  length: number;
}

/** The bars to play, in order: the range as written, or the whole tune from a bar on, repeats included. */
export function barsToPlay(tune: Arrangement, from: number, range?: BarRange): number[] {
  if (range) {
    return Array.from({ length: range.to - range.from + 1 }, (_, i) => range.from + i);
  }
  const start = tune.playingOrder.indexOf(from);
  return tune.playingOrder.slice(Math.max(0, start));
}

/** How a bar is called as it comes by, "second time, bar 7", and for which time it comes. */
export interface Coming {
  call: string;
  time: number;
}

/** How each of the bars to play comes by. */
export function comingsFor(tune: Arrangement, from: number, range?: BarRange): Coming[] {
  if (range) {
    return barsToPlay(tune, from, range).map((bar) => ({
      call: `bar ${tune.bars[bar]!.number}`,
      time: 1,
    }));
  }
  const times = new Map<number, number>();
  const all = tune.playingOrder.map((bar, i) => {
    times.set(bar, (times.get(bar) ?? 0) + 1);
    return { call: tune.calls[i] ?? '', time: times.get(bar)! };
  });
  return all.slice(Math.max(0, tune.playingOrder.indexOf(from)));
}

/** How loud the tune, the bass and its chords are: what is heard over what. */
export interface Balance {
  tune: number;
  bass: number;
  chords: number;
  /** What the right hand has beside the tune, where that is not as loud as the chords. */
  right?: number;
}

/** The usual one first: the tune over the bass, the bass over its chords (common practice). */
export const BALANCES: { id: string; name: string; of: Balance }[] = [
  { id: 'usual', name: 'Tune, bass, chords', of: { tune: 0.85, bass: 0.6, chords: 0.5 } },
  { id: 'tune', name: 'Tune out', of: { tune: 0.95, bass: 0.4, chords: 0.3 } },
  { id: 'bass', name: 'Bass out', of: { tune: 0.5, bass: 0.9, chords: 0.35 } },
  { id: 'chords', name: 'Chords out', of: { tune: 0.45, bass: 0.45, chords: 0.85 } },
  { id: 'left', name: 'Without the tune', of: { tune: 0, bass: 0.7, chords: 0.6 } },
];

/** A chord to lean on is louder, its resolution softer: at most this much for each step of weight. */
const LEAN = 0.05;
const MIDDLE_WEIGHT = 2;

function leaning(tune: Arrangement, chord: number): number {
  const weight = tune.analysis?.readings[chord]?.weight ?? MIDDLE_WEIGHT;
  return LEAN * (weight - MIDDLE_WEIGHT);
}

/** Of two swung eighths the first lasts two thirds of the beat (common practice). */
const LONG = 2 / 3;

/** When something at this time of a bar is played where eighths swing; triplets keep their places. */
export function swung(time: number): number {
  const beat = Math.floor(time + 1e-6);
  const inside = time - beat;
  const isTriplet = Math.abs(inside * 3 - Math.round(inside * 3)) < 1e-6 && inside > 1e-6;
  if (isTriplet) return time;
  return beat + (inside < 0.5 ? inside * 2 * LONG : LONG + (inside - 0.5) * 2 * (1 - LONG));
}

/** How long is counted in before a bar: a whole bar, and before a pickup also what is missing of its own. */
const countLength = (tune: Arrangement, bar: number) =>
  tune.bars[bar] ? tune.barLength + tune.bars[bar].offset : 0;

/** Every count of a bar before the music, six in 6/8, the first of each bar strong (common practice). */
function countIn(tune: Arrangement, bar: number): Click[] {
  const count = 4 / Number(tune.bars[bar]?.meter.split('/')[1] ?? 4);
  const counts = Math.round(countLength(tune, bar) / count);
  return Array.from({ length: counts }, (_, i) => ({
    at: i * count,
    strong: (i * count) % tune.barLength < 1e-6,
    counts: true,
  }));
}

/** Lays bars end to end in time; tied notes sound as one; what sounds when the foot is down sounds until it is up. */
export function timeline(
  tune: Arrangement,
  bars: number[],
  comings: Coming[] = [],
  balance: Balance = BALANCES[0]!.of,
  counted = false,
): Timeline {
  const sounds: Sound[] = [];
  const clicks: Click[] = counted ? countIn(tune, bars[0] ?? 0) : [];
  const parts = [tune.notes, balance.tune > 0 ? tune.melody : []];
  let start = counted ? countLength(tune, bars[0] ?? 0) : 0;
  const held = new Map<string, Sound>();
  for (const [step, bar] of bars.entries()) {
    const { call, time } = comings[step] ?? { call: '', time: 1 };
    const { length, beatLength, offset } = tune.bars[bar]!;
    // Where a beat has three parts there is nothing to swing.
    const inTempo = (at: number) => (tune.swing && beatLength === 1 ? swung(at) : at);
    // Where it goes slower the time from there on is stretched.
    const slow = (tune.pace ?? []).filter((pace) => pace.bar === bar);
    const stretched = (at: number) =>
      slow.reduce(
        (sum, { from, to, speed }) => sum + Math.max(0, Math.min(at, to) - from) * (1 / speed - 1),
        at,
      );
    const when = (at: number) => stretched(inTempo(at));
    const feet = (tune.pedal ?? [])
      .filter((foot) => foot.bar === bar)
      .map(({ down, up }) => ({ down: stretched(down), up: stretched(up) }));
    const endOf = (end: number) =>
      Math.max(
        end,
        ...feet.filter(({ down, up }) => down < end + 1e-6 && end < up).map(({ up }) => up),
      );
    parts.forEach((notes, part) => {
      for (const note of notes) {
        const { id, chord, midi, onset: written, duration: length, tied } = note;
        if (note.bar !== bar) continue;
        const accompaniment = note.bass ? balance.bass : balance.chords;
        const own =
          part === 1
            ? balance.tune
            : note.right
              ? (balance.right ?? balance.chords)
              : accompaniment;
        if (own === 0) continue;
        const again = note.louderAgain ?? [];
        const louder =
          time > 1 && again.length ? again[Math.min(time - 2, again.length - 1)] : note.louder;
        const loudness = own * (1 + (louder ?? 0));
        const onset = when(written);
        const duration = endOf(when(written + length)) - onset;
        const key = `${part} ${midi}`;
        const before = held.get(key);
        held.delete(key);
        const joins = before && Math.abs(before.at + before.duration - (start + onset)) < 1e-6;
        const sound = joins
          ? before
          : {
              id,
              chord,
              midi,
              at: start + onset,
              duration: 0,
              loudness: loudness + leaning(tune, chord),
              call,
            };
        sound.duration += duration;
        if (!joins) sounds.push(sound);
        if (tied) held.set(key, sound);
      }
    });
    for (let beat = 0; beat < length - 1e-6; beat += beatLength) {
      clicks.push({ at: start + stretched(beat), strong: beat === 0 && offset === 0 });
    }
    start += stretched(length);
  }
  return { sounds, clicks, length: start };
}
