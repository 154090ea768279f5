import { ref } from 'vue';
import { api, type OwnRule } from '../api/client';

export type Minded = OwnRule['severity'];

/** What the teacher holds more or less grave than her school, in any tune. */
export function useOwnMix(changed: () => void = () => undefined) {
  const mix = ref<OwnRule[]>([]);
  const trouble = ref('');
  async function load() {
    mix.value = await api.ownMix();
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
    mix,
    trouble,
    mind: (code: string, severity: Minded, reason: string) =>
      change(() => api.mindOwn(code, { severity, reason })),
    mindAsUsual: (code: string) => change(() => api.mindAsUsual(code)),
  };
}
