import { effectScope, ref } from 'vue';
import { describe, expect, it, vi } from 'vitest';
import { api, type Arrangement } from '../api/client';
import { useEntry } from './useEntry';

type Answer = Awaited<ReturnType<typeof api.addNote>>;

describe('useEntry', () => {
  function entry() {
    const chart = ref('| C |');
    const answers: (() => void)[] = [];
    vi.spyOn(api, 'addNote').mockImplementation(
      (note) =>
        new Promise((resolve) =>
          answers.push(() =>
            resolve({
              chart: `${note.chart} ${note.letter}`,
              bar: 0,
              onset: '1',
              midi: 60,
            } as Answer),
          ),
        ),
    );
    const written = effectScope().run(() => useEntry(chart, ref<Arrangement>()))!;
    const settled = () => new Promise((resolve) => setTimeout(resolve));
    return { chart, answers, settled, ...written };
  }

  it('takes back the note that was pressed before, though it is not written yet', async () => {
    const { chart, answers, settled, enter, takeBack } = entry();
    void enter({ letter: 'C' });
    void takeBack();
    await settled();
    answers[0]!();
    await settled();
    expect(chart.value).toBe('| C |');
  });

  /** C, ♯, F pressed faster than the server answers: the sharp is the F's. */
  it('gives each note what was set when its key was pressed', async () => {
    const { answers, settled, enter, accidental } = entry();
    void enter({ letter: 'C' });
    accidental.value = 1;
    void enter({ letter: 'F' });
    void enter({ letter: 'G' });
    for (let i = 0; i < 3; i++) {
      await settled();
      answers[i]!();
    }
    await settled();
    const sent = vi
      .mocked(api.addNote)
      .mock.calls.slice(-3)
      .map(([note]) => note);
    expect(sent.map(({ letter, accidental: sign }) => [letter, sign])).toEqual([
      ['C', 0],
      ['F', 1],
      ['G', 0],
    ]);
  });

  it('takes back its own note alone, and nothing that was typed since', async () => {
    const { chart, answers, settled, enter, takeBack, trouble } = entry();
    void enter({ letter: 'C' });
    await settled();
    answers[0]!();
    await settled();
    chart.value = '| C | F | C';
    await takeBack();
    expect(chart.value).toBe('| C | F | C');
    expect(trouble.value).toContain('changed since');
    chart.value = '| C | C';
    await takeBack();
    expect(chart.value).toBe('| C |');
  });

  it('lets stand what was typed meanwhile', async () => {
    const { chart, answers, settled, enter, trouble } = entry();
    void enter({ letter: 'C' });
    await settled();
    chart.value = '| C | F |';
    answers[0]!();
    await settled();
    expect(chart.value).toBe('| C | F |');
    expect(trouble.value).toContain('changed meanwhile');
  });
});
