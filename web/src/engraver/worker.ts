import { VerovioToolkit } from 'verovio/esm';
import createVerovioModule from 'verovio/wasm';
import type { EngraveRequest, EngraveResult } from './messages';

/** Engraves in a thread of its own, so that typing never waits for it. */
const ready = createVerovioModule().then((module: unknown) => new VerovioToolkit(module));

self.onmessage = async (event: MessageEvent<EngraveRequest>) => {
  const { id, musicXml, width, scale } = event.data;
  const toolkit = await ready;
  toolkit.setOptions({
    scale,
    pageWidth: Math.round((width * 100) / scale),
    pageHeight: 60000,
    adjustPageHeight: true,
    pageMarginLeft: 10,
    pageMarginRight: 10,
    pageMarginTop: 30,
    pageMarginBottom: 60,
    header: 'none',
    footer: 'none',
    breaks: 'auto',
    spacingSystem: 16,
    spacingStaff: 8,
    spacingNonLinear: 0.5,
    justifyVertically: false,
    lyricTopMinMargin: 4,
    font: 'Bravura',
    svgRemoveXlink: true,
  });
  toolkit.loadData(musicXml);
  const result: EngraveResult = { id, svg: toolkit.renderToSVG(1), log: toolkit.getLog() };
  self.postMessage(result);
};
