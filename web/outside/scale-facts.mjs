// Signatures and intervals of an independent library: "key<tab>fifths" and "a b<tab>interval".
import { readFileSync } from 'node:fs';
import { Interval, Key } from 'tonal';

for (const line of readFileSync(0, 'utf8').split('\n').filter(Boolean)) {
  const [a, b] = line.split(' ');
  const answer =
    b === 'major'
      ? Key.majorKey(a).alteration
      : b === 'minor'
        ? Key.minorKey(a).alteration
        : Interval.distance(a, b);
  console.log(`${line}\t${answer}`);
}
