import { describe, expect, it } from 'vitest';
import { computed, nextTick, ref } from 'vue';
import type { Arrangement } from '../api/client';
import { useChosen } from './useChosen';
import { useNaming } from './useNaming';

/** An arrangement of a one-line chart: where each symbol stands, and what else it may be heard as. */
function arranged(chart: string): Arrangement {
  const tokens = [...chart.matchAll(/[^\s|]+/g)];
  const chords = tokens.map((token, index) => ({
    index,
    guess: token[0].includes('?'),
    text: { line: 1, column: token.index + 1, length: token[0].length },
  }));
  const readings = tokens.map(() => ({ byRule: 'vi', others: ['ii@G', 'vi'] }));
  return { chords, analysis: { readings } } as unknown as Arrangement;
}

/** A lesson whose server answers when told to. */
function lesson(text: string) {
  const chart = ref(text);
  const arrangement = ref<Arrangement | undefined>(arranged(text));
  const answered = ref(text);
  const isCurrent = computed(() => answered.value === chart.value);
  const chosen = useChosen(arrangement);
  const settled = async () => {
    for (let i = 0; i < 5; i++) await nextTick();
  };
  async function answer() {
    await settled();
    arrangement.value = arranged(chart.value);
    answered.value = chart.value;
    await settled();
  }
  return {
    chart,
    chosen,
    answer,
    ...useNaming(chart, { arrangement, isCurrent, trouble: ref('') }, chosen),
  };
}

describe('useNaming', () => {
  it('confirms guess after guess, however fast the key is pressed', async () => {
    const { chart, chosen, answer, confirmGuess } = lesson('| Am7?C6 | Dm7?F6 | G7 | Em?C |');
    void confirmGuess();
    void confirmGuess();
    void confirmGuess();
    await answer();
    expect(chart.value).toBe('| Am7 | Dm7 | G7 | Em?C |');
    expect(chosen.index.value).toBe(3);
    await answer();
    expect(chart.value).toBe('| Am7 | Dm7 | G7 | Em |');
  });

  it('takes the name that was asked for', async () => {
    const { chart, confirmGuess } = lesson('| Am7?C6 | G7 |');
    await confirmGuess('C6');
    expect(chart.value).toBe('| C6 | G7 |');
  });

  it('brings the next name forward, and the first one again after the last', async () => {
    const { chart, chosen, answer, otherGuess } = lesson('| F | Am7?C6?F |');
    chosen.choose(1);
    const seen = [];
    for (let i = 0; i < 3; i++) {
      void otherGuess();
      await answer();
      seen.push(chart.value);
    }
    expect(seen).toEqual(['| F | C6?F?Am7 |', '| F | F?Am7?C6 |', '| F | Am7?C6?F |']);
  });

  it('writes how a chord is heard, and takes it out again for the rule', async () => {
    const { chart, chosen, answer, hear } = lesson('| C | Am |');
    chosen.choose(1);
    await hear();
    expect(chart.value).toBe('| C | Am=ii@G |');
    void hear('vi');
    await answer();
    expect(chart.value).toBe('| C | Am |');
  });

  it('leaves a chord alone that is no guess', async () => {
    const { chart, confirmGuess, otherGuess } = lesson('| C | Am |');
    await confirmGuess();
    await otherGuess();
    expect(chart.value).toBe('| C | Am |');
  });
});
