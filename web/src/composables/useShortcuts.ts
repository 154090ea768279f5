import { useEventListener } from '@vueuse/core';
import { ref, watch } from 'vue';
import { isTyping } from '../editor/typing';
import { keepHere } from './keepHere';

export interface Shortcut {
  keys: string[];
  /** How the key is named in the list. */
  shown: string;
  does: string;
  run: () => void;
}

const KEPT_AS = 'zesty.single-keys';

/** Whether single letters and signs do something; who speaks to the page may switch them off (WCAG 2.1.4). */
export const singleKeys = ref(localStorage.getItem(KEPT_AS) !== 'off');
watch(singleKeys, (on) => keepHere(KEPT_AS, on ? 'on' : 'off'));

const isSingle = (key: string) => key.length === 1 && key !== ' ';

/** One key for each thing; silent behind a dialog, while text is typed or a control takes the key itself. */
export function useShortcuts(shortcuts: Shortcut[]) {
  function onKey(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(target)) return;
    if (isSingle(event.key) && !singleKeys.value) return;
    if (document.querySelector('[role="dialog"][aria-modal="true"]')) return;
    const takesTheKey = target.closest(
      'button, a, [role="combobox"], [role="listbox"], [role="radio"], [role="menu"]',
    );
    const chords = target.closest('[data-chord]');
    if (takesTheKey && !chords && ['Enter', ' ', 'ArrowLeft', 'ArrowRight'].includes(event.key))
      return;
    const shortcut = shortcuts.find((s) => s.keys.includes(event.key));
    if (shortcut) {
      event.preventDefault();
      shortcut.run();
    }
  }
  useEventListener(window, 'keydown', onKey);
}
