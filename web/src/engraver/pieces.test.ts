import { describe, expect, it } from 'vitest';
import { pieces } from './pieces';

const HEAD = '<score-partwise version="4.0"><part id="P1">';
const FOOT = '</part></score-partwise>';
const KEY_AND_METER =
  '<attributes><divisions>4</divisions><key><fifths>0</fifths></key><time><beats>4</beats></time></attributes>';
const PARTED = '<print new-system="yes"/>';

/** A score of four bars with this in them. */
function score(...contents: string[]) {
  const bars = contents.map((content, i) => {
    const attributes = i === 0 ? KEY_AND_METER : '';
    return `<measure number="${i + 1}">${attributes}${content}</measure>`;
  });
  return HEAD + bars.join('') + FOOT;
}

describe('pieces', () => {
  it('are whole documents that together hold every bar once', () => {
    const parts = pieces(score('a', 'b', 'c', 'd'), [0, 2]);
    expect(parts).toHaveLength(2);
    for (const part of parts) {
      expect(part.startsWith(HEAD)).toBe(true);
      expect(part.endsWith(FOOT)).toBe(true);
    }
    const numbers = parts.map((part) => [...part.matchAll(/number="(\d)"/g)].map((m) => m[1]));
    expect(numbers).toEqual([
      ['1', '2'],
      ['3', '4'],
    ]);
  });

  it('leave the others as they were when one bar changes', () => {
    const before = pieces(score('a', 'b', 'c', 'd'), [0, 2]);
    const after = pieces(score('a', 'b', 'c', 'D'), [0, 2]);
    expect(after[0]).toBe(before[0]);
    expect(after[1]).not.toBe(before[1]);
  });

  it('begin with the key and meter in force, the meter unseen', () => {
    const newKey = '<attributes><key><fifths>2</fifths></key></attributes>';
    const [, second] = pieces(score('a', newKey, 'c', 'd'), [0, 2]);
    expect(second).toContain(`<measure number="3">${PARTED}<attributes><divisions>4</divisions>`);
    expect(second).toContain('<fifths>2</fifths>');
    expect(second).toContain('<time print-object="no"><beats>4</beats>');
  });

  it('are not parted where a tie reaches into the next system', () => {
    const tied = score('a', '<tie type="start"/>', '<tie type="stop"/>', 'd');
    const [only, ...others] = pieces(tied, [0, 2]);
    expect(only).toContain(`<measure number="3">${PARTED}<tie type="stop"/>`);
    expect(others).toEqual([]);
    expect(pieces(tied, [0, 3])).toHaveLength(2);
  });

  it('are not parted under a slur or a hairpin', () => {
    const slur = pieces(score('a', '<slur type="start"/>', '<slur type="stop"/>', 'd'), [0, 2]);
    expect(slur).toHaveLength(1);
    const hairpin = pieces(
      score('a', '<wedge type="crescendo"/>', '<wedge type="stop"/>', 'd'),
      [0, 2],
    );
    expect(hairpin).toHaveLength(1);
  });

  it('begin with the clef to which a staff has changed', () => {
    const clef = (staff: number, sign: string) =>
      `<clef number="${staff}"><sign>${sign}</sign></clef>`;
    const first = `<attributes>${clef(1, 'G')}${clef(2, 'F')}</attributes>`;
    const parts = pieces(
      HEAD +
        `<measure number="1">${first}</measure>` +
        `<measure number="2">x<attributes>${clef(2, 'G')}</attributes></measure>` +
        '<measure number="3">c</measure>' +
        FOOT,
      [0, 2],
    );
    expect(parts[1]).toContain(`<attributes>${clef(1, 'G')}${clef(2, 'G')}</attributes>`);
  });

  it('are not parted under the bracket of an ending', () => {
    const [starts, stops] = ['start', 'stop'].map((type) => `<ending number="1" type="${type}"/>`);
    expect(pieces(score('a', starts!, stops!, 'd'), [0, 2])).toHaveLength(1);
    expect(pieces(score('a', `${starts}${stops}`, 'c', 'd'), [0, 2])).toHaveLength(2);
  });

  it('are not parted before a new key, which is announced at the end of the system', () => {
    const newKey = '<attributes><key><fifths>2</fifths></key></attributes>';
    expect(pieces(score('a', 'b', newKey, 'd'), [0, 2])).toHaveLength(1);
  });
});
