import { history, undo } from '@codemirror/commands';
import { EditorState } from '@codemirror/state';
import { beforeEach, describe, expect, it } from 'vitest';
import { change, keepHistory, stateWithHistory } from './kept-history';

/** The text after so many steps back. */
function undone(state: EditorState, steps: number): string {
  let now = state;
  for (let i = 0; i < steps; i++) {
    undo({ state: now, dispatch: (transaction) => (now = transaction.state) });
  }
  return now.doc.toString();
}

describe('kept history', () => {
  beforeEach(() => localStorage.clear());

  function typed(doc: string, more: string) {
    const state = EditorState.create({ doc, extensions: [history()] });
    return state.update({ changes: { from: doc.length, insert: more }, userEvent: 'input' }).state;
  }

  it('goes on after the chart was folded', () => {
    keepHistory(1, typed('| C |', ' F |'));
    expect(undone(stateWithHistory(1, '| C | F |', []), 1)).toBe('| C |');
  });

  it('takes what was changed meanwhile for one change more', () => {
    keepHistory(1, typed('| C |', ' F |'));
    const state = stateWithHistory(1, '| Cm | F |', []);
    expect(state.doc.toString()).toBe('| Cm | F |');
    expect(undone(state, 1)).toBe('| C | F |');
    expect(undone(state, 2)).toBe('| C |');
  });

  it('finds the one stretch in which two texts differ', () => {
    expect(change('| C | F |', '| Cm | F |')).toEqual({ from: 3, to: 3, insert: 'm' });
    expect(change('aa', 'aaa')).toEqual({ from: 2, to: 2, insert: 'a' });
    expect(change('abc', '')).toEqual({ from: 0, to: 3, insert: '' });
  });
});
