import { ref } from 'vue';
import { describe, expect, it } from 'vitest';
import { replaced } from './replacing';

describe('replaced', () => {
  it('writes what comes of a text over it', async () => {
    const text = ref('| C |');
    expect(await replaced(text, async (before) => `${before} F |`)).toBe(true);
    expect(text.value).toBe('| C | F |');
  });

  it('leaves what was typed while the answer was on its way', async () => {
    const text = ref('| C |');
    let answer: (text: string) => void = () => {};
    const written = replaced(text, () => new Promise((resolve) => (answer = resolve)));
    text.value = '| C | G |';
    answer('| C | F |');
    expect(await written).toBe(false);
    expect(text.value).toBe('| C | G |');
  });
});
