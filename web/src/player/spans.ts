import type { Arrangement } from '../api/client';
import type { BarRange } from './timeline';

/** What goes round where one practises. */
export const SPANS = [
  { id: 'step', name: 'The step' },
  { id: 'beat', name: 'One beat' },
  { id: 'bar', name: 'One bar' },
  { id: 'two', name: 'Two bars' },
  { id: 'line', name: 'A line' },
  { id: 'section', name: 'A section' },
  { id: 'taps', name: 'From tap to tap' },
] as const;
export type Span = (typeof SPANS)[number]['id'];

/** From the last bar so that begins a piece to the one before the next. */
function piece(bar: number, count: number, begins: (bar: number) => boolean): BarRange {
  let from = bar;
  while (from > 0 && !begins(from)) from--;
  let to = bar;
  while (to + 1 < count && !begins(to + 1)) to++;
  return { from, to };
}

/** The span about a chord. */
export function spanAt(
  tune: Arrangement,
  span: Exclude<Span, 'step' | 'taps'>,
  chord: number,
): BarRange {
  const { bar = 0, onset = 0 } = tune.chords[chord] ?? {};
  const { bars } = tune;
  switch (span) {
    case 'beat': {
      const { beatLength, offset, length } = bars[bar]!;
      // Beats are those of a full bar, which a pickup has the end of.
      const beat = Math.floor((onset + offset + 1e-6) / beatLength) * beatLength - offset;
      return {
        from: bar,
        to: bar,
        begin: Math.max(0, beat),
        end: Math.min(length, beat + beatLength),
      };
    }
    case 'bar':
      return { from: bar, to: bar };
    case 'two':
      return { from: bar, to: Math.min(bar + 1, bars.length - 1) };
    case 'line':
      return piece(bar, bars.length, (one) => !!bars[one - 1]?.endsLine);
    case 'section':
      return piece(bar, bars.length, (one) => bars[one]!.section !== '');
  }
}

/** From the beginning of one chord to the end of another, whichever comes first. */
export function spanBetween(tune: Arrangement, one: number, other: number): BarRange {
  const first = tune.chords[Math.min(one, other)]!;
  const last = tune.chords[Math.max(one, other)]!;
  return { from: first.bar, to: last.bar, begin: first.onset, end: last.onset + last.duration };
}
