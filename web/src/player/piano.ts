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
  /** Quarter notes from the beginning. */
  at(): number;
  tempo(quartersPerMinute: number): void;
  beat(beat: Beat): void;
  stop(): void;
}

/** Files of the syllables that have no name of their own. */
const NAMES: Record<string, string> = { '&': 'and' };
const SYLLABLES = [...Array.from({ length: 12 }, (_, i) => `${i + 1}`), '&'].map((syllable) => [
  syllable,
  `${NAMES[syllable] ?? syllable}.wav`,
]);

/** Of its loudest, how loud a string is that is struck, and not yet a key on its way. */
const BEGINS = 0.1;
/** Seconds before that which are its own, and those in which it is faded in. */
const BEFORE = 0.0015;

/** A key without its way down, which would make it late: 11 to 24 ms in these samples. */
function fromItsBeginning(sound: Tone.ToneAudioBuffer): Tone.ToneAudioBuffer {
  const samples = sound.toArray(0) as Float32Array;
  const loudest = samples.reduce((most, sample) => Math.max(most, Math.abs(sample)), 0);
  const first = samples.findIndex((sample) => Math.abs(sample) > BEGINS * loudest);
  const begin = first / sound.sampleRate - BEFORE;
  return begin > 0 ? sound.slice(begin) : sound;
}

/** Fetches sounds once, for whatever they are played by; what fails is tried again the next time. */
function fetched(files: string[][], baseUrl: string, cut = (sound: Tone.ToneAudioBuffer) => sound) {
  let sounds: Promise<Record<string, Tone.ToneAudioBuffer>> | undefined;
  async function fetchAll() {
    const all = new Tone.ToneAudioBuffers({ urls: Object.fromEntries(files), baseUrl });
    await Tone.loaded();
    return Object.fromEntries(files.map(([name]) => [name, cut(all.get(name!))]));
  }
  return () =>
    (sounds ??= fetchAll().catch((error) => {
      sounds = undefined;
      throw error;
    }));
}
const piano = fetched(SAMPLES, '/samples/', fromItsBeginning);
const voice = fetched(SYLLABLES, '/samples/counts/');

interface Instruments {
  piano: Tone.Sampler;
  wood: Tone.Synth;
  /** What counts aloud, once that is wished. */
  voice?: Tone.Players;
}

/** Instruments of the context that is on. */
const instrumentsOf = (keys: Record<string, Tone.ToneAudioBuffer>): Instruments => ({
  piano: new Tone.Sampler({ urls: keys, attack: BEFORE, release: 0.5 }).toDestination(),
  wood: new Tone.Synth({
    oscillator: { type: 'triangle' },
    envelope: { attack: 0.001, decay: 0.05, sustain: 0, release: 0.02 },
    volume: -12,
  }).toDestination(),
});
const voiceOf = (syllables: Record<string, Tone.ToneAudioBuffer>) =>
  new Tone.Players({ urls: syllables, volume: -4 }).toDestination();

/** Those that are heard. */
let instruments: Instruments | undefined;

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
export async function prepare() {
  const samples = await piano();
  return (instruments ??= instrumentsOf(samples));
}

/** The heavier, the higher, in hertz. */
const PITCHES: Record<Click['weight'], number> = {
  FIRST: 1568,
  STRONG: 1175,
  BEAT: 1047,
  PART: 784,
  THIRD: 784,
};

/** How a timeline is played. */
export interface Options {
  quartersPerMinute: number;
  beat: Beat;
  loop: boolean;
  /** Quarter notes behind its beginning at which it begins. */
  from?: number;
}

type Transport = ReturnType<typeof Tone.getTransport>;
const ticksOf = (transport: Transport, quarters: number) =>
  `${Math.round(quarters * transport.PPQ)}i`;

/**
 * Lays what sounds on a transport; what is heard beside it may change meanwhile.
 *
 * @param later seconds by which all sounds later than it stands there
 */
