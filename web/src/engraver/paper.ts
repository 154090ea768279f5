import { jsPDF } from 'jspdf';
import { svg2pdf } from 'svg2pdf.js';
import { embedFonts } from './fonts';
import {
  drawn,
  element,
  INK,
  ON_THE_PAGE,
  overlay,
  placed,
  runsOf,
  type Letters,
  type Run,
} from './letters';
import { sheets, type System } from './sheets';

/** A4, in points. */
const PAPER = { width: 595.28, height: 841.89, margin: 42 };
const HEAD_ROOM = 70;

/** A picture opens where the page's fonts may be: it names them, and any others after them. */
const IN_PICTURES: Letters = { family: (family) => ON_THE_PAGE[family], has: () => true };

/** A piece of the drawing where it stands on the page, with all text set anew; only wanted systems stay in it. */
function clean(
  piece: SVGSVGElement,
  page: HTMLElement,
  wanted: Set<Element>,
  letters: Letters,
): SVGSVGElement {
  const copy = piece.cloneNode(true) as SVGSVGElement;
  const texts = [...piece.querySelectorAll('text')];
  [...copy.querySelectorAll('text')].forEach((text, i) => {
    const group = element('g', {});
    runsOf(texts[i]!).forEach((run) => group.append(drawn(run, letters)));
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
function drawing(page: HTMLElement, systems: Element[], letters: Letters): SVGSVGElement[] {
  const wanted = new Set(systems);
  return [...page.querySelectorAll<SVGSVGElement>('.piece > svg')]
    .filter((piece) => systemsOf(piece).some((system) => wanted.has(system)))
    .map((piece) => clean(piece, page, wanted, letters));
}

function sizeOf(page: HTMLElement) {
  const { width, height } = page.querySelector('.drawing')!.getBoundingClientRect();
  return { width, height, viewBox: `0 0 ${width} ${height}` };
}

/** The whole page as one picture, notes as outlines. */
export function pageAsSvg(page: HTMLElement): Blob {
  const outer = element('svg', { xmlns: 'http://www.w3.org/2000/svg', ...sizeOf(page) });
  outer.append(...drawing(page, systemsOf(page), IN_PICTURES));
  overlay(page).forEach((run) => outer.append(drawn(run, IN_PICTURES)));
  return new Blob([new XMLSerializer().serializeToString(outer)], { type: 'image/svg+xml' });
}

/** The systems of a page with what is set over each, where they begin and end. */
function measured(page: HTMLElement): System<Element, Run>[] {
  const origin = page.getBoundingClientRect().top;
  const systems = systemsOf(page).map((drawing) => {
    const { top, bottom } = drawing.getBoundingClientRect();
    return { drawing, top: top - origin, bottom: bottom - origin, texts: [] as Run[] };
  });
  for (const run of overlay(page)) {
    // A numeral stands below its system and above the next one; a section's name within its own.
    const own = systems.filter((system) => system.top <= run.y).at(-1) ?? systems[0];
    if (!own) continue;
    own.texts.push(run);
    own.top = Math.min(own.top, run.y - run.size);
    own.bottom = Math.max(own.bottom, run.y + run.size * 0.3);
  }
  return systems;
}

/** What stands above the music on paper. */
export interface Head {
  title: string;
  facts: string;
  composer: string;
}

/** The page on sheets of A4, title above, in the page's own letters; systems stay whole and fill their sheet. */
export async function pageAsPdf(page: HTMLElement, head: Head): Promise<Blob> {
  const size = sizeOf(page);
  const pdf = new jsPDF({ unit: 'pt', format: 'a4' });
  const letters = await embedFonts(pdf);
  const width = PAPER.width - 2 * PAPER.margin;
  const scale = width / size.width;
  const room = (PAPER.height - 2 * PAPER.margin) / scale;
  const laid = sheets(measured(page), room, HEAD_ROOM / scale);
  for (const [sheet, systems] of laid.entries()) {
    if (sheet > 0) pdf.addPage();
    else await heading(pdf, head, letters);
    for (const { drawing: system, texts, top, at } of systems) {
      const outer = element('svg', size);
      outer.append(...drawing(page, [system], letters));
      texts.forEach((run) => outer.append(drawn(run, letters)));
      await svg2pdf(outer, pdf, {
        x: PAPER.margin,
        y: PAPER.margin + (at - top) * scale,
        width,
        height: size.height * scale,
      });
    }
  }
  return pdf.output('blob');
}

async function heading(pdf: jsPDF, { title, facts, composer }: Head, letters: Letters) {
  const { width, height, margin } = PAPER;
  const outer = element('svg', { width, height, viewBox: `0 0 ${width} ${height}` });
  const plain = { bold: false, family: 'Reading' as const, size: 11 };
  const runs = [
    ...placed(
      title,
      { x: width / 2, y: margin + 18, size: 24, bold: true, family: 'Titles' },
      'middle',
    ),
    ...placed(facts, { ...plain, x: width / 2, y: margin + 38 }, 'middle'),
    ...placed(composer, { ...plain, x: width - margin, y: margin + 54 }, 'end'),
  ];
  runs.forEach((run) => outer.append(drawn(run, letters)));
  await svg2pdf(outer, pdf, { x: 0, y: 0, width, height });
}
