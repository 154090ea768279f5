import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';
import { packed } from './scripts/packed.ts';
import { pianoSamples } from './scripts/piano-samples.ts';

export default defineConfig({
  plugins: [vue(), pianoSamples(), packed()],
  // Parts of the PDF writer for pages of HTML, which are never asked for here.
  resolve: {
    alias: Object.fromEntries(
      ['html2canvas', 'canvg', 'dompurify'].map((name) => [name, '/src/engraver/nothing.ts']),
    ),
  },
  worker: { format: 'es' },
  build: { target: 'es2022', chunkSizeWarningLimit: 8000 },
  server: { proxy: { '/api': process.env.ZESTY_APP ?? 'http://127.0.0.1:8080' } },
  test: { environment: 'jsdom', isolate: false, include: ['src/**/*.test.ts'] },
});
