// Names an independent library finds for bare sets of notes, the bass first: writes "notes<tab>root root ...".
import { readFileSync } from 'node:fs';
import { Chord } from 'tonal';

for (const notes of readFileSync(0, 'utf8').split('\n').filter(Boolean)) {
  const roots = Chord.detect(notes.split(' ')).map((name) => Chord.get(name).tonic);
  console.log(`${notes}\t${roots.filter(Boolean).join(' ')}`);
}
