import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';
import { engraverApart } from './scripts/engraver-apart.ts';
import { packed } from './scripts/packed.ts';
import { pianoSamples } from './scripts/piano-samples.ts';

export default defineConfig({
  plugins: [vue(), pianoSamples(), packed()],
  // Parts of the PDF writer for pages of HTML, and of the engraver for Node, which are never asked for here.
  resolve: {
    alias: Object.fromEntries(
      ['html2canvas', 'canvg', 'dompurify', 'node:module'].map((name) => [
        name,
        '/src/engraver/nothing.ts',
      ]),
    ),
  },
  worker: { format: 'es', plugins: () => [engraverApart()] },
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 8000,
    rolldownOptions: { checks: { pluginTimings: false } },
  },
  server: { proxy: { '/api': process.env.ZESTY_APP ?? 'http://127.0.0.1:8080' } },
  // Other work may take the processor for seconds: what hangs fails, what is slow does not.
  test: {
    environment: 'jsdom',
    isolate: false,
    include: ['src/**/*.test.ts'],
    testTimeout: 30_000,
  },
});