function lay(
  music: Timeline,
  transport: Transport,
  on: Instruments,
  { quartersPerMinute, loop }: Options,
  beat: () => Beat,
  later = 0,
) {
  transport.bpm.value = quartersPerMinute;
  for (const { midi, at, duration, loudness, seen } of music.sounds) {
    if (seen) continue;
    transport.schedule(
      (time) => {
        const seconds = (duration * 60) / transport.bpm.value;
        const pitch = Tone.Frequency(midi, 'midi').toFrequency();
        on.piano.triggerAttackRelease(pitch, seconds, time + later, loudness);
      },
      ticksOf(transport, at),
    );
  }
  for (const { at, counts, weight, syllable } of music.clicks) {
    transport.schedule(
      (time) => {
        const { click, spoken } = beat();
        const isPart = weight === 'PART' || weight === 'THIRD';
        const isBeat = counts || !isPart || click.includes(weight);
        if (spoken && isBeat && on.voice?.has(syllable)) {
          on.voice.player(syllable).start(time + later);
        } else if (counts || click.includes(weight)) {
          on.wood.triggerAttackRelease(PITCHES[weight], 0.03, time + later);
        }
      },
      ticksOf(transport, at),
    );
  }
  transport.loop = loop;
  if (loop) transport.setLoopPoints(0, ticksOf(transport, music.length));
}

/** Tells what is heard, as it is heard. */
function tell(music: Timeline, transport: Transport, listener: Listener, loop: boolean) {
  const draw = Tone.getDraw();
  const at = (quarters: number, what: () => void) =>
    transport.schedule((time) => draw.schedule(what, time), ticksOf(transport, quarters));
  for (const sound of music.sounds) {
    at(sound.at, () => listener.onSound(sound));
    at(sound.at + sound.duration * 0.95, () => listener.onSilence(sound));
  }
  for (const cue of music.cues) at(cue.at, () => listener.onCue?.(cue.chord));
  if (loop) {
    // Told also where nobody sees the page.
    transport.schedule(() => listener.onRound?.(), ticksOf(transport, music.length - 0.05));
  } else {
    transport.schedule(
      () => setTimeout(() => listener.onEnd()),
      ticksOf(transport, music.length + 0.2),
    );
  }
}

/** Lets the device sound; a tablet lets it within a press alone. */
export const wake = () => void Tone.start().catch(() => {});

/** Counts what was played: the transport is one, and what was overtaken stops nothing of what came after. */
let plays = 0;

/** Plays a timeline; loads the piano the first time. */
export async function play(
  music: Timeline,
  options: Options,
  listener: Listener,
): Promise<Playing> {
  const isHeard = await Promise.race([Tone.start().then(() => true), waited(PATIENCE)]);
  if (!isHeard) throw new NoSound();
  Tone.getContext().lookAhead = AHEAD;
  const on = await prepare();
  let { beat } = options;
  const speak = async () => {
    if (beat.spoken) on.voice ??= voiceOf(await voice());
  };
  await speak();

  const mine = ++plays;
  const transport = Tone.getTransport();
  transport.stop();
  transport.cancel();
  transport.position = 0;
  lay(music, transport, on, options, () => beat);
  tell(music, transport, listener, options.loop);
  // Everything is scheduled ahead as it is.
  transport.start('+0.01', ticksOf(transport, options.from ?? 0));
  return {
    at: () => transport.ticks / transport.PPQ,
    tempo: (quartersPerMinute) => (transport.bpm.value = quartersPerMinute),
    beat(other) {
      beat = other;
      void speak();
    },
    stop() {
      if (mine !== plays) return;
      transport.stop();
      transport.cancel();
      Tone.getDraw().cancel();
      on.piano.releaseAll();
    },
  };
}

const SAMPLE_RATE = 44_100;
/** Seconds in which the last note dies away. */
const TAIL = 1;
/** Seconds by which all sounds later: sound is rendered in lots, and what falls into one that is begun would wait for the next. */
const LATER = 0.1;

/** A timeline as sound, so many rounds of it. */
export async function rendered(
  music: Timeline,
  options: Options,
  rounds: number,
): Promise<{ samples: Float32Array; sampleRate: number }> {
  const samples = await piano();
  const syllables = options.beat.spoken ? await voice() : undefined;
  const seconds = (rounds * music.length * 60) / options.quartersPerMinute;
  const sound = await Tone.Offline(
    ({ transport }) => {
      const on = instrumentsOf(samples);
      if (syllables) on.voice = voiceOf(syllables);
      lay(music, transport, on, { ...options, loop: rounds > 1 }, () => options.beat, LATER);
      transport.start(0).stop(seconds);
    },
    LATER + seconds + TAIL,
    1,
    SAMPLE_RATE,
  );
  const { sampleRate } = sound;
  return { samples: (sound.toArray(0) as Float32Array).subarray(LATER * sampleRate), sampleRate };
}
