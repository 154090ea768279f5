import { describe, expect, it } from 'vitest';
import { sheets } from './sheets';

/** Systems of these heights, one below the other on the page. */
const systems = (...heights: number[]) => {
  let top = 0;
  return heights.map((height, drawing) => {
    const system = { drawing, texts: [], top, bottom: top + height };
    top += height + 10;
    return system;
  });
};

describe('sheets', () => {
  it('never tears a system, and leaves room for the title on the first sheet alone', () => {
    const laid = sheets(systems(100, 100, 100, 100, 100), 300, 60);
    expect(laid.map((sheet) => sheet.map(({ drawing }) => drawing))).toEqual([[0, 1], [2, 3], [4]]);
    expect(laid[0]![0]!.at).toBe(60);
    expect(laid[1]![0]!.at).toBe(0);
    for (const sheet of laid) {
      for (const { at, top, bottom } of sheet) expect(at + bottom - top).toBeLessThanOrEqual(300);
    }
  });

  it('fills every sheet but the last', () => {
    const [full, last] = sheets(systems(80, 80, 80, 80), 300, 0);
    const end = full!.at(-1)!;
    expect(end.at + end.bottom - end.top).toBe(300);
    expect(last!.map(({ at }) => at)).toEqual([0]);
  });

  it('does not pull a few systems far apart', () => {
    const [sheet] = sheets(systems(100, 100, 250), 300, 0);
    expect(sheet!.map(({ at }) => at)).toEqual([0, 160]);
  });

  it('lays a system that is higher than a sheet on one of its own', () => {
    expect(sheets(systems(50, 400, 50), 300, 0).map((sheet) => sheet.length)).toEqual([1, 1, 1]);
    expect(sheets([], 300, 0)).toEqual([]);
  });
});
