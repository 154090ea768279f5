import type { Arrangement } from '../api/client';

/** Room the engraver needs, in its own units (pixels at a scale of 100 per cent). */
const HEAD = 110;
const BAR = 24;
const MOMENT = 33;
const SYMBOL = 84;

/** What the first system's meter takes beside clef and signature. */
const METER = 40;

const LETTER = 17;
/** A hyphen, or a word's space. */
const BETWEEN_SYLLABLES = 28;

/** The syllables of a bar's music by verse: the note that each stands under, and how many letters it has. */
function syllables(bar: string): Map<string, { note: string; letters: number }[]> {
  const verses = new Map<string, { note: string; letters: number }[]>();
  for (const [, note, signs] of bar.matchAll(/<note id=['"]([^'"]+)['"]>(.*?)<\/note>/gs)) {
    for (const [, verse, text] of signs!.matchAll(
      /<lyric\b[^>]*number=['"](\d+)['"][^>]*>.*?<text>([^<]*)<\/text>/gs,
    )) {
      const letters = text!.replace(/&\w+;/g, '&').trim().length;
      verses.set(verse!, [...(verses.get(verse!) ?? []), { note: note!, letters }]);
    }
  }
  return verses;
}

/** What the moments of a bar need: each syllable its letters, or the room of the moments until the next, whichever is more. */
function roomForMoments(moments: number[], verses: [number, number][][]): number {
  const rooms = verses.map((verse) => {
    const before = moments.filter((at) => at < (verse[0]?.[0] ?? Infinity)).length;
    return verse.reduce((room, [from, letters], i) => {
      const until = verse[i + 1]?.[0] ?? Infinity;
      const held = moments.filter((at) => at >= from && at < until).length;
      return room + Math.max(held * MOMENT, letters * LETTER + BETWEEN_SYLLABLES);
    }, before * MOMENT);
  });
  return Math.max(moments.length * MOMENT, ...rooms);
}

/** What each bar needs. */
function roomsFor({ bars, notes, melody, chords, musicXml }: Arrangement): number[] {
  const [, ...measures] = (musicXml ?? '').split(/(?=<measure )/);
  const onsetOf = new Map(melody.map(({ id, onset }) => [id, onset]));
  const onsets = bars.map(() => new Set<number>());
  for (const note of [...notes, ...melody]) onsets[note.bar]?.add(note.onset);
  const symbols = bars.map(() => 0);
  for (const { bar } of chords) symbols[bar]!++;
  return bars.map((_, i) => {
    const sung = [...syllables(measures[i] ?? '').values()].map((verse) =>
      verse.map(({ note, letters }): [number, number] => [onsetOf.get(note) ?? 0, letters]),
    );
    return BAR + Math.max(roomForMoments([...onsets[i]!], sung), symbols[i]! * SYMBOL);
  });
}

/** A line of bars in as few equal parts as fit the page. */
function parts(rooms: number[], room: number, head: number): number[] {
  for (let size = rooms.length; size > 1; size = Math.ceil(size / 2)) {
    const starts = rooms.map((_, i) => i).filter((i) => i % size === 0);
    const fits = starts.every(
      (start) => rooms.slice(start, start + size).reduce((a, b) => a + b, head) <= room,
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
    const head = from === 0 ? HEAD + METER : HEAD;
    for (const part of parts(rooms, room, head)) starts.push(from + part);
    from = to;
  }
  return starts;
}
