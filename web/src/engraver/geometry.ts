import type { Arrangement } from '../api/client';

/** Where a chord stands on the engraved page, in CSS pixels from the page's corner. */
export interface ChordBox {
  chord: number;
  left: number;
  right: number;
  top: number;
  bottom: number;
  /** Height at which the lane of numerals begins. */
  lane: number;
}

/** The engraver keeps this much free below each system, by the numerals it sets invisibly. */
const LANE_HEIGHT = 30;
const AIR = 6;
/** What a figure's box has below the figure. */
const DESCENT = 5;
/** The symbols are lifted by the page; the names above them go with them. */
const LIFT = 8;

/** How far words are lowered to leave the lane of numerals free, in the engraver's units. */
const WORDS_DOWN = 420;

interface Edges {
  top: number;
  bottom: number;
  right: number;
}

/**
 * Where a system ends to all sides. Its symbols are measured by their first letter: the font of music
 * signs is so tall that a flat in a symbol would reach into the system above.
 */
/** How far the page lowers the line of the pedal, below the numerals, in the engraver's units. */
export const PEDAL_DOWN = 210;

/** The same in pixels; 0 where no foot is drawn. */
function pedalDown(system: Element): number {
  const scale = system.querySelector<SVGGraphicsElement>('.pedal *')?.getScreenCTM()?.d;
  return scale ? PEDAL_DOWN * scale : 0;
}

export function edgesOf(system: Element): Edges {
  const { bottom: lowest, right } = system.getBoundingClientRect();
  const bottom = lowest - pedalDown(system);
  const words = wordsBelow(system).map((word) => word.getBoundingClientRect().top - AIR);
  const parts = [...system.querySelectorAll('.staff, .reh')];
  const symbols = [...system.querySelectorAll<SVGTextElement>('.harm text')];
  const tops = [
    ...parts.map((part) => part.getBoundingClientRect().top),
    ...symbols.map(firstLetterTop),
  ];
  // The engraver keeps room below the first of a chord's fingers; others may stand lower.
  const fingers = [...system.querySelectorAll('.fing')].map(
    (finger) => finger.getBoundingClientRect().bottom - DESCENT + LANE_HEIGHT - AIR,
  );
  // Where there are none the lane keeps clear of the staff itself.
  const measure = [...system.querySelectorAll('.measure')].at(-1);
  const lines = [...(measure?.querySelectorAll('.staff > path') ?? [])].map(
    (line) => line.getBoundingClientRect().bottom + LANE_HEIGHT + AIR,
  );
  return {
    top: Math.min(...tops),
    bottom: Math.max(Math.min(bottom, ...words), ...fingers, ...lines),
    right,
  };
}

/** Words of a song without tune, which stand below the left hand. */
function wordsBelow(part: Element): SVGTextElement[] {
  return [...part.querySelectorAll('.measure')].flatMap((measure) => {
    const lowest = [...measure.querySelectorAll('.staff')].at(-1);
    return [...(lowest?.querySelectorAll<SVGTextElement>('.syl text') ?? [])];
  });
}

/** Puts words below the numerals, which the engraver knows nothing of; once for each drawing. */
export function lowerWords(page: HTMLElement) {
  for (const word of wordsBelow(page).filter((each) => !each.classList.contains('low'))) {
    word.classList.add('low');
    word.setAttribute('y', String(Number(word.getAttribute('y')) + WORDS_DOWN));
  }
}

/** Between a finger and a stem that ends beside it, and half the height of a finger, in CSS pixels. */
const BESIDE = 4;
const DIGIT = 6;

