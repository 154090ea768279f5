import { useEventListener } from '@vueuse/core';
import { ref, watch } from 'vue';
import { isTyping } from '../editor/typing';
import { keepHere } from './keepHere';

export interface Shortcut {
  /** Those with Ctrl begin with "Ctrl+". */
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

const named = ({ key, ctrlKey, metaKey, shiftKey }: KeyboardEvent) =>
  ctrlKey || metaKey ? `Ctrl+${shiftKey ? 'Shift+' : ''}${key.toLowerCase()}` : key;

const isSingle = (key: string) => key.length === 1 && key !== ' ';

/** One key for each thing; silent behind a dialog, while text is typed or a control takes the key itself. */
export function useShortcuts(shortcuts: Shortcut[]) {
  function onKey(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (event.altKey || isTyping(target)) return;
    const key = named(event);
    if (isSingle(key) && !singleKeys.value) return;
    if (document.querySelector('[role="dialog"][aria-modal="true"]')) return;
    // A list is searched by letters.
    if (target.closest('[role="combobox"], [role="listbox"], [role="menu"]')) return;
    const takesTheKey = target.closest(
      'button, a, summary, input[type="checkbox"], input[type="radio"], [role="radio"], [role="checkbox"], [role="switch"], [role="tab"]',
    );
    const chords = target.closest('[data-chord]');
    if (target.matches('input[type="range"]') && key !== ' ') return;
    if (takesTheKey && !chords && ['Enter', ' ', 'ArrowLeft', 'ArrowRight'].includes(key)) return;
    const shortcut = shortcuts.find((s) => s.keys.includes(key));
    if (shortcut) {
      event.preventDefault();
      // A key that is held acts once, but that the arrows go on.
      if (!event.repeat || key.startsWith('Arrow')) shortcut.run();
    }
  }
  useEventListener(window, 'keydown', onKey);
}
