import type { Arrangement, Tick } from '../api/client';
import { onOnePiano } from './keys';

const EPSILON = 1e-6;

/** Bars as written, from and to, both included, counted from 0. */
export interface BarRange {
  from: number;
  to: number;
  /** Quarter notes after the first bar line, where it does not begin with its bar. */
  begin?: number;
  /** Quarter notes after the last bar line, where it ends before its bar does. */
  end?: number;
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
  /** Its key is struck by another note: it is shown and not struck. */
  seen?: boolean;
}

export interface Click {
  at: number;
  weight: Tick['weight'];
  /** What is counted aloud. */
  syllable: string;
  /** Whether it counts in, and is heard whether a click is wished or not. */
  counts?: true;
}

/** Where it clicks (common practice: every beat, first and third, first alone, or the beats parted). */
export const CLICKS: { id: string; name: string; of: Tick['weight'][] }[] = [
  { id: 'off', name: 'No click', of: [] },
  { id: 'beats', name: 'Every beat', of: ['FIRST', 'STRONG', 'BEAT'] },
  { id: 'strong', name: 'Strong beats', of: ['FIRST', 'STRONG'] },
  { id: 'first', name: 'First beat', of: ['FIRST'] },
  { id: 'parts', name: 'Beats in parts', of: ['FIRST', 'STRONG', 'BEAT', 'PART'] },
  { id: 'thirds', name: 'Beats in threes', of: ['FIRST', 'STRONG', 'BEAT', 'THIRD'] },
];

/** A chord that is to be seen before it sounds. */
export interface Cue {
  at: number;
  chord: number;
}

export interface Timeline {
  sounds: Sound[];
  clicks: Click[];
  cues: Cue[];
  /** Quarter notes in all. */
  length: number;
}

