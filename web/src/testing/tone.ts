import { vi } from 'vitest';

/** A device that sounds when told to: one transport for everybody, as there is one. */
export const device = {
  state: 'stopped',
  scheduled: [] as ((time: number) => void)[],
  /** Those who wait for the device to wake. */
  waiting: [] as (() => void)[],
  struck: [] as string[],
  reset() {
    Object.assign(device, { state: 'stopped', scheduled: [], waiting: [], struck: [] });
  },
  wakes() {
    for (const wake of device.waiting.splice(0)) wake();
  },
  /** All that is scheduled, as if it were heard through. */
  plays() {
    for (const sound of [...device.scheduled]) sound(0);
  },
};

export const transport = {
  PPQ: 192,
  ticks: 0,
  position: 0,
  bpm: { value: 80 },
  loop: false,
  schedule: (sound: (time: number) => void) => void device.scheduled.push(sound),
  cancel: () => void (device.scheduled = []),
  stop: () => void (device.state = 'stopped'),
  start: vi.fn((_: string, from: string) => {
    device.state = 'started';
    transport.ticks = Number.parseInt(from);
  }),
  setLoopPoints: () => {},
};

const instrument = (name: string) =>
  class {
    toDestination = () => this;
    releaseAll = () => {};
    triggerAttackRelease = () => void device.struck.push(name);
  };

/** In place of the library. */
export const tone = {
  start: () => new Promise<void>((wake) => device.waiting.push(wake)),
  loaded: async () => {},
  getContext: () => ({ lookAhead: 0 }),
  getTransport: () => transport,
  getDraw: () => ({ schedule: (what: () => void) => what(), cancel: () => {} }),
  Frequency: (midi: number) => ({ toFrequency: () => midi }),
  ToneAudioBuffers: class {
    get = () => ({ toArray: () => new Float32Array([1]), sampleRate: 1, slice: () => this });
  },
  Sampler: instrument('piano'),
  Synth: instrument('wood'),
  Players: instrument('voice'),
};