/** Puts fingers that stand beside the end of a stem below it, with those under them; once for each drawing. */
export function clearStems(page: HTMLElement) {
  const moves = new Map<SVGTextElement, number>();
  for (const measure of page.querySelectorAll('.measure')) {
    const stems = [...measure.querySelectorAll('.stem')].map((stem) =>
      stem.getBoundingClientRect(),
    );
    const fingers = [...measure.querySelectorAll<SVGTextElement>('.fing text:not(.low)')].map(
      (finger) => {
        const { left, right, top, bottom } = finger.getBoundingClientRect();
        return { finger, left, right, middle: (top + bottom) / 2 };
      },
    );
    for (const { finger, left, right, middle } of fingers) {
      const ends = stems
        .filter((stem) => stem.right > left - BESIDE && stem.left < right + BESIDE)
        .filter(({ top, bottom }) => top < middle && bottom > middle - DIGIT)
        .map(({ bottom }) => bottom);
      const scale = finger.getScreenCTM()?.d;
      // One that goes down with another above it has gone far enough.
      if (!ends.length || !scale || moves.has(finger)) continue;
      const down = (Math.max(...ends) + BESIDE + DIGIT - middle) / scale;
      fingers
        .filter((other) => Math.abs(other.left - left) < DIGIT && other.middle >= middle)
        .forEach((other) => moves.set(other.finger, down));
    }
  }
  // Written after all is read: the browser lays out anew at the next reading.
  for (const [finger, down] of moves) {
    finger.classList.add('low');
    finger.setAttribute('y', String(Number(finger.getAttribute('y')) + down));
  }
}

/** The number of a bar that the engraver left out for the name of a section. */
export interface BarNumber {
  number: number;
  left: number;
  top: number;
}

const NUMBER_ABOVE = 24;

/** The engraver numbers no bar that has a name. */
export function missingNumbers(page: HTMLElement, tune: Arrangement, all: boolean): BarNumber[] {
  const origin = page.getBoundingClientRect();
  return [...page.querySelectorAll('.measure')].flatMap((measure, i) => {
    const bar = tune.bars[i];
    const begins = measure.parentElement?.querySelector('.measure') === measure;
    const lines = measure.querySelector('.staff > path')?.getBoundingClientRect();
    const wanted = bar && bar.number > 0 && (all || (begins && i > 0));
    if (!lines || !wanted || measure.querySelector('.mNum')) return [];
    const top = lines.top - origin.top - NUMBER_ABOVE;
    return [{ number: bar.number, left: lines.left - origin.left, top }];
  });
}

function firstLetterTop(text: SVGTextElement): number {
  const toScreen = text.getScreenCTM();
  if (!toScreen || text.getNumberOfChars() === 0) return Infinity;
  return text.getExtentOfChar(0).y * toScreen.d + toScreen.f;
}

/** The word by which the engraver keeps room for a numeral; all other words are to be read. */
const ROOM = 'V';

/** Tells the teacher's words and the words that jump from those that only keep room. */
export function markOwnWords(page: HTMLElement) {
  for (const words of page.querySelectorAll('.dir')) {
    words.classList.toggle('own', words.textContent?.trim() !== ROOM);
  }
}

/** Reads the places of all chords off the drawing. */
export function chordBoxes(page: HTMLElement, tune: Arrangement): ChordBox[] {
  const origin = page.getBoundingClientRect();
  const firstNotes = new Map<number, string>();
  const inTime = new Set<number>();
  for (const { id, chord, bar, onset } of tune.notes) {
    // A chord stands where its symbol does; what of it is struck early stands before.
    const here = tune.chords[chord];
    const isInTime = !!here && bar === here.bar && onset >= here.onset;
    if (!firstNotes.has(chord) || (isInTime && !inTime.has(chord))) firstNotes.set(chord, id);
    if (isInTime) inTime.add(chord);
  }
  // Where the hand is silent at a chord its rest stands for it.
  tune.chords.forEach((_, chord) => {
    if (!firstNotes.has(chord)) firstNotes.set(chord, `r${chord}`);
  });
  const systems = new Map<Element, Edges>();
  const edges = (system: Element) => {
    const known = systems.get(system) ?? edgesOf(system);
    systems.set(system, known);
    return known;
  };
  const inOrder = [...firstNotes].sort(([one], [other]) => one - other);
  const starts = inOrder.flatMap(([chord, id]) => {
    const note = page.querySelector(`#${id}`);
    const system = note?.closest('.system');
    const measure = note?.closest('.measure');
    if (!note || !system || !measure) return [];
    // The rest of a whole bar stands in its middle, and its chord at its beginning.
    const symbol =
      note.classList.contains('mRest') &&
      (measure.querySelector('.harm') ?? measure.querySelector('.note'));
    const { left } = (symbol || note).getBoundingClientRect();
    return [{ chord, left, system, measure }];
  });
  return starts.map(({ chord, left, system, measure }, i) => {
    const next = starts[i + 1];
    const area = edges(system);
    // By its lines: words may stand out of it.
    const lines = measure.querySelector('.staff > path') ?? measure;
    const measureEnd = lines.getBoundingClientRect().right;
    const end = next?.measure === measure ? next.left - AIR : measureEnd;
    const lane = area.bottom - origin.top - LANE_HEIGHT + AIR;
    return {
      chord,
      left: left - origin.left - AIR,
      right: Math.min(end, area.right) - origin.left,
      top: Math.max(0, area.top - origin.top - AIR),
      bottom: lane + LANE_HEIGHT,
      lane,
    };
  });
}

