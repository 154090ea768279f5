import type { Arrangement } from '../api/client';

/** Room the engraver needs, in its own units (pixels at a scale of 100 per cent). */
const HEAD = 110;
const BAR = 24;
const MOMENT = 33;
const SYMBOL = 84;

const LETTER = 17;
const BETWEEN_SYLLABLES = 20;

/** What the sung words of each bar need: those of the longest verse. */
function roomsForWords(musicXml: string): number[] {
  const [, ...bars] = musicXml.split(/(?=<measure )/);
  return bars.map((bar) => {
    const verses = new Map<string, number>();
    for (const [, verse, text] of bar.matchAll(
      /<lyric\b[^>]*number=['"](\d+)['"][^>]*>.*?<text>([^<]*)<\/text>/gs,
    )) {
      const letters = text!.replace(/&\w+;/g, '&').trim().length;
      verses.set(verse!, (verses.get(verse!) ?? 0) + letters * LETTER + BETWEEN_SYLLABLES);
    }
    return Math.max(0, ...verses.values());
  });
}

/** What each bar needs. */
function roomsFor({ bars, notes, melody, chords, musicXml }: Arrangement): number[] {
  const words = roomsForWords(musicXml ?? '');
  const onsets = bars.map(() => new Set<number>());
  for (const note of [...notes, ...melody]) onsets[note.bar]?.add(note.onset);
  const symbols = bars.map(() => 0);
  for (const { bar } of chords) symbols[bar]!++;
  return bars.map(
    (_, i) => BAR + Math.max(onsets[i]!.size * MOMENT, symbols[i]! * SYMBOL, words[i] ?? 0),
  );
}

/** A line of bars in as few equal parts as fit the page. */
function parts(rooms: number[], room: number): number[] {
  for (let size = rooms.length; size > 1; size = Math.ceil(size / 2)) {
    const starts = rooms.map((_, i) => i).filter((i) => i % size === 0);
    const fits = starts.every(
      (start) => HEAD + rooms.slice(start, start + size).reduce((a, b) => a + b, 0) <= room,
    );
    if (fits) return starts;
  }
  return rooms.map((_, i) => i);
}

/**
 * The bars, as indices, that begin a new system: the chart's own lines are kept, and a line too long
 * for the page is parted evenly.
 */
export function systemStarts(tune: Arrangement, room: number): number[] {
  const starts: number[] = [];
  const bars = tune.bars;
  const needed = roomsFor(tune);
  for (let from = 0; from < bars.length;) {
    let to = from;
    // A pickup that stands alone in its line leads into the next one.
    const line = bars[from]!.offset > 0 ? bars[from + 1]?.text.line : bars[from]!.text.line;
    to++;
    while (to < bars.length && bars[to]!.text.line === line) to++;
    const rooms = needed.slice(from, to);
    for (const part of parts(rooms, room)) starts.push(from + part);
    from = to;
  }
  return starts;
}
