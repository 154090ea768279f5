import { describe, expect, it } from 'vitest';
import {
  emptyGrid,
  figureText,
  gridOf,
  gridPlayed,
  resized,
  stepsIn,
  toggled,
} from './figure-grid';

describe('a figure on a grid', () => {
  it('is written as strokes that last until the next', () => {
    // Alberti: lowest, highest, middle, highest (common practice).
    expect(figureText([[1], [3], [2], [3]], '8')).toBe('by bar 1/8 1 3 2 3');
    expect(figureText([[1], [], [2, 3], []], '8')).toBe('by bar 1/8 1*2 2+3*2');
    expect(figureText([[], [1, 2, 3]], '4')).toBe('by bar 1/4 rest 1+2+3');
    expect(figureText(emptyGrid(4), '8')).toBe('');
  });

  it('is read back from its text', () => {
    for (const grid of [
      [[1], [3], [2], [3]],
      [[1], [], [2, 3], []],
      [[], [1, 2, 3], [], [5]],
    ]) {
      expect(gridOf(figureText(grid, '16'))).toEqual({ grid, value: '16' });
    }
    expect(gridOf('1/8 bass (top inner)')).toBeUndefined();
    expect(gridOf('by bar 1/8 1 7')).toBeUndefined();
  });

  it('is toggled place by place, in rising order', () => {
    const once = toggled(toggled(emptyGrid(2), 0, 3), 0, 1);
    expect(once).toEqual([[1, 3], []]);
    expect(toggled(once, 0, 3)).toEqual([[1], []]);
  });

  it('fits its meter', () => {
    expect(stepsIn(4, '8')).toBe(8);
    expect(stepsIn(3, '8')).toBe(6);
    expect(stepsIn(3, '16')).toBe(12);
    expect(stepsIn(3.5, '8')).toBe(7);
    expect(resized([[1], [2]], 3)).toEqual([[1], [2], []]);
    expect(resized([[1], [2]], 1)).toEqual([[1]]);
  });

  it('is learned from what was played: C, then E and G, twice', () => {
    expect(gridPlayed([[48], [52, 55], [48], [55, 52]], 4)).toEqual([[1], [2, 3], [1], [2, 3]]);
    // More than five keys are no hand.
    expect(gridPlayed([[48], [50], [52], [53], [55], [57]], 6)[5]).toEqual([]);
  });
});
