/** A figure as a teacher lays it on a grid: for each step of a bar the places struck, 1 for the lowest. */
export type Grid = number[][];

/** Places that a hand has: five fingers. */
export const PLACES = 5;

/** How many steps a bar has, by the quarter notes in it and the value of a step. */
export const stepsIn = (barLength: number, value: Value) =>
  Math.round((barLength * Number(value)) / 4);

/** Of which note value a step is: 8 for an eighth. */
export type Value = '4' | '8' | '16';

export const emptyGrid = (steps: number): Grid => Array.from({ length: steps }, () => []);

/** The grid in another number of steps: what is over goes, what is missing is empty. */
export const resized = (grid: Grid, steps: number): Grid =>
  Array.from({ length: steps }, (_, i) => grid[i] ?? []);

/** The grid with one place at one step struck, or not any more. */
export const toggled = (grid: Grid, step: number, place: number): Grid =>
  grid.map((places, i) =>
    i !== step
      ? places
      : places.includes(place)
        ? places.filter((one) => one !== place)
        : [...places, place].sort((a, b) => a - b),
  );

/** Its text form, each stroke lasting until the next; empty where nothing is struck. */
export function figureText(grid: Grid, value: Value): string {
  if (grid.every((places) => !places.length)) return '';
  const words: string[] = [];
  for (let step = 0; step < grid.length;) {
    let next = step + 1;
    while (next < grid.length && !grid[next]!.length) next++;
    const places = grid[step]!.length ? grid[step]!.join('+') : 'rest';
    words.push(next - step > 1 ? `${places}*${next - step}` : places);
    step = next;
  }
  return `by bar 1/${value} ${words.join(' ')}`;
}

/** The grid of a text that a grid has written; undefined where it is of another kind. */
export function gridOf(text: string): { grid: Grid; value: Value } | undefined {
  const match = /^by bar 1\/(4|8|16) (.+)$/.exec(text);
  if (!match) return undefined;
  const grid: Grid = [];
  for (const word of match[2]!.split(' ')) {
    const stroke = /^(rest|[1-5](?:\+[1-5])*)(?:\*(\d+))?$/.exec(word);
    if (!stroke) return undefined;
    grid.push(stroke[1] === 'rest' ? [] : stroke[1]!.split('+').map(Number));
    for (let i = 1; i < Number(stroke[2] ?? 1); i++) grid.push([]);
  }
  return { grid, value: match[1] as Value };
}

/** A figure as it was played: groups of keys struck together become strokes, the lowest key the lowest place. */
export function gridPlayed(groups: number[][], steps: number): Grid {
  const keys = [...new Set(groups.flat())].sort((a, b) => a - b).slice(0, PLACES);
  const places = groups
    .map((group) => [...new Set(group.map((midi) => keys.indexOf(midi) + 1))].filter((n) => n > 0))
    .map((group) => group.sort((a, b) => a - b));
  return resized(places, steps);
}