/** How bars are played. */
export interface Manner {
  comings?: Coming[];
  balance?: Balance;
  /** Whether a bar is counted in. */
  counted?: boolean;
  /** Whether it slows down in its last bars. */
  slows?: boolean;
  /** Whether chords are held, without their pattern. */
  held?: boolean;
  /** Quarter notes by which a chord is seen before it sounds. */
  lead?: number;
  /** Where in its first bar it begins, and in its last it ends. */
  span?: Pick<BarRange, 'begin' | 'end'>;
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

/** How a bar is counted: the places of a full bar that it has. */
function ticksOf(tune: Arrangement, bar: number): Tick[] {
  const { meter, offset, length } = tune.bars[bar]!;
  const ticks = tune.meters?.find((one) => one.meter === meter)?.ticks ?? [];
  return ticks
    .filter(({ at }) => at > offset - EPSILON && at < offset + length - EPSILON)
    .map((tick) => ({ ...tick, at: tick.at - offset }));
}

/** Every count of a bar, six in 6/8, and before a pickup also what is missing of its own (common practice). */
function countIn(
  tune: Arrangement,
  bar: number,
  begin: number,
): { clicks: Click[]; length: number } {
  const first = tune.bars[bar];
  const full = tune.meters?.find(({ meter }) => meter === first?.meter);
  if (!first || !full) return { clicks: [], length: 0 };
  const missing = first.offset + begin;
  const counts = full.ticks.filter(
    ({ syllable, weight }) => /\d/.test(syllable) && weight !== 'THIRD',
  );
  const again = counts.filter(({ at }) => at < missing - EPSILON);
  return {
    clicks: [...counts, ...again.map((tick) => ({ ...tick, at: tick.at + full.length }))].map(
      (tick) => ({ ...tick, counts: true }),
    ),
    length: full.length + missing,
  };
}

/** So much slower in the last bar, and in the one before where there are more (common practice). */
const SLOWING = [0.75, 0.9];
const FEW_BARS = 3;

/** What sounds between two times; what sounds already when they begin is struck there. */
function cut(music: Timeline, from: number, to: number, later: number): Timeline {
  const isIn = ({ at }: { at: number }) => at > from - EPSILON && at < to - EPSILON;
  const move = <T extends { at: number }>(one: T): T => ({ ...one, at: one.at - from + later });
  return {
    sounds: music.sounds
      .filter(({ at, duration }) => at + duration > from + EPSILON && at < to - EPSILON)
      .map((sound) => {
        const at = Math.max(from, sound.at);
        return move({ ...sound, at, duration: Math.min(sound.at + sound.duration, to) - at });
      }),
    clicks: music.clicks.filter(isIn).map(move),
    cues: music.cues.filter(({ at }) => at < to - EPSILON).map((cue) => move(cue)),
    length: to - from + later,
  };
}

/** Lays bars in time: a bar of counts before them where that is wished, and of the first and the last what is wanted. */
export function timeline(tune: Arrangement, bars: number[], manner: Manner = {}): Timeline {
  const { begin = 0, end } = manner.span ?? {};
  const music = inFull(tune, bars, manner);
  const count = manner.counted ? countIn(tune, bars[0] ?? 0, begin) : { clicks: [], length: 0 };
  const left = end === undefined ? 0 : tune.bars[bars.at(-1)!]!.length - end;
  const all = cut(music, begin, music.length - left, count.length);
  const cues = all.cues.map(({ at, chord }) => ({
    chord,
    at: Math.max(0, at - (manner.lead ?? 0)),
  }));
  return { ...all, cues, clicks: [...count.clicks, ...all.clicks] };
}

/** Each chord as the hand holds it, from its beginning to the next. */
function heldChords(tune: Arrangement): Arrangement['notes'] {
  return tune.chords.flatMap(({ index, bar, onset, duration, keys }) =>
    keys.map(({ midi, right }, i) => ({
      id: tune.notes.find((note) => note.chord === index && note.midi === midi)?.id ?? '',
      chord: index,
      bar,
      onset,
      duration,
      midi,
      right,
      bass: i === 0,
      tied: false,
      louder: 0,
      louderAgain: [],
    })),
  );
}

type Note = Arrangement['notes'][number];

/**
 * What sounds in a bar where another follows than stands behind it: not the push that is written, but that of the bar to come
 * (common practice).
 *
 * @param next the bar that follows, -1 behind the last
 */
function notesOf(tune: Arrangement, notes: Note[], bar: number, next: number): Note[] {
  const isPush = ({ chord, bar: its }: Note) => (tune.chords?.[chord]?.bar ?? its) > its;
  const written = notes.filter((note) => note.bar === bar);
  if (next === bar + 1) return written;
  const end = tune.bars[bar]!.length;
  const begin = (pushed: Note[]) => Math.min(end, ...pushed.map(({ onset }) => onset));
  const push = begin(written.filter(isPush));
  const later = end - (tune.bars[next - 1]?.length ?? end);
  const coming = notes
    .filter((note) => note.bar === next - 1 && isPush(note))
    .map((note) => ({ ...note, bar, onset: note.onset + later }));
  const last = begin(coming);
  const mine = written
    .filter((note) => !isPush(note))
    .map((note) => {
      const ends = note.onset + note.duration;
      const isHeld = push < end && Math.abs(ends - push) < EPSILON;
      const to = note.onset < last ? Math.min(isHeld ? end : ends, last) : ends;
      return { ...note, duration: to - note.onset };
    });
  return [...mine, ...coming];
}

/** The same of all bars, in their order; bars that are practised alone are played as they are written. */
function inOrder(tune: Arrangement, notes: Note[], bars: number[]): Note[][] {
  const behind = bars.at(-1) === tune.playingOrder.at(-1) ? -1 : bars.at(-1)! + 1;
  return bars.map((bar, step) => notesOf(tune, notes, bar, bars[step + 1] ?? behind));
}

/** How loud a note is as its bar comes for a certain time; 0 where its part is silent. */
function loudnessOf(note: Note, isTune: boolean, balance: Balance, time: number): number {
  const accompaniment = note.bass ? balance.bass : balance.chords;
  const hand = note.right ? (balance.right ?? balance.chords) : accompaniment;
  const again = note.louderAgain ?? [];
  const louder =
    time > 1 && again.length ? again[Math.min(time - 2, again.length - 1)] : note.louder;
  return (isTune ? balance.tune : hand) * (1 + (louder ?? 0));
}

/** When something in a bar sounds, in quarter notes after the bar line: where it goes slower the time from there on is stretched. */
function stretched(slow: NonNullable<Arrangement['pace']>) {
  return (at: number) =>
    slow.reduce(
      (sum, { from, to, speed }) => sum + Math.max(0, Math.min(at, to) - from) * (1 / speed - 1),
      at,
    );
}

/** Lays bars end to end; tied notes sound as one; what sounds when the foot is down sounds until it is up. */
function inFull(
  tune: Arrangement,
  bars: number[],
  { comings = [], balance = BALANCES[0]!.of, slows = false, held: areHeld = false }: Manner,
): Timeline {
  const sounds: Sound[] = [];
  const clicks: Click[] = [];
  const cues: Cue[] = [];
  const hands = inOrder(tune, areHeld ? heldChords(tune) : tune.notes, bars);
  const melody = balance.tune > 0 ? tune.melody : [];
  let start = 0;
  const held = new Map<string, Sound>();
  /** What the foot holds over the bar line. */
  let ringing: Sound[] = [];
  for (const [step, bar] of bars.entries()) {
    const { call, time } = comings[step] ?? { call: '', time: 1 };
    const { length } = tune.bars[bar]!;
    const slow = (tune.pace ?? []).filter((pace) => pace.bar === bar);
    const last = slows && (bars.length > FEW_BARS || step === bars.length - 1);
    const speed = last ? SLOWING[bars.length - 1 - step] : undefined;
    if (speed) slow.push({ bar, from: 0, to: length, speed });
    const when = stretched(slow);
    const feet = (tune.pedal ?? [])
      .filter((foot) => foot.bar === bar)
      .map(({ down, up }) => ({ down: when(down), up: when(up) }));
    const endOf = (end: number) =>
      Math.max(
        end,
        ...feet.filter(({ down, up }) => down < end + EPSILON && end < up).map(({ up }) => up),
      );
    const parts = [hands[step]!, melody.filter((note) => note.bar === bar)];
    for (const [part, notes] of parts.entries()) {
      for (const note of notes) {
        const { id, chord, midi, tied } = note;
        const loudness = loudnessOf(note, part === 1, balance, time);
        if (loudness === 0) continue;
        const onset = when(note.onset);
        const duration = endOf(when(note.onset + note.duration)) - onset;
        const key = `${part} ${midi}`;
        const before = held.get(key);
        held.delete(key);
        const joins = before && Math.abs(before.at + before.duration - (start + onset)) < EPSILON;
        const at = start + onset;
        const sound = joins
          ? before
          : { id, chord, midi, at, duration: 0, loudness: loudness + leaning(tune, chord), call };
        sound.duration += duration;
        if (!joins) sounds.push(sound);
        if (tied) held.set(key, sound);
      }
    }
    const end = when(length);
    const on = feet.find(({ down }) => down < EPSILON);
    for (const sound of on ? ringing : []) {
      sound.duration = Math.max(sound.duration, start + on!.up - sound.at);
    }
    const isDown = feet.some(({ up }) => up > end - EPSILON);
    ringing = sounds.filter(({ at, duration }) => isDown && at + duration > start + end - EPSILON);
    // Where the page goes slower nobody clicks.
    for (const tick of ticksOf(tune, bar)) {
      const isSlow = slow.some(
        ({ from, to }) => tick.at > from - EPSILON && tick.at < to - EPSILON,
      );
      if (!isSlow) clicks.push({ ...tick, at: start + when(tick.at) });
    }
    for (const { index, bar: its, onset } of tune.chords ?? []) {
      if (its === bar) cues.push({ chord: index, at: start + when(onset) });
    }
    start += end;
  }
  return { sounds: onOnePiano(sounds), clicks, cues, length: start };
}
