import * as Tone from 'tone';
import type { Sound, Timeline } from './timeline';

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
}

export interface Playing {
  tempo(quartersPerMinute: number): void;
  click(on: boolean): void;
  stop(): void;
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

/** Plays a timeline; loads the piano the first time. */
export async function play(
  music: Timeline,
  options: { quartersPerMinute: number; click: boolean; loop: boolean },
  listener: Listener,
): Promise<Playing> {
  await Tone.start();
  instruments ??= load();
  const { piano, wood } = await instruments.catch((error) => {
    instruments = undefined;
    throw error;
  });
  const transport = Tone.getTransport();
  const draw = Tone.getDraw();
  const ticks = (quarters: number) => `${Math.round(quarters * transport.PPQ)}i`;
  let clicking = options.click;

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
      if (clicking || click.counts)
        wood.triggerAttackRelease(click.strong ? 1568 : 1047, 0.03, time);
    }, ticks(click.at));
  }
  if (options.loop) {
    transport.setLoopPoints(0, ticks(music.length));
    transport.schedule(
      (time) => draw.schedule(() => listener.onRound?.(), time),
      ticks(music.length - 0.05),
    );
  } else {
    transport.schedule(
      (time) => draw.schedule(() => listener.onEnd(), time),
      ticks(music.length + 0.2),
    );
  }
  transport.loop = options.loop;
  transport.start('+0.05');
  return {
    tempo: (quartersPerMinute) => (transport.bpm.value = quartersPerMinute),
    click: (on) => (clicking = on),
    stop() {
      transport.stop();
      transport.cancel();
      draw.cancel();
      piano.releaseAll();
    },
  };
}
