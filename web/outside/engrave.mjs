// The engraver as a reader of MusicXML: writes its complaints, then what it drew.
import { enableLogToBuffer, VerovioToolkit } from 'verovio/esm';
import createVerovioModule from 'verovio/wasm';
import { files } from './files.mjs';

const module = await createVerovioModule();
// Else its warnings go to the console and its log stays empty whatever it reads.
enableLogToBuffer(true, module);
const toolkit = new VerovioToolkit(module);
toolkit.setOptions({ pageHeight: 60000, adjustPageHeight: true, svgRemoveXlink: true });
for (const file of files()) {
  const loaded = Boolean(toolkit.loadData(file.toString('utf8')));
  // Each step begins its log anew.
  let log = toolkit.getLog();
  const svg = loaded ? toolkit.renderToSVG(1) : '';
  log += toolkit.getLog();
  const count = (name) => svg.split(`class="${name}"`).length - 1;
  console.log(`loaded ${loaded}`);
  console.log(`log ${JSON.stringify(log)}`);
  console.log(`measures ${count('measure')}`);
  console.log(`symbols ${count('harm')}`);
  console.log(`fingers ${count('fing')}`);
  console.log(`melody ${[...svg.matchAll(/id="m\d+-\d+" class="note"/g)].length}`);
  const ids = [...svg.matchAll(/id="(n\d+-[a-z\d-]*\d)" class="note"/g)].map((match) => match[1]);
  console.log(`notes ${ids.sort().join(' ')}`);
}
