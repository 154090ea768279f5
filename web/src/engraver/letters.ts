/** The ink of paper. */
export const INK = '#241f18';
const SVG = 'http://www.w3.org/2000/svg';

/** The two families of the page: for reading, and for titles and numerals. */
export type Family = 'Reading' | 'Titles';

/** How the page knows them, for measuring and for pictures that open elsewhere. */
export const ON_THE_PAGE: Record<Family, string> = {
  Reading: "'Atkinson Hyperlegible Next Variable', 'Atkinson Hyperlegible Next', sans-serif",
  Titles: "'Fraunces Variable', Fraunces, serif",
};

/** Accidentals and the notes of a tempo as outlines one unit high, since not every font on paper has them. */
const SIGNS: Record<string, { path: string; width: number }> = {
  '♭': {
    width: 0.42,
    path: 'M0 -1.05 h0.07 v0.62 q0.13 -0.13 0.24 -0.06 q0.16 0.14 -0.05 0.36 q-0.12 0.12 -0.26 0.2 Z M0.07 -0.3 v0.26 q0.24 -0.2 0.17 -0.31 q-0.07 -0.1 -0.17 0.05 Z',
  },
  '♯': {
    width: 0.5,
    path: 'M0.12 -0.92 h0.06 v1 h-0.06 Z M0.31 -1 h0.06 v1 h-0.06 Z M0 -0.55 l0.48 -0.14 v0.13 l-0.48 0.14 Z M0 -0.2 l0.48 -0.14 v0.13 l-0.48 0.14 Z',
  },
};
const ACCIDENTALS = /[♭♯]/;
const HEAD = 'M0.02 -0.06 A0.19 0.13 -25 1 1 0.36 -0.18 A0.19 0.13 -25 1 1 0.02 -0.06 Z';
const STEM = 'M0.31 -0.15 h0.06 v-0.8 h-0.06 Z';
const FLAG = 'M0.31 -0.95 q0.05 0.2 0.25 0.33 q0.1 0.12 0.02 0.32 q0.02 -0.2 -0.27 -0.32 Z';
SIGNS['♩'] = { width: 0.6, path: `${HEAD} ${STEM}` };
SIGNS['♪'] = { width: 0.62, path: `${HEAD} ${STEM} ${FLAG}` };
SIGNS['𝄌'] = {
  width: 0.95,
  path:
    'M0.15 -0.4 a0.3 0.36 0 1 1 0.6 0 a0.3 0.36 0 1 1 -0.6 0 Z ' +
    'M0.25 -0.4 a0.2 0.27 0 1 0 0.4 0 a0.2 0.27 0 1 0 -0.4 0 Z ' +
    'M0.42 -0.95 h0.06 v1.1 h-0.06 Z M0 -0.43 h0.9 v0.06 h-0.9 Z',
};
/** The engraver's own font has its signs in a private place. */
const PRIVATE: Record<string, string> = { '\uE048': '𝄌', '\uEA64': '♭', '\uEA66': '♯' };

/** A piece of text in one look, from where it begins; `y` is the line it stands on. */
export interface Run {
  text: string;
  x: number;
  y: number;
  size: number;
  bold: boolean;
  family: Family;
}

/** How letters are written on some kind of paper: by which of its fonts a text is; undefined where none has all its letters. */
export type Letters = (run: Run) => string | undefined;

export function element(name: string, attributes: Record<string, string | number>): SVGElement {
  const made = document.createElementNS(SVG, name);
  for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, String(value));
  return made;
}

const ruler = document.createElement('canvas').getContext('2d');
/** Fonts of other scripts that the browser has got for paper; it measures by them. */
export const otherFonts: string[] = [];
const pageFont = ({ bold, family }: Run, size: number) => {
  const [own, ...rest] = ON_THE_PAGE[family].split(', ');
  return `${bold ? '600 ' : ''}${size}px ${[own, ...otherFonts.map((name) => `'${name}'`), ...rest].join(', ')}`;
};

/** How wide a piece of text is. */
export function widthOf(run: Run): number {
  const sign = SIGNS[run.text];
  if (sign) return sign.width * run.size;
  if (!ruler) return 0.55 * run.size * run.text.length;
  ruler.font = pageFont(run, 100);
  return (ruler.measureText(run.text).width * run.size) / 100;
}

const SHARPNESS = 6;

/** Text in letters that no font of the paper has, as the page's reader sees them: a picture. */
function pictured(run: Run): SVGElement {
  const canvas = document.createElement('canvas');
  const width = widthOf(run);
  const height = 1.4 * run.size;
  canvas.width = Math.ceil(width * SHARPNESS);
  canvas.height = Math.ceil(height * SHARPNESS);
  const pen = canvas.getContext('2d')!;
  pen.font = pageFont(run, run.size * SHARPNESS);
  pen.fillStyle = INK;
  pen.fillText(run.text, 0, run.size * SHARPNESS);
  const href = canvas.toDataURL('image/png');
  return element('image', { x: run.x, y: run.y - run.size, width, height, href });
}

