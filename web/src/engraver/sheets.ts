/** A system of the page with all that belongs to it, from where to where it reaches. */
export interface System<Drawing, Text> {
  drawing: Drawing;
  texts: Text[];
  top: number;
  bottom: number;
  /** Whether a hand is free behind it to turn the page. */
  rests: boolean;
}

/** A system laid on a sheet of paper, `at` below its upper edge. */
export type Laid<Drawing, Text> = System<Drawing, Text> & { at: number };

/** Least room between two systems, and how much of it may be added to fill a sheet. */
const GAP = 16;
const MOST_GAP = 60;

/** So many systems fewer a sheet may have, for a hand to be free at its end. */
const MOST_MOVED = 2;

/**
 * Lays systems on sheets of paper, never one torn in two. A sheet ends where a hand rests, if that takes no more
 * sheets. All but the last are filled: what room is left is given to the gaps between systems.
 *
 * @param room height of a sheet
 * @param first what is taken of the first one for its title
 */
export function sheets<D, T>(systems: System<D, T>[], room: number, first: number): Laid<D, T>[][] {
  return parted(systems, room, first).map((sheet, i, all) => {
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

/** How many of these fill a sheet. */
function fitting<D, T>(systems: System<D, T>[], room: number): number {
  let used = -GAP;
  const tooMany = systems.findIndex(({ top, bottom }) => (used += GAP + bottom - top) > room);
  return tooMany < 0 ? systems.length : Math.max(1, tooMany);
}

function fullest<D, T>(systems: System<D, T>[], room: number, first: number): System<D, T>[][] {
  if (systems.length === 0) return [];
  const count = fitting(systems, room - first);
  return [systems.slice(0, count), ...fullest(systems.slice(count), room, 0)];
}

function parted<D, T>(systems: System<D, T>[], room: number, first: number): System<D, T>[][] {
  const [sheet, ...others] = fullest(systems, room, first);
  if (!sheet || !others.length) return sheet ? [sheet] : [];
  const counts = Array.from(
    { length: Math.min(MOST_MOVED + 1, sheet.length) },
    (_, i) => sheet.length - i,
  );
  const takesNoMore = (count: number) =>
    fullest(systems.slice(count), room, 0).length === others.length;
  const count = counts.find((one) => systems[one - 1]!.rests && takesNoMore(one)) ?? sheet.length;
  return [systems.slice(0, count), ...parted(systems.slice(count), room, 0)];
}
