import { ref } from 'vue';
import { api, type Choices } from '../api/client';

/** Takes the tune away as a file. */
export function useFiles() {
  const trouble = ref('');

  async function download(format: 'musicxml' | 'midi', chart: string, choices: Choices) {
    trouble.value = '';
    try {
      const { name, blob } = await api.file(format, chart, choices);
      const link = document.createElement('a');
      link.href = URL.createObjectURL(blob);
      link.download = name;
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
    } catch (error) {
      trouble.value = `The file could not be made: ${(error as Error).message}.`;
    }
  }

  return { download, trouble };
}
