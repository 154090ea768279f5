import { computed, onScopeDispose, shallowRef, watch, type Ref } from 'vue';
import { api, Away, type AnswerSheet, type Arrangement } from '../api/client';
import { useLatest } from './useLatest';

const TRY_AGAIN_AFTER = 2000;

/** The music of an exercise as a student may see it, and what is heard in its place where that is something else. */
export function useAnswerPage(code: string, sheet: Ref<AnswerSheet | undefined>) {
  const page = api.answerPages(code);
  const { ask } = useLatest();
  const arrangement = shallowRef<Arrangement>();
  const riddle = shallowRef<Arrangement>();
  let timer: ReturnType<typeof setTimeout> | undefined;

  function load() {
    clearTimeout(timer);
    void ask(
      async (signal) => {
        try {
          return await page(false, signal);
        } catch (error) {
          if (error instanceof Away) timer = setTimeout(load, TRY_AGAIN_AFTER);
          throw error;
        }
      },
      (found) => (arrangement.value = found),
    );
  }
  watch(sheet, async (now) => {
    if (!now) return;
    load();
    if (now.asked === 'RIDDLE') riddle.value ??= await page(true).catch(() => undefined);
  });
  onScopeDispose(() => clearTimeout(timer));

  const heard = computed(() => riddle.value ?? arrangement.value);
  return { arrangement, heard };
}