/** The name of a section where the engraver kept room for it, pulled in from the page's edge. */
export interface SectionName {
  name: string;
  left: number;
  top: number;
}

/** Letters of a name, and of one on a small page. */
const LETTER_WIDTH = 12;
const SMALL_LETTER_WIDTH = 8;
const NAME_HEIGHT = 25;
/** Of the tempo above the first line. */
const OPENING_HEIGHT = 17;

/** Where a chord symbol stands in its way, the name goes above that. */
export function sectionNames(page: HTMLElement): SectionName[] {
  const origin = page.getBoundingClientRect();
  const above = page.querySelector('.opening') ? OPENING_HEIGHT : 0;
  const letter = page.closest('.small') ? SMALL_LETTER_WIDTH : LETTER_WIDTH;
  return [...page.querySelectorAll('.reh')].map((sign) => {
    const name = sign.textContent?.trim() ?? '';
    const place = sign.getBoundingClientRect();
    const left = Math.max(place.left - origin.left, 2);
    const top = place.top - origin.top - LIFT;
    const symbols = [...(sign.closest('.measure')?.querySelectorAll('.harm') ?? [])];
    const inTheWay = symbols
      .map((symbol) => symbol.getBoundingClientRect())
      .filter((symbol) => {
        const beside = symbol.left - origin.left > left + name.length * letter;
        const below = symbol.top - origin.top > top + NAME_HEIGHT;
        return !beside && !below && symbol.bottom - origin.top > top;
      });
    const highest = Math.min(
      top,
      ...inTheWay.map((symbol) => symbol.top - origin.top - NAME_HEIGHT),
    );
    return { name, left, top: Math.max(highest, above) };
  });
}

/** Above the head of a note to bring out, in CSS pixels from the page's corner. */
export interface Lean {
  note: string;
  left: number;
  top: number;
}

const LEAN_ABOVE = 9;

/**
 * Draws foreign notes of the tune in softer ink, and tells where the mark of those to bring out belongs: above
 * the head, or above the stem where that points up.
 */
export function markForeignNotes(page: HTMLElement, foreign: Map<string, boolean>): Lean[] {
  const origin = page.getBoundingClientRect();
  const leans = [...foreign].flatMap(([note, stressed]) => {
    const drawn = page.querySelector(`#${note}`);
    const head = drawn?.querySelector('.notehead')?.getBoundingClientRect();
    if (!drawn || !head || !stressed) return [];
    const stem = drawn.querySelector('.stem')?.getBoundingClientRect();
    const top = Math.min(head.top, stem && stem.top < head.top ? stem.top : head.top);
    return [{ note, left: head.left - origin.left, top: top - origin.top - LEAN_ABOVE }];
  });
  // Written after all is read: the browser lays out anew at the next reading.
  for (const note of page.querySelectorAll('[id^="m"].note')) {
    note.classList.toggle('foreign', foreign.has(note.id));
  }
  return leans;
}

/** A place on the page, in CSS pixels from its corner. */
interface Point {
  x: number;
  y: number;
}

/** From the head of one note to that of another; none where a line of music ends between them. */
export function motionLines(
  page: HTMLElement,
  motions: { from: string; to: string }[],
): { from: Point; to: Point }[] {
  const origin = page.getBoundingClientRect();
  const head = (id: string) => page.querySelector(`#${CSS.escape(id)}`);
  const middle = (note: Element): Point => {
    const place = (note.querySelector('.notehead') ?? note).getBoundingClientRect();
    return {
      x: place.left + place.width / 2 - origin.left,
      y: place.top + place.height / 2 - origin.top,
    };
  };
  return motions.flatMap(({ from, to }) => {
    const left = head(from);
    const met = head(to);
    if (!left || !met || left.closest('.system') !== met.closest('.system')) return [];
    return [{ from: middle(left), to: middle(met) }];
  });
}
