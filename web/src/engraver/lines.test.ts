import { describe, expect, it } from 'vitest';
import type { Arrangement } from '../api/client';
import { systemStarts } from './lines';

/** Bars on the given lines of the chart, each with this many notes. */
function tune(lines: number[], notesInBar: number): Arrangement {
  const bars = lines.map((line, i) => ({
    index: i,
    number: i + 1,
    text: { line, column: 1, length: 1 },
  }));
  const notes = bars.flatMap((_, bar) =>
    Array.from({ length: notesInBar }, (_, onset) => ({ bar, onset })),
  );
  const chords = bars.map((_, bar) => ({ bar }));
  return { bars, notes, chords, melody: [] } as unknown as Arrangement;
}

describe('systemStarts', () => {
  it("keeps the chart's own lines", () => {
    expect(systemStarts(tune([6, 6, 6, 8, 8, 8], 1), 2000)).toEqual([0, 3]);
  });

  it('parts a line that is too long evenly', () => {
    expect(systemStarts(tune([1, 1, 1, 1], 8), 800)).toEqual([0, 2]);
    expect(systemStarts(tune(Array(16).fill(1), 8), 1300)).toEqual([0, 4, 8, 12]);
  });

  it('gives the words of the longest verse their room', () => {
    const words = (text: string, verse: number) =>
      `<lyric number="${verse}"><syllabic>single</syllabic><text>${text}</text></lyric>`;
    const sung = {
      ...tune([1, 1, 1, 1], 2),
      musicXml:
        '<score>' +
        `<measure number="1">${words('long', 1)}${words('longest', 2)}</measure>`.repeat(4),
    } as Arrangement;
    expect(systemStarts(tune([1, 1, 1, 1], 2), 700)).toEqual([0]);
    expect(systemStarts(sung, 700)).toEqual([0, 2]);
  });

  it('lets a pickup lead into the line that follows', () => {
    const withPickup = tune([1, 2, 2, 3], 1);
    withPickup.bars[0]!.offset = 2;
    expect(systemStarts(withPickup, 2000)).toEqual([0, 3]);
  });

  it('gives each bar its own system on the narrowest page', () => {
    expect(systemStarts(tune([1, 1], 8), 100)).toEqual([0, 1]);
  });
});
