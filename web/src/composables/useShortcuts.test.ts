import { createApp, defineComponent, h } from 'vue';
import { afterEach, describe, expect, it } from 'vitest';
import { singleKeys, useShortcuts } from './useShortcuts';

let close = () => {};

/** A page with these elements and two shortcuts; tells what was run. */
function page(...elements: string[]) {
  const done: string[] = [];
  const shortcut = (key: string, does: string) => ({
    keys: [key],
    shown: key,
    does,
    run: () => done.push(does),
  });
  const place = document.body.appendChild(document.createElement('div'));
  const app = createApp(
    defineComponent(() => {
      useShortcuts([shortcut(' ', 'play'), shortcut('f', 'fix')]);
      return () => h('div', { innerHTML: elements.join('') });
    }),
  );
  app.mount(place);
  close = () => {
    app.unmount();
    place.remove();
  };
  const press = (css: string, key: string, rest: KeyboardEventInit = {}) =>
    document
      .querySelector(css)!
      .dispatchEvent(
        new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...rest }),
      );
  return { done, press };
}

describe('useShortcuts', () => {
  afterEach(() => close());

  it('does nothing behind an open dialog', () => {
    const { done, press } = page('<p>music</p>', '<div role="dialog" aria-modal="true">help</div>');
    press('p', 'f');
    expect(done).toEqual([]);
  });

  it('plays with the space bar while a slider has the focus, and leaves the slider its arrows', () => {
    const { done, press } = page('<input type="range">', '<input type="text">');
    press('[type=range]', ' ');
    press('[type=range]', 'f');
    press('[type=text]', ' ');
    expect(done).toEqual(['play']);
  });

  it('acts once for a key that is held, and leaves a list its letters', () => {
    const { done, press } = page('<p>music</p>', '<div role="combobox">Voicing</div>');
    press('p', 'f');
    press('p', 'f', { repeat: true });
    press('[role=combobox]', 'f');
    expect(done).toEqual(['fix']);
  });

  it('can do without single letters, and keeps the other keys', () => {
    const { done, press } = page('<p>music</p>');
    singleKeys.value = false;
    press('p', 'f');
    press('p', ' ');
    singleKeys.value = true;
    press('p', 'f');
    expect(done).toEqual(['play', 'fix']);
  });

  it('does one thing for each key, and keeps the browser from doing its own', () => {
    const { done, press } = page('<p>text</p>');
    expect(press('p', 'f')).toBe(false);
    expect(press('p', ' ')).toBe(false);
    expect(press('p', 'x')).toBe(true);
    expect(done).toEqual(['fix', 'play']);
  });

  it('is silent while someone types', () => {
    const { done, press } = page('<input />', '<textarea></textarea>', '<select></select>');
    for (const field of ['input', 'textarea', 'select']) press(field, 'f');
    expect(done).toEqual([]);
  });

  it("leaves the browser's own keys alone", () => {
    const { done, press } = page('<p>text</p>');
    press('p', 'f', { ctrlKey: true });
    press('p', 'f', { metaKey: true });
    expect(done).toEqual([]);
  });

  it('leaves a box to tick and a door to open their space bar', () => {
    const { done, press } = page(
      '<input type="checkbox">',
      '<details><summary>d</summary></details>',
    );
    press('[type=checkbox]', ' ');
    press('summary', ' ');
    expect(done).toEqual([]);
    press('[type=checkbox]', 'f');
    expect(done).toEqual(['fix']);
  });

  it('lets a button take the keys that press it, but not the chords of the page', () => {
    const { done, press } = page('<button>b</button>', '<button data-chord="0">c</button>');
    press('button:not([data-chord])', ' ');
    expect(done).toEqual([]);
    press('button:not([data-chord])', 'f');
    press('[data-chord]', ' ');
    expect(done).toEqual(['fix', 'play']);
  });

  it('ends with the view', () => {
    const { done } = page();
    close();
    window.dispatchEvent(new KeyboardEvent('keydown', { key: 'f' }));
    expect(done).toEqual([]);
  });
});
