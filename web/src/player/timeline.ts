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
}

export interface Click {
  at: number;
  strong: boolean;
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

/** Lays bars end to end in time. */
export function timeline(tune: Arrangement, bars: number[]): Timeline {
  const beats = Math.round(tune.barLength / tune.beatLength);
  const sounds: Sound[] = [];
  const clicks: Click[] = [];
  bars.forEach((bar, i) => {
    const start = i * tune.barLength;
    for (const note of tune.notes.filter((n) => n.bar === bar)) {
      const { id, chord, midi, duration } = note;
      sounds.push({ id, chord, midi, duration, at: start + note.onset });
    }
    for (let beat = 0; beat < beats; beat++) {
      clicks.push({ at: start + beat * tune.beatLength, strong: beat === 0 });
    }
  });
  return { sounds, clicks, length: bars.length * tune.barLength };
}
