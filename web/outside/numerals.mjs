// Numerals of an independent library: for each key read, writes "key<tab>chord<tab>numeral" of its sevenths.
import { readFileSync } from 'node:fs';
import { Key, Progression } from 'tonal';

for (const key of readFileSync(0, 'utf8').split('\n').filter(Boolean)) {
  const [tonic, mode] = key.split(' ');
  const { chords } = mode === 'major' ? Key.majorKey(tonic) : Key.minorKey(tonic).natural;
  const numerals = Progression.toRomanNumerals(tonic, chords);
  chords.forEach((chord, i) => console.log(`${key}\t${chord}\t${numerals[i]}`));
}
