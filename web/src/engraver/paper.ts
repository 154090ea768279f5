import { jsPDF } from 'jspdf';
import { svg2pdf } from 'svg2pdf.js';

/** A4, in points. */
const PAPER = { width: 595.28, height: 841.89, margin: 42 };
const INK = '#241f18';
const FONT = "Helvetica, 'Atkinson Hyperlegible Next', Arial, sans-serif";
const SVG = 'http://www.w3.org/2000/svg';

/** Accidentals as outlines one unit high, since not every font on paper has them. */
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
/** The engraver's own font has its accidentals in a private place. */
const PRIVATE: Record<string, string> = { '\uEA64': '♭', '\uEA66': '♯' };

interface Run {
  text: string;
  x: number;
  y: number;
  size: number;
  bold: boolean;
  anchor?: string;
}

function element(name: string, attributes: Record<string, string | number>): SVGElement {
  const made = document.createElementNS(SVG, name);
  for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, String(value));
  return made;
}

/** A piece of text as elements that look alike everywhere: letters as text, accidentals as outlines. */
function drawn(run: Run): SVGElement {
  const sign = SIGNS[run.text];
  if (sign) {
    const transform = `translate(${run.x} ${run.y}) scale(${run.size})`;
    return element('path', { d: sign.path, transform, fill: INK, 'fill-rule': 'evenodd' });
  }
  const text = element('text', {
    x: run.x,
    y: run.y,
    'font-size': run.size,
    'font-family': FONT,
    'font-weight': run.bold ? 'bold' : 'normal',
    fill: INK,
    ...(run.anchor && { 'text-anchor': run.anchor }),
  });
  text.textContent = run.text;
  return text;
}

/** Parts of a text that are letters alone or one accidental. */
const pieces = (text: string) => text.split(/([♭♯])/).filter(Boolean);

const ruler = document.createElement('canvas').getContext('2d');

/** How wide a piece of text comes out on paper, which has other letters than the page. */
function widthOf(run: Run): number {
  const sign = SIGNS[run.text];
  if (sign) return sign.width * run.size;
  if (!ruler) return 0.55 * run.size * run.text.length;
  ruler.font = `${run.bold ? 'bold ' : ''}100px ${FONT}`;
  return (ruler.measureText(run.text).width * run.size) / 100;
}

/** An engraved text as pieces side by side, from where it begins on the page. */
function runsOf(text: SVGTextElement): Run[] {
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
      const run = { text: piece, x, y, size, bold: Number(style.fontWeight) >= 600 };
      runs.push(run);
      x += widthOf(run);
    }
  }
  return runs;
}

/** What the page itself sets over the drawing, numerals and section names, in its own units. */
function overlay(page: HTMLElement): Run[] {
  const origin = page.getBoundingClientRect();
  const runs: Run[] = [];
  for (const lane of page.querySelectorAll('.lane, .section')) {
    const walker = document.createTreeWalker(lane, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      if (!node.textContent?.trim()) continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const place = range.getBoundingClientRect();
      const size = parseFloat(getComputedStyle(node.parentElement!).fontSize);
      let x = place.left - origin.left;
      for (const piece of pieces(node.textContent.trim())) {
        const y = place.top - origin.top + place.height / 2 + size * 0.34;
        const run = { text: piece, x, y, size, bold: lane.classList.contains('section') };
        runs.push(run);
        x += widthOf(run);
      }
    }
  }
  return runs;
}

/** A piece of the drawing where it stands on the page, with all text set anew; only wanted systems stay in it. */
function clean(piece: SVGSVGElement, page: HTMLElement, wanted: Set<Element>): SVGSVGElement {
  const copy = piece.cloneNode(true) as SVGSVGElement;
  const texts = [...piece.querySelectorAll('text')];
  [...copy.querySelectorAll('text')].forEach((text, i) => {
    const group = element('g', {});
    runsOf(texts[i]!).forEach((run) => group.append(drawn(run)));
    text.replaceWith(group);
  });
  copy.querySelectorAll('.dir:not(.own), .reh, style, desc').forEach((hidden) => hidden.remove());
  const systems = [...piece.querySelectorAll('.system')];
  [...copy.querySelectorAll('.system')].forEach((system, i) => {
    if (!wanted.has(systems[i]!)) system.remove();
  });
  copy.querySelectorAll('.sounds').forEach((note) => note.classList.remove('sounds'));
  const origin = page.getBoundingClientRect();
  const place = piece.getBoundingClientRect();
  copy.setAttribute('x', String(place.left - origin.left));
  copy.setAttribute('y', String(place.top - origin.top));
  copy.setAttribute('color', INK);
  copy.setAttribute('fill', INK);
  // The engraver colours lines by a style sheet, which went out with its fonts.
  copy.querySelectorAll('[stroke-width]').forEach((line) => line.setAttribute('stroke', INK));
  return copy;
}

