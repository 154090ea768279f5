import { describe, expect, it } from 'vitest';
import type { ArrangedChord, Reading } from '../api/client';
import { heardAs } from './readings';

const chord = (column: number, length: number) =>
  ({ text: { line: 1, column, length } }) as unknown as ArrangedChord;
const reading = { byRule: 'vi' } as unknown as Reading;

describe('heardAs', () => {
  it("writes the teacher's numeral behind the chord", () => {
    expect(heardAs('| C | Am | D7 |', chord(7, 2), reading, 'ii@G')).toBe('| C | Am=ii@G | D7 |');
  });

  it('puts another in its place', () => {
    expect(heardAs('| C | Am=ii@G:2 D7 |', chord(7, 7), reading, 'iv@Em')).toBe(
      '| C | Am=iv@Em:2 D7 |',
    );
  });

  it("goes back to the rule's by writing nothing", () => {
    expect(heardAs('| C | Am=ii@G | D7 |', chord(7, 7), reading, 'vi')).toBe('| C | Am | D7 |');
  });
});
