import { EditorState } from '@codemirror/state';
import { describe, expect, it } from 'vitest';
import { folds } from './folded-odds';

/** The chart as it is shown, the cursor at a place of the text if the editor has the focus. */
function shown(chart: string, cursor?: number): string {
  const state = EditorState.create({ doc: chart, selection: { anchor: cursor ?? 0 } });
  let text = chart;
  for (const { from, to } of folds(state, 0, chart.length, cursor !== undefined).reverse()) {
    text = text.slice(0, from) + text.slice(to);
  }
  return text;
}

describe('folds', () => {
  it('folds odds and other names away, and leaves the sign of a guess', () => {
    expect(shown('| Am7?62?C6?21 | F? | G7?D/F#?9=V | C |')).toBe('| Am7? | F? | G7?=V | C |');
  });

  it('leaves open bars, headings, words and the tune as they are', () => {
    const chart = 'title: Who? Me?62\n[Why?62 not]\n| ? | ?:3 |\nm: c2 d2\nw: is it?62 so |';
    expect(shown(chart)).toBe(chart);
  });

  it('unfolds the guess in which the cursor stands', () => {
    expect(shown('| Am7?62?C6 | F?40?Dm |', 4)).toBe('| Am7?62?C6 | F? |');
  });
});
