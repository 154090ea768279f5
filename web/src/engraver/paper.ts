import { jsPDF } from 'jspdf';
import { svg2pdf } from 'svg2pdf.js';
import type { Credits } from '../api/client';
import { edgesOf, PEDAL_DOWN } from './geometry';
import { carriedFonts, embedFonts } from './fonts';
import {
  drawn,
  element,
  INK,
  line,
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

/** A picture carries the page's fonts, and names others after them. */
const IN_PICTURES: Letters = ({ family }) => ON_THE_PAGE[family];

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
  if (page.classList.contains('unnumbered')) {
    copy.querySelectorAll('.mNum').forEach((number) => number.remove());
  }
  const systems = [...piece.querySelectorAll('.system')];
  [...copy.querySelectorAll('.system')].forEach((system, i) => {
    if (!wanted.has(systems[i]!)) system.remove();
  });
  // On the page a rule lowers it.
  copy.querySelectorAll('.pedal').forEach((pedal) => {
    pedal.setAttribute('transform', `translate(0 ${PEDAL_DOWN})`);
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

/** All texts of the drawing and those set over it. */
const textsOf = (page: HTMLElement): Run[] => [
  ...[...page.querySelectorAll<SVGTextElement>('.piece > svg text')].flatMap(runsOf),
  ...overlay(page),
];

/** The whole page as one picture, notes as outlines. */
export async function pageAsSvg(page: HTMLElement): Promise<Blob> {
  const outer = element('svg', { xmlns: 'http://www.w3.org/2000/svg', ...sizeOf(page) });
  const fonts = element('style', {});
  fonts.textContent = await carriedFonts(textsOf(page));
  outer.append(fonts, ...drawing(page, systemsOf(page), IN_PICTURES));
  overlay(page).forEach((run) => outer.append(drawn(run, IN_PICTURES)));
  return new Blob([new XMLSerializer().serializeToString(outer)], { type: 'image/svg+xml' });
}

/** Whether one of the hands has nothing to play at the end of a system. */
const endsAtRest = (system: Element) =>
  [...([...system.querySelectorAll('.measure')].at(-1)?.querySelectorAll('.staff') ?? [])].some(
    (staff) =>
      [...staff.querySelectorAll('.layer')].every((layer) =>
        [...layer.querySelectorAll('.note, .rest, .mRest, .space')].at(-1)?.matches(':not(.note)'),
      ),
  );

/** The systems of a page with what is set over each, where they begin and end. */
function measured(page: HTMLElement): System<Element, Run>[] {
  const origin = page.getBoundingClientRect().top;
  const systems = systemsOf(page).map((drawing) => {
    const { top, bottom } = edgesOf(drawing);
    const feet = [...drawing.querySelectorAll('.pedal')].map(
      (pedal) => pedal.getBoundingClientRect().bottom,
    );
    const place = { top: top - origin, bottom: Math.max(bottom, ...feet) - origin };
    return { drawing, ...place, texts: [] as Run[], rests: endsAtRest(drawing) };
  });
  const take = (own: (typeof systems)[number] | undefined, run: Run) => {
    if (!own) return;
    own.texts.push(run);
    own.top = Math.min(own.top, run.y - run.size);
    own.bottom = Math.max(own.bottom, run.y + run.size * 0.3);
  };
  // A numeral stands below its system and above the next one; a section's name and the tempo above their own.
  for (const run of overlay(page, '.lane')) {
    take(systems.filter(({ top }) => top <= run.y).at(-1) ?? systems[0], run);
  }
  for (const run of overlay(page, '.section, .opening, .number')) {
    take(systems.find(({ bottom }) => bottom >= run.y) ?? systems.at(-1), run);
  }
  return systems;
}

/** What stands above the music on paper, and whose it is. */
export interface Head {
  title: string;
  credits: Credits;
}

/** The page on sheets of A4, title above, in the page's own letters; systems stay whole and fill their sheet. */
export async function pageAsPdf(page: HTMLElement, head: Head): Promise<Blob> {
  const size = sizeOf(page);
  const pdf = new jsPDF({ unit: 'pt', format: 'a4' });
  const { title, credits } = head;
  const texts = [title, ...Object.values(credits), ...textsOf(page).map(({ text }) => text)];
  const letters = await embedFonts(pdf, texts.join(' '));
  const width = PAPER.width - 2 * PAPER.margin;
  const scale = width / size.width;
  const room = (PAPER.height - 2 * PAPER.margin) / scale;
  const laid = sheets(measured(page), room, HEAD_ROOM / scale);
  for (const [sheet, systems] of laid.entries()) {
    if (sheet > 0) pdf.addPage();
    await write(pdf, sheet === 0 ? heading(head) : running(head.title, sheet + 1), letters);
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

const PLAIN = { bold: false, family: 'Reading' as const, size: 11 };
const SMALL = { ...PLAIN, size: 9 };
const { width: WIDTH, height: HEIGHT, margin: MARGIN } = PAPER;

/** The title, who wrote the words at the left and the music at the right; whose it is stands at the foot (common practice). */
function heading({ title, credits }: Head): Run[] {
  const { composer, lyricist, arranger, copyright } = credits;
  const right = { ...PLAIN, x: WIDTH - MARGIN };
  return [
    ...placed(
      title,
      { x: WIDTH / 2, y: MARGIN + 18, size: 24, bold: true, family: 'Titles' },
      'middle',
    ),
    ...line(lyricist && `Words: ${lyricist}`, { ...PLAIN, x: MARGIN, y: MARGIN + 40 }),
    ...placed(composer, { ...right, y: MARGIN + 40 }, 'end'),
    ...placed(arranger && `arr. ${arranger}`, { ...right, y: MARGIN + 54 }, 'end'),
    ...placed(
      copyright && `© ${copyright.replace(/^(©|\(c\)|copyright)\s*/i, '')}`,
      { ...SMALL, x: WIDTH / 2, y: HEIGHT - MARGIN / 2 },
      'middle',
    ),
  ];
}

/** What stands at the edges of every other sheet: the title, and which sheet it is. */
const running = (title: string, sheet: number): Run[] => [
  ...line(title, { ...SMALL, x: MARGIN, y: MARGIN - 12 }),
  ...placed(`${sheet}`, { ...SMALL, x: WIDTH / 2, y: HEIGHT - MARGIN / 2 }, 'middle'),
];

async function write(pdf: jsPDF, runs: Run[], letters: Letters) {
  const [width, height] = [WIDTH, HEIGHT];
  const outer = element('svg', { width, height, viewBox: `0 0 ${width} ${height}` });
  runs.forEach((run) => outer.append(drawn(run, letters)));
  await svg2pdf(outer, pdf, { x: 0, y: 0, width, height });
}

/** Millimetres between the outer lines of a staff: as usual, and in large print. */
export const STAFF = { usual: 7, large: 9 };
const POINTS_TO_A_MILLIMETRE = 72 / 25.4;
/** The engraver's staff at a scale of 100 per cent, in pixels. */
const STAFF_PIXELS = 72;
const SCALE = 60;

/** How the page is engraved so that its staves are so high on paper, whatever window it is asked for in. */
export function engravedFor(staff: number): { scale: number; width: number } {
  const pixels = (STAFF_PIXELS * SCALE) / 100;
  const width = (WIDTH - 2 * MARGIN) / POINTS_TO_A_MILLIMETRE;
  return { scale: SCALE, width: Math.round((pixels * width) / staff) };
}
