import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Plugin } from 'vite';

const FOLDER = 'node_modules/.cache/engraver';

/**
 * Lays the engraver's machine code, which its package keeps as a text of seven million letters, in a file of its own: the
 * browser then compiles it while it comes, and keeps what it has compiled.
 */
export function engraverApart(): Plugin {
  return {
    name: 'engraver-apart',
    transform(code, id) {
      if (!id.includes('/verovio-module.mjs')) return;
      const literal = /binaryDecode\(('(?:[^'\\]|\\.)*')\)/s.exec(code)?.[1];
      if (!literal) throw new Error("the engraver's script holds no machine code");
      // A text of the package itself, in the package's own packing.
      const letters = new Function(`return ${literal}`)() as string;
      const bytes = Uint8Array.from(letters, (letter) => {
        const number = letter.charCodeAt(0);
        return (~number >> 8) & number;
      });
      const file = join(import.meta.dirname, '..', FOLDER, 'engraver.wasm');
      mkdirSync(join(file, '..'), { recursive: true });
      writeFileSync(file, bytes);
      const streamed = code
        .replace(`binaryDecode(${literal})`, 'engraverFile')
        .replace(
          'WebAssembly.instantiate(binary,imports)',
          'WebAssembly.instantiateStreaming(fetch(binary),imports)',
        );
      if (!streamed.includes('instantiateStreaming'))
        throw new Error('the engraver starts in another way');
      return {
        code: `import engraverFile from ${JSON.stringify(`${file}?url`)};${streamed}`,
        map: null,
      };
    },
  };
}
