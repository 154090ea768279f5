import { ref, watchEffect } from 'vue';

type Appearance = 'day' | 'evening';

const KEPT_AS = 'zesty.appearance';

function initial(): Appearance {
  const kept = localStorage.getItem(KEPT_AS);
  if (kept === 'day' || kept === 'evening') return kept;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'evening' : 'day';
}

const appearance = ref<Appearance>(initial());

/** Day paper or evening paper, remembered on this device. */
export function useAppearance() {
  const isEvening = () => appearance.value === 'evening';
  watchEffect(() => document.documentElement.classList.toggle('evening', isEvening()));
  const toggle = () => {
    appearance.value = isEvening() ? 'day' : 'evening';
    localStorage.setItem(KEPT_AS, appearance.value);
  };
  return { appearance, toggle };
}
