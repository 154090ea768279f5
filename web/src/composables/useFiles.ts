import { ref } from 'vue';
import { api, type EngravingOption, type FileFormat, type Played } from '../api/client';
import type { Head } from '../engraver/paper';

/** Hands a file to the browser. */
export function saveAs(name: string, blob: Blob) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}

/** Hands over a page that is engraved for paper. */
export async function savePage(format: 'svg' | 'pdf', page: HTMLElement, head: Head) {
  const { pageAsPdf, pageAsSvg } = await import('../engraver/paper');
  const name = head.title.replace(/[^\p{L}\p{N} ._-]/gu, '').trim() || 'tune';
  const blob = format === 'svg' ? await pageAsSvg(page) : await pageAsPdf(page, head);
  saveAs(`${name}.${format}`, blob);
}

/** So long a browser takes to see that a file is handed over: another one before that would take its place. */
const A_MOMENT = 300;

/** Takes the tune away as a file, one after another. */
export function useFiles() {
  const trouble = ref('');
  const busy = ref(false);
  /** What the last file has not, in words. */
  const leftOut = ref('');

  async function attempt(work: () => Promise<void>) {
    if (busy.value) return;
    busy.value = true;
    trouble.value = '';
    leftOut.value = '';
    try {
      await work();
    } catch (error) {
      trouble.value = `The file could not be made: ${(error as Error).message}.`;
    }
    setTimeout(() => (busy.value = false), A_MOMENT);
  }

  const download = (
    format: FileFormat,
    chart: string,
    played: Played,
    engraving: EngravingOption[],
    hands = false,
  ) =>
    attempt(async () => {
      const file = await api.file(format, chart, played, engraving, hands);
      saveAs(file.name, file.blob);
      leftOut.value = file.leftOut;
    });

  const downloadSound = (name: string, make: () => Promise<Blob>) =>
    attempt(async () => saveAs(name, await make()));

  return { attempt, downloadSound, download, leftOut, trouble, busy };
}
