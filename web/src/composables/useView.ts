import { ref, watch, watchEffect } from 'vue';

/** What is read aloud when another view or stage is shown. */
export const announced = ref('');

/** Names the view in the title of the window, and says it when another one is shown. */
export function useView(title: () => string, shown: () => unknown) {
  watchEffect(() => {
    document.title = `${title()} · Zesty Thumb`;
  });
  watch(shown, (is) => void (is && (announced.value = title())), { immediate: true });
}
