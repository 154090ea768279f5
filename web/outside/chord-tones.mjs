// The chord tones of an independent library: reads lines of chord symbols, writes "symbol<tab>tones".
import { readFileSync } from 'node:fs';
import { Chord } from 'tonal';

for (const symbol of readFileSync(0, 'utf8').split('\n').filter(Boolean)) {
  console.log(`${symbol}\t${Chord.get(symbol).notes.join(' ')}`);
}
