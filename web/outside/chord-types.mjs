// The dictionary of an independent library: writes "intervals<tab>names" for each kind of chord.
import { ChordType } from 'tonal';

for (const kind of ChordType.all()) {
  const names = kind.aliases.filter((alias) => /^\S+$/.test(alias));
  if (names.length) console.log(`${kind.intervals.join(' ')}\t${names.join(' ')}`);
}
