import { onBeforeUnmount, onMounted } from 'vue';

export interface Shortcut {
  keys: string[];
  /** How the key is named in the list. */
  shown: string;
  does: string;
  run: () => void;
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** One key for each thing; silent while text is typed or a control takes the key itself. */
export function useShortcuts(shortcuts: Shortcut[]) {
  function onKey(event: KeyboardEvent) {
    const target = event.target as HTMLElement;
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(target)) return;
    const takesTheKey = target.closest(
      'button, a, [role="combobox"], [role="listbox"], [role="radio"]',
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
  onMounted(() => window.addEventListener('keydown', onKey));
  onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
}
