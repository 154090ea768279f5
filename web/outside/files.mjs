// Several files on one input, each behind its length in bytes and a line's end: a library is loaded once for all of them.
import { readFileSync } from 'node:fs';

export function* files() {
  const input = readFileSync(0);
  for (let at = 0; at < input.length;) {
    const end = input.indexOf(10, at);
    const length = Number(input.toString('utf8', at, end));
    yield input.subarray(end + 1, end + 1 + length);
    // What was written to here is about that file.
    console.log('\f');
    at = end + 1 + length;
  }
}
