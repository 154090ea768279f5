import { VerovioToolkit } from 'verovio/esm';
import createVerovioModule from 'verovio/wasm';
import type { EngraveRequest, EngraveResult } from './messages';

/** Engraves in a thread of its own, so that typing never waits for it. */
const ready = createVerovioModule().then((module: unknown) => new VerovioToolkit(module));

self.onmessage = async (event: MessageEvent<EngraveRequest>) => {
  const { id } = event.data;
  let result: EngraveResult;
  try {
    result = { id, svg: await engraved(event.data) };
  } catch (error) {
    result = { id, failed: String(error) };
  }
  self.postMessage(result);
};

async function engraved({ musicXml, width, scale, braced }: EngraveRequest): Promise<string> {
  const toolkit = await ready;
  toolkit.setOptions({
    scale,
    pageWidth: Math.round((width * 100) / scale),
    pageHeight: 60000,
    adjustPageHeight: true,
    pageMarginLeft: braced ? 34 : 10,
    pageMarginRight: 10,
    pageMarginTop: 20,
    pageMarginBottom: 30,
    harmDist: 2.5,
    header: 'none',
    footer: 'none',
    breaks: 'encoded',
    minLastJustification: 0.25,
    spacingSystem: 8,
    spacingLinear: 0.28,
    spacingNonLinear: 0.55,
    lyricSize: 3.8,
    lyricWordSpace: 2.8,
    font: 'Bravura',
    svgRemoveXlink: true,
  });
  toolkit.loadData(musicXml);
  return toolkit.renderToSVG(1);
}
