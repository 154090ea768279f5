import { useLocalStorage, usePreferredDark } from '@vueuse/core';
import { watchEffect } from 'vue';

type Appearance = 'day' | 'evening';

const usual: Appearance = usePreferredDark().value ? 'evening' : 'day';
const appearance = useLocalStorage<Appearance>('zesty.appearance', usual, { writeDefaults: false });

/** Light or dark, remembered on this device. */
export function useAppearance() {
  const isEvening = () => appearance.value === 'evening';
  watchEffect(() => document.documentElement.classList.toggle('evening', isEvening()));
  const toggle = () => void (appearance.value = isEvening() ? 'day' : 'evening');
  return { appearance, toggle };
}
