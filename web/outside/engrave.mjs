// The engraver as a reader of MusicXML: writes its complaints, then what it drew.
import { readFileSync } from 'node:fs';
import { VerovioToolkit } from 'verovio/esm';
import createVerovioModule from 'verovio/wasm';

const toolkit = new VerovioToolkit(await createVerovioModule());
toolkit.setOptions({ pageHeight: 60000, adjustPageHeight: true, svgRemoveXlink: true });
const loaded = Boolean(toolkit.loadData(readFileSync(0, 'utf8')));
const svg = loaded ? toolkit.renderToSVG(1) : '';
const count = (name) => svg.split(`class="${name}"`).length - 1;
console.log(`loaded ${loaded}`);
console.log(`log ${JSON.stringify(toolkit.getLog())}`);
console.log(`measures ${count('measure')}`);
console.log(`symbols ${count('harm')}`);
console.log(`fingers ${count('fing')}`);
const ids = [...svg.matchAll(/id="(n\d+-\d+)" class="note"/g)].map((match) => match[1]);
console.log(`notes ${ids.sort().join(' ')}`);
