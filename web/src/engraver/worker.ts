import { VerovioToolkit } from 'verovio/esm';
import createVerovioModule from 'verovio/wasm';
import type { EngraveRequest, EngraveResult } from './messages';

/** One bar with what most bars hold. */
const FIRST =
  '<score-partwise version="4.0"><part-list><score-part id="P1"><part-name/></score-part></part-list>' +
  '<part id="P1"><measure number="1"><attributes><divisions>1</divisions><key><fifths>1</fifths></key>' +
  '<time><beats>2</beats><beat-type>4</beat-type></time><clef><sign>F</sign><line>4</line></clef></attributes>' +
  '<harmony><function/><kind text="G">major</kind></harmony>' +
  '<direction placement="below"><direction-type><words>V</words></direction-type></direction>' +
  '<note><pitch><step>G</step><octave>2</octave></pitch><duration>2</duration><type>half</type>' +
  '<notations><technical><fingering>5</fingering></technical></notations></note></measure></part></score-partwise>';

/** Engraves in a thread of its own, so that typing never waits for it. */
const ready = createVerovioModule().then((module: unknown) => {
  const toolkit = new VerovioToolkit(module);
  // The first drawing takes several times as long as the next; it is made while the tune is still fetched.
  toolkit.loadData(FIRST);
  toolkit.renderToSVG(1);
  return toolkit;
});

self.onmessage = async (event: MessageEvent<EngraveRequest>) => {
  const { id } = event.data;
  let result: EngraveResult;
  try {
    result = { id, svgs: await engraved(event.data) };
  } catch (error) {
    result = { id, failed: String(error) };
  }
  self.postMessage(result);
};

/** The last page's drawings by their pieces: while a teacher types, most of them stay as they are. */
let drawn = new Map<string, string>();
let drawnFor = '';

async function engraved({ pieces, allNumbered, ...form }: EngraveRequest): Promise<string[]> {
  const toolkit = await ready;
  const wanted = `${form.width} ${form.scale} ${form.braced} ${allNumbered}`;
  if (wanted !== drawnFor) {
    toolkit.setOptions({ ...options(form), mnumInterval: allNumbered ? 1 : 0 });
    drawnFor = wanted;
    drawn.clear();
  }
  const svgs = pieces.map((piece, i) => {
    const known = drawn.get(piece);
    if (known) return known;
    const isLast = i === pieces.length - 1;
    const full = isLast && endsShort(pieces) ? WELL_FILLED : SOMEWHAT_FILLED;
    toolkit.setOptions({ minLastJustification: full });
    toolkit.loadData(piece);
    return toolkit.renderToSVG(1);
  });
  drawn = new Map(pieces.map((piece, i) => [piece, svgs[i]!]));
  return svgs;
}

/** How full a system has to be by itself to be spread over the page: one that is as long as the others, and a short last one. */
const SOMEWHAT_FILLED = 0.25;
const WELL_FILLED = 0.75;

/** Bars of each system. */
const systemsOf = (piece: string) =>
  piece
    .split(/(?=<measure [^>]*><print new-system)/)
    .slice(1)
    .map((system) => system.match(/<measure /g)!.length);

/** Whether the last system has less than three quarters of the bars that the one before it has. */
function endsShort(pieces: string[]): boolean {
  const [before, last] = pieces.slice(-2).flatMap(systemsOf).slice(-2);
  return before !== undefined && last !== undefined && last < before * WELL_FILLED;
}

const options = ({
  width,
  scale,
  braced,
}: Omit<EngraveRequest, 'id' | 'pieces' | 'allNumbered'>) => ({
  scale,
  pageWidth: Math.round((width * 100) / scale),
  pageHeight: 60000,
  adjustPageHeight: true,
  pageMarginLeft: braced ? 34 : 10,
  pageMarginRight: 10,
  pageMarginTop: 20,
  pageMarginBottom: 62,
  harmDist: 2.5,
  header: 'none',
  footer: 'none',
  breaks: 'encoded',
  spacingSystem: 8,
  spacingLinear: 0.28,
  spacingNonLinear: 0.55,
  lyricSize: 3.8,
  lyricWordSpace: 2.8,
  font: 'Bravura',
  // 8va and not 8 alone.
  octaveAlternativeSymbols: true,
  svgRemoveXlink: true,
});