/** A piece of text as an element that looks alike everywhere: letters as text, accidentals as outlines. */
export function drawn(run: Run, letters: Letters): SVGElement {
  const sign = SIGNS[run.text];
  if (sign) {
    const transform = `translate(${run.x} ${run.y}) scale(${run.size})`;
    const rule = ACCIDENTALS.test(run.text) ? 'evenodd' : 'nonzero';
    return element('path', { d: sign.path, transform, fill: INK, 'fill-rule': rule });
  }
  const font = letters(run);
  if (!font) return pictured(run);
  const text = element('text', {
    x: run.x,
    y: run.y,
    'font-size': run.size,
    'font-family': font,
    'font-weight': run.bold ? 'bold' : 'normal',
    fill: INK,
  });
  text.textContent = run.text;
  return text;
}

/** Scripts of which each has a font of its own. */
const SCRIPTS = ['Hebrew', 'Arabic', 'Thai', 'Hangul', 'Cyrillic', 'Greek', 'Devanagari']
  .map((name) => `\\p{Script=${name}}`)
  .concat('[\\p{Script=Han}\\p{Script=Hiragana}\\p{Script=Katakana}]');
const PIECES = new RegExp(
  `([♭♯♩♪𝄌]|${SCRIPTS.map((one) => `${one}(?:${one}|\\p{M}| (?=${one}))*`).join('|')})`,
  'u',
);

/** Parts of a text that are letters of one script or one sign. */
const pieces = (text: string) => text.split(PIECES).filter(Boolean);

/** A line of text as pieces side by side. */
export function line(text: string, from: Omit<Run, 'text'>): Run[] {
  let x = from.x;
  return pieces(text).map((piece) => {
    // Spaces at an end of a piece are not drawn everywhere.
    const begin = piece.length - piece.trimStart().length;
    x += widthOf({ ...from, text: ' '.repeat(begin), x });
    const run = { ...from, text: piece.slice(begin), x };
    x += widthOf(run);
    return run;
  });
}

const lengthOf = (runs: Run[]) => runs.reduce((sum, run) => sum + widthOf(run), 0);

/** The same set about the middle of `x`, or to end there. */
export function placed(text: string, at: Omit<Run, 'text'>, anchor: 'middle' | 'end'): Run[] {
  const length = lengthOf(line(text, at));
  return line(text, { ...at, x: at.x - (anchor === 'end' ? length : length / 2) });
}

const familyOf = (style: CSSStyleDeclaration): Family =>
  style.fontFamily.includes('Fraunces') ? 'Titles' : 'Reading';

/** An engraved text as pieces side by side, from where it begins on the page. */
export function runsOf(text: SVGTextElement): Run[] {
  const runs: Run[] = [];
  if (text.getNumberOfChars() === 0) return runs;
  const { x: begin, y } = text.getStartPositionOfChar(0);
  let x = begin;
  let size = 0;
  const walker = document.createTreeWalker(text, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const content = (node.textContent ?? '').trim();
    if (!content) continue;
    const style = getComputedStyle(node.parentElement!);
    const plain = [...content].map((letter) => PRIVATE[letter] ?? letter).join('');
    for (const piece of pieces(plain)) {
      // An accidental is as high as the letters it stands by.
      size = SIGNS[piece] && size ? size : parseFloat(style.fontSize);
      const bold = Number(style.fontWeight) >= 600;
      const run = { text: piece, x, y, size, bold, family: familyOf(style) };
      runs.push(run);
      x += widthOf(run);
    }
  }
  return runs;
}

/** What the page itself sets over the drawing, numerals and section names, in its own units. */
export function overlay(page: HTMLElement, where = '.lane, .section, .opening, .number'): Run[] {
  const origin = page.getBoundingClientRect();
  const runs: Run[] = [];
  for (const lane of page.querySelectorAll(where)) {
    const walker = document.createTreeWalker(lane, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (!node.textContent?.trim()) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const place = range.getBoundingClientRect();
      const style = getComputedStyle(node.parentElement!);
      const size = parseFloat(style.fontSize);
      const y = place.top - origin.top + place.height / 2 + size * 0.34;
      const bold = lane.classList.contains('section');
      const x = place.left - origin.left;
      runs.push(...line(node.textContent.trim(), { x, y, size, bold, family: familyOf(style) }));
    }
  }
  return runs;
}
