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

/** Four bars of six notes, sung: in each verse the syllables by the moment that they are sung at. */
function singing(verses: Record<string, number>[]): Arrangement {
  const silent = tune([1, 1, 1, 1], verses[0]!.longest === 0 ? 2 : 6);
  const melody = silent.notes.map((note) => ({ ...note, id: `m${note.bar}-${note.onset}` }));
  const lyrics = (at: number) =>
    verses
      .flatMap((verse, i) =>
        Object.entries(verse)
          .filter(([, on]) => on === at)
          .map(([text]) => [text, i + 1]),
      )
      .map(
        ([text, verse]) =>
          `<lyric number='${verse}'><syllabic>single</syllabic><text>${text}</text></lyric>`,
      )
      .join('');
  const measures = silent.bars.map(
    (_, bar) =>
      `<measure number='1'>${melody
        .filter((note) => note.bar === bar)
        .map(({ id, onset }) => `<note id='${id}'>${lyrics(onset)}</note>`)
        .join('')}</measure>`,
  );
  return { ...silent, melody, musicXml: '<score>' + measures.join('') } as unknown as Arrangement;
}

describe('systemStarts', () => {
  it("keeps the chart's own lines", () => {
    expect(systemStarts(tune([6, 6, 6, 8, 8, 8], 1), 2000)).toEqual([0, 3]);
  });

  it('parts a line that is too long evenly', () => {
    expect(systemStarts(tune([1, 1, 1, 1], 8), 800)).toEqual([0, 2]);
    expect(systemStarts(tune(Array(16).fill(1), 8), 1350)).toEqual([0, 4, 8, 12]);
  });

  it('gives the words of the longest verse their room', () => {
    const sung = singing([{ longest: 0 }]);
    expect(systemStarts(tune([1, 1, 1, 1], 2), 700)).toEqual([0]);
    expect(systemStarts(sung, 700)).toEqual([0, 2]);
  });

  it('adds up the room of a long note and that of a long word on a short one', () => {
    // As many letters in both; in the second more of them stand on the short last note.
    const evenly = singing([{ fer: 0, ry: 3, home: 5 }]);
    const late = singing([{ fe: 0, r: 3, yhomes: 5 }]);
    expect(systemStarts(evenly, 1400)).toEqual([0]);
    expect(systemStarts(late, 1400)).toEqual([0, 2]);
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
