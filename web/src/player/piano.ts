import * as Tone from 'tone';
import type { Click, Sound, Timeline } from './timeline';

/** The sampled piano where both hands play: a sample every minor third. */
const SAMPLES = [1, 2, 3, 4, 5, 6].flatMap((octave) =>
  ['C', 'D#', 'F#', 'A'].map((name) => [
    `${name}${octave}`,
    `${name.replace('#', 's')}${octave}.mp3`,
  ]),
);

export interface Listener {
  onSound(sound: Sound): void;
  onSilence(sound: Sound): void;
  onEnd(): void;
  /** Where it goes round: a round is over. */
  onRound?(): void;
  /** A chord is about to come. */
  onCue?(chord: number): void;
}

/** What is heard beside the notes. */
export interface Beat {
  /** Where it clicks. */
  click: Click['weight'][];
  /** Whether the count is said. */
  spoken: boolean;
}

export interface Playing {
  tempo(quartersPerMinute: number): void;
  beat(beat: Beat): void;
  stop(): void;
}

/** Files of the syllables that have no name of their own. */
const SYLLABLES: Record<string, string> = { '&': 'and' };
const SPOKEN = [...Array.from({ length: 12 }, (_, i) => `${i + 1}`), '&'];
let voice: Promise<Tone.Players> | undefined;

/** The count said aloud; fetched when it is first wished. */
async function loadVoice() {
  const files = SPOKEN.map((syllable) => [syllable, `${SYLLABLES[syllable] ?? syllable}.wav`]);
  const players = new Tone.Players({
    urls: Object.fromEntries(files),
    baseUrl: '/samples/counts/',
    volume: -4,
  }).toDestination();
  await Tone.loaded();
  return players;
}

let instruments: Promise<{ piano: Tone.Sampler; wood: Tone.Synth }> | undefined;

async function load() {
  const piano = new Tone.Sampler({
    urls: Object.fromEntries(SAMPLES),
    baseUrl: '/samples/',
    release: 0.5,
  }).toDestination();
  const wood = new Tone.Synth({
    oscillator: { type: 'triangle' },
    envelope: { attack: 0.001, decay: 0.05, sustain: 0, release: 0.02 },
    volume: -12,
  }).toDestination();
  await Tone.loaded();
  return { piano, wood };
}

/** Milliseconds after which a device that does not begin to sound has nothing to sound with. */
const PATIENCE = 4000;
const waited = (time: number) =>
  new Promise<false>((resolve) => setTimeout(() => resolve(false), time));

/** Nothing can be heard on this device. */
class NoSound extends Error {
  override name = 'NoSound';
}

/** Seconds by which sound is scheduled ahead: soon enough after a press, long enough for a slow device. */
const AHEAD = 0.07;

/** Fetches the piano, so that it is there when something is to be heard. */
export function prepare() {
  instruments ??= load();
  return instruments.catch((error) => {
    instruments = undefined;
    throw error;
  });
}

/** The heavier, the higher, in hertz. */
const PITCHES: Record<Click['weight'], number> = {
  FIRST: 1568,
  STRONG: 1175,
  BEAT: 1047,
  PART: 784,
  THIRD: 784,
};

/** Plays a timeline; loads the piano the first time. */
export async function play(
  music: Timeline,
  options: { quartersPerMinute: number; beat: Beat; loop: boolean },
  listener: Listener,
): Promise<Playing> {
  const isHeard = await Promise.race([Tone.start().then(() => true), waited(PATIENCE)]);
  if (!isHeard) throw new NoSound();
  Tone.getContext().lookAhead = AHEAD;
  const { piano, wood } = await prepare();
  const transport = Tone.getTransport();
  const draw = Tone.getDraw();
  const ticks = (quarters: number) => `${Math.round(quarters * transport.PPQ)}i`;
  let beat = options.beat;
  let said: Tone.Players | undefined;
  const speak = async () => {
    if (beat.spoken) said ??= await (voice ??= loadVoice());
  };
  await speak();

  transport.stop();
  transport.cancel();
  transport.position = 0;
  transport.bpm.value = options.quartersPerMinute;
  for (const sound of music.sounds) {
    transport.schedule((time) => {
      const seconds = (sound.duration * 60) / transport.bpm.value;
      piano.triggerAttackRelease(
        Tone.Frequency(sound.midi, 'midi').toFrequency(),
        seconds,
        time,
        sound.loudness,
      );
      draw.schedule(() => listener.onSound(sound), time);
    }, ticks(sound.at));
    transport.schedule(
      (time) => draw.schedule(() => listener.onSilence(sound), time),
      ticks(sound.at + sound.duration * 0.95),
    );
  }
  for (const click of music.clicks) {
    transport.schedule((time) => {
      const isPart = click.weight === 'PART' || click.weight === 'THIRD';
      const isBeat = click.counts || !isPart || beat.click.includes(click.weight);
      if (beat.spoken && isBeat && said?.has(click.syllable)) {
        said.player(click.syllable).start(time);
      } else if (click.counts || beat.click.includes(click.weight)) {
        wood.triggerAttackRelease(PITCHES[click.weight], 0.03, time);
      }
    }, ticks(click.at));
  }
  for (const cue of music.cues) {
    transport.schedule(
      (time) => draw.schedule(() => listener.onCue?.(cue.chord), time),
      ticks(cue.at),
    );
  }
  if (options.loop) {
    transport.setLoopPoints(0, ticks(music.length));
    // Told also where nobody sees the page.
    transport.schedule(() => listener.onRound?.(), ticks(music.length - 0.05));
  } else {
    transport.schedule(() => setTimeout(() => listener.onEnd()), ticks(music.length + 0.2));
  }
  transport.loop = options.loop;
  // Everything is scheduled ahead as it is.
  transport.start('+0.01');
  return {
    tempo: (quartersPerMinute) => (transport.bpm.value = quartersPerMinute),
    beat(other) {
      beat = other;
      void speak();
    },
    stop() {
      transport.stop();
      transport.cancel();
      draw.cancel();
      piano.releaseAll();
    },
  };
}
