import { describe, expect, it } from 'vitest';
import { sheets } from './sheets';

/** Systems of these heights, one below the other on the page; behind some a hand is free. */
const systems = (...heights: number[]) => {
  let top = 0;
  return heights.map((height, drawing) => {
    const system = { drawing, texts: [], top, bottom: top + height, rests: false };
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

  it('turns the page where a hand rests, if that takes no more sheets', () => {
    const lengths = (count: number, ...free: number[]) => {
      const all = systems(...Array<number>(count).fill(100));
      free.forEach((system) => (all[system]!.rests = true));
      return sheets(all, 460, 0).map((sheet) => sheet.length);
    };
    expect(lengths(6)).toEqual([4, 2]);
    expect(lengths(6, 2)).toEqual([3, 3]);
    expect(lengths(6, 1, 2)).toEqual([3, 3]);
    // One more sheet, or one half empty, is worse than a turn in the middle.
    expect(lengths(8, 2)).toEqual([4, 4]);
    expect(lengths(6, 0)).toEqual([4, 2]);
  });

  it('lays a system that is higher than a sheet on one of its own', () => {
    expect(sheets(systems(50, 400, 50), 300, 0).map((sheet) => sheet.length)).toEqual([1, 1, 1]);
    expect(sheets([], 300, 0)).toEqual([]);
  });
});
