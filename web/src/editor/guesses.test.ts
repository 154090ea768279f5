import { describe, expect, it } from 'vitest';
import type { ArrangedChord } from '../api/client';
import { allConfirmed, confirmed, nextGuess } from './guesses';

const at = (line: number, column: number, length: number) =>
  ({ text: { line, column, length } }) as ArrangedChord;

const chart = 'key: C\n| C | >Am7!?C6?F/A:2 G7?:2 |';

describe('guesses', () => {
  it('confirms a guess in its place and touches nothing else', () => {
    expect(confirmed(chart, at(2, 7, 12))).toBe('key: C\n| C | >Am7!:2 G7?:2 |');
    expect(confirmed(chart, at(2, 7, 12), 'C6')).toBe('key: C\n| C | >C6!:2 G7?:2 |');
  });

  it('goes round the names', () => {
    const once = nextGuess(chart, at(2, 7, 12));
    expect(once).toBe('key: C\n| C | >C6!?F/A?Am7:2 G7?:2 |');
    expect(nextGuess(chart, at(2, 22, 3))).toBe(chart);
  });

  it('takes the odds along with the names', () => {
    const heard = '| Am7?62?C6?21?F/A?9 |';
    const next = nextGuess(heard, at(1, 3, 18));
    expect(next).toBe('| C6?21?F/A?9?Am7?62 |');
    expect(nextGuess(next, at(1, 3, 18))).toBe('| F/A?9?Am7?62?C6?21 |');
    expect(confirmed(heard, at(1, 3, 18))).toBe('| Am7 |');
    expect(confirmed(heard, at(1, 3, 18), 'C6')).toBe('| C6 |');
    expect(allConfirmed(heard)).toBe('| Am7 |');
  });

  it('leaves bars alone that wait for a chord', () => {
    expect(allConfirmed('| ? | C? | ? |')).toBe('| ? | C | ? |');
  });

  it('confirms all at once, in lines of bars alone', () => {
    expect(allConfirmed(`title: Who?\n${chart}`)).toBe('title: Who?\nkey: C\n| C | >Am7!:2 G7:2 |');
  });

  it('leaves a text alone that has changed meanwhile', () => {
    expect(confirmed('| C |', at(9, 1, 2))).toBe('| C |');
  });
});
