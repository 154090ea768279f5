/** A system of the page with all that belongs to it, from where to where it reaches. */
export interface System<Drawing, Text> {
  drawing: Drawing;
  texts: Text[];
  top: number;
  bottom: number;
}

/** A system laid on a sheet of paper, `at` below its upper edge. */
export type Laid<Drawing, Text> = System<Drawing, Text> & { at: number };

/** Least room between two systems, and how much of it may be added to fill a sheet. */
const GAP = 16;
const MOST_GAP = 60;

/**
 * Lays systems on sheets of paper, never one torn in two. All sheets but the last are filled: what room is left is
 * given to the gaps between systems.
 *
 * @param room height of a sheet
 * @param first what is taken of the first one for its title
 */
export function sheets<D, T>(systems: System<D, T>[], room: number, first: number): Laid<D, T>[][] {
  const all: System<D, T>[][] = [];
  let used = Infinity;
  for (const system of systems) {
    const height = system.bottom - system.top;
    if (used + GAP + height <= room) {
      all.at(-1)!.push(system);
      used += GAP + height;
    } else {
      used = (all.length === 0 ? first : 0) + height;
      all.push([system]);
    }
  }
  return all.map((sheet, i) => {
    const begin = i === 0 ? first : 0;
    const heights = sheet.reduce((sum, { top, bottom }) => sum + bottom - top, 0);
    const even = (room - begin - heights) / Math.max(1, sheet.length - 1);
    const gap = i < all.length - 1 ? Math.min(MOST_GAP, Math.max(GAP, even)) : GAP;
    let at = begin;
    return sheet.map((system) => {
      const laid = { ...system, at };
      at += system.bottom - system.top + gap;
      return laid;
    });
  });
}