const systemsOf = (part: Element) => [...part.querySelectorAll('.system')];

/** The pieces of the drawing that hold any of these systems, and no others. */
function drawing(page: HTMLElement, systems: Element[]): SVGSVGElement[] {
  const wanted = new Set(systems);
  return [...page.querySelectorAll<SVGSVGElement>('.piece > svg')]
    .filter((piece) => systemsOf(piece).some((system) => wanted.has(system)))
    .map((piece) => clean(piece, page, wanted));
}

function sizeOf(page: HTMLElement) {
  const { width, height } = page.querySelector('.drawing')!.getBoundingClientRect();
  return { width, height, viewBox: `0 0 ${width} ${height}` };
}

/** The whole page as one picture, notes as outlines. */
export function pageAsSvg(page: HTMLElement): Blob {
  const outer = element('svg', { xmlns: SVG, ...sizeOf(page) });
  outer.append(...drawing(page, systemsOf(page)));
  overlay(page).forEach((run) => outer.append(drawn(run)));
  return new Blob([new XMLSerializer().serializeToString(outer)], { type: 'image/svg+xml' });
}

/** Systems that share a sheet of paper, each with where it begins and ends on the page. */
function sheets(page: HTMLElement, room: number, first: number) {
  const origin = page.getBoundingClientRect().top;
  const parts: { systems: Element[]; top: number; bottom: number }[] = [];
  for (const system of systemsOf(page)) {
    const place = system.getBoundingClientRect();
    const bottom = place.bottom - origin + 34;
    const part = parts.at(-1);
    const left = parts.length === 1 ? room - first : room;
    if (part && bottom - part.top <= left) {
      part.systems.push(system);
      part.bottom = bottom;
    } else {
      parts.push({ systems: [system], top: Math.max(0, place.top - origin - 30), bottom });
    }
  }
  return parts;
}

/** What stands above the music on paper. */
export interface Head {
  title: string;
  facts: string;
  composer: string;
}

/** The page on sheets of A4, title above, never a system torn in two. */
export async function pageAsPdf(page: HTMLElement, head: Head): Promise<Blob> {
  const size = sizeOf(page);
  const pdf = new jsPDF({ unit: 'pt', format: 'a4' });
  const inner = PAPER.width - 2 * PAPER.margin;
  const scale = inner / size.width;
  const headRoom = 70;
  const room = (PAPER.height - 2 * PAPER.margin) / scale;
  const texts = overlay(page);
  let sheet = 0;
  for (const part of sheets(page, room, headRoom / scale)) {
    if (sheet > 0) pdf.addPage();
    const top = sheet++ === 0 ? headRoom : 0;
    if (top) heading(pdf, head);
    const outer = element('svg', size);
    outer.append(...drawing(page, part.systems));
    texts
      .filter((run) => run.y > part.top && run.y <= part.bottom)
      .forEach((run) => outer.append(drawn(run)));
    await svg2pdf(outer, pdf, {
      x: PAPER.margin,
      y: PAPER.margin + top - part.top * scale,
      width: inner,
      height: size.height * scale,
    });
  }
  return pdf.output('blob');
}

function heading(pdf: jsPDF, { title, facts, composer }: Head) {
  pdf.setTextColor(INK);
  pdf.setFont('times', 'bold').setFontSize(24);
  pdf.text(onPaper(title), PAPER.width / 2, PAPER.margin + 18, { align: 'center' });
  pdf.setFont('helvetica', 'normal').setFontSize(11);
  pdf.text(onPaper(facts), PAPER.width / 2, PAPER.margin + 38, { align: 'center' });
  const right = PAPER.width - PAPER.margin;
  pdf.text(onPaper(composer), right, PAPER.margin + 54, { align: 'right' });
}

/** The paper's plain fonts write Western letters; accidentals are spelled there. */
const onPaper = (text: string) => text.replace(/♭/g, ' flat').replace(/♯/g, ' sharp');
