import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';

const WORTH_PACKING = 10_000;

/** Lays a packed copy beside every large script and style sheet, so that no server packs it again. */
export function packed(): Plugin {
  return {
    name: 'packed',
    apply: 'build',
    writeBundle(options) {
      const folder = join(options.dir ?? 'dist', 'assets');
      for (const name of readdirSync(folder).filter((file) => /\.(js|css|svg|wasm)$/.test(file))) {
        const file = readFileSync(join(folder, name));
        if (file.length > WORTH_PACKING) writeFileSync(join(folder, `${name}.gz`), gzipSync(file));
      }
    },
  };
}
