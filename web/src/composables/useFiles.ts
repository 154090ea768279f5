import { ref } from 'vue';
import { api, type FileFormat, type Played } from '../api/client';
import type { Head } from '../engraver/paper';

/** So long a browser takes to see that a file is handed over: another one before that would take its place. */
const A_MOMENT = 400;
let handedOver = Promise.resolve();

/** Hands files to the browser, one after another. */
export function saveAs(name: string, blob: Blob) {
  handedOver = handedOver.then(() => {
    handOver(name, blob);
    return new Promise((resolve) => setTimeout(resolve, A_MOMENT));
  });
}

function handOver(name: string, blob: Blob) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}

/** Takes the tune away as a file. */
export function useFiles() {
  const trouble = ref('');

  async function attempt(work: () => Promise<void>) {
    trouble.value = '';
    try {
      await work();
    } catch (error) {
      trouble.value = `The file could not be made: ${(error as Error).message}.`;
    }
  }

  const download = (format: FileFormat, chart: string, played: Played) =>
    attempt(async () => {
      const { name, blob } = await api.file(format, chart, played);
      saveAs(name, blob);
    });

  /** The engraved page as it stands. */
  const downloadPage = (format: 'svg' | 'pdf', head: Head) =>
    attempt(async () => {
      const { pageAsPdf, pageAsSvg } = await import('../engraver/paper');
      const page = document.querySelector<HTMLElement>('.score .page');
      if (!page?.querySelector('svg')) throw new Error('nothing is engraved yet');
      const name = head.title.replace(/[^\p{L}\p{N} ._-]/gu, '').trim() || 'tune';
      const blob = format === 'svg' ? pageAsSvg(page) : await pageAsPdf(page, head);
      saveAs(`${name}.${format}`, blob);
    });

  return { download, downloadPage, trouble };
}
