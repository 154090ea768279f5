// A second reader of MIDI files: writes "on|off tick key" for each message, then the file's facts.
import { parseMidi } from 'midi-file';
import { files } from './files.mjs';

for (const file of files()) {
  const midi = parseMidi(file);
  for (const track of midi.tracks) {
    let tick = 0;
    for (const event of track) {
      tick += event.deltaTime;
      if (event.type === 'noteOn') console.log(`on ${tick} ${event.noteNumber}`);
      if (event.type === 'noteOff') console.log(`off ${tick} ${event.noteNumber}`);
      if (event.type === 'setTempo') console.log(`tempo ${event.microsecondsPerBeat}`);
      if (event.type === 'timeSignature')
        console.log(`meter ${event.numerator}/${event.denominator}`);
      if (event.type === 'keySignature') console.log(`key ${event.key} ${event.scale}`);
    }
  }
}
