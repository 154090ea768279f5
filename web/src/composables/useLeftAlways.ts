import { ref } from 'vue';
import { api, type LeftAlways } from '../api/client';

/** What the teacher never wants to be told of, in any tune. */
export function useLeftAlways(changed: () => void) {
  const always = ref<LeftAlways[]>([]);
  const trouble = ref('');
  async function load() {
    always.value = await api.leftAlways();
  }
  async function change(what: () => Promise<unknown>) {
    trouble.value = '';
    try {
      await what();
      await load();
      changed();
    } catch (error) {
      trouble.value = (error as Error).message;
    }
  }
  void load().catch((error: Error) => (trouble.value = error.message));
  return {
    always,
    trouble,
    leave: (code: string, reason: string) => change(() => api.leaveAlways(code, reason)),
    mind: (code: string) => change(() => api.mindAgain(code)),
  };
}
