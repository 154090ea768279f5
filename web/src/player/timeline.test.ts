import { describe, expect, it } from 'vitest';
import type { Arrangement } from '../api/client';
import { BALANCES, barsToPlay, comingsFor, swung, timeline } from './timeline';

const note = (id: string, bar: number, onset: number, midi = 48, tied = false) => ({
  id,
  bar,
  onset,
  chord: bar,
  duration: 1,
  midi,
  tied,
  right: false,
  bass: false,
  louder: 0,
  louderAgain: [],
});

const bar = { length: 3, beatLength: 1, offset: 0 };
const tune = {
  bars: [bar, bar, bar],
  playingOrder: [0, 1, 0, 1, 2],
  notes: [note('a', 0, 0), note('b', 1, 1), note('c', 2, 0)],
  melody: [],
} as unknown as Arrangement;

describe('a hold', () => {
  it('lasts twice as long, and all that follows comes later', () => {
    const held = {
      ...tune,
      notes: [note('a', 0, 0), note('b', 0, 1), note('c', 0, 2), note('d', 1, 0)],
      pace: [{ bar: 0, from: 1, to: 2, speed: 0.5 }],
    };
    const { sounds, length } = timeline(held, [0, 1]);
    expect(sounds.map(({ at }) => at)).toEqual([0, 1, 3, 4]);
    expect(sounds[1]!.duration).toBe(2);
    expect(length).toBe(7);
  });
});

describe('a bar that comes again', () => {
  it('is as loud as its words say for that time', () => {
    const twice = {
      ...tune,
      calls: ['', '', '', '', ''],
      notes: [{ ...note('a', 0, 0), louder: -0.5, louderAgain: [0.5] }, note('b', 1, 0)],
    } as unknown as Arrangement;
    const heard = timeline(twice, barsToPlay(twice, 0), comingsFor(twice, 0)).sounds;
    const of = (id: string) => heard.filter((s) => s.id === id).map((s) => s.loudness);
    expect(of('a')[1]! / of('a')[0]!).toBeCloseTo(3);
    expect(of('b')[1]).toBe(of('b')[0]);
  });
});

describe('counting in', () => {
  const counted = (bars: object[], barLength: number) =>
    timeline({ ...tune, barLength, bars } as unknown as Arrangement, [0], [], undefined, true);
  it('is a bar, and before a pickup what is missing of its own too', () => {
    const whole = counted([{ ...bar, meter: '3/4' }], 3);
    expect(whole.clicks.filter(({ counts }) => counts).map(({ at }) => at)).toEqual([0, 1, 2]);
    expect(whole.sounds[0]!.at).toBe(3);
    expect(whole.length).toBe(6);
    const pickup = counted([{ length: 1, beatLength: 1, offset: 2, meter: '3/4' }], 3);
    expect(pickup.clicks.filter(({ counts }) => counts).map(({ strong }) => strong)).toEqual([
      true,
      false,
      false,
      true,
      false,
    ]);
    expect(pickup.sounds[0]!.at).toBe(5);
  });
  it('goes in six where six are counted', () => {
    const six = counted([{ length: 3, beatLength: 1.5, offset: 0, meter: '6/8' }], 3);
    expect(six.clicks.filter(({ counts }) => counts)).toHaveLength(6);
  });
});

describe('what is silent', () => {
  it('is not played at all', () => {
    const parts = { tune: 0, bass: 0, chords: 0 };
    expect(timeline(tune, [0, 1], [], parts).sounds).toEqual([]);
  });
});

describe('barsToPlay', () => {
  it('plays repeats out from the chosen bar on', () => {
    expect(barsToPlay(tune, 1)).toEqual([1, 0, 1, 2]);
  });

  it('plays a range as it is written', () => {
    expect(barsToPlay(tune, 0, { from: 1, to: 2 })).toEqual([1, 2]);
  });
});

describe('comingsFor', () => {
  it('goes with the bars to play', () => {
    const calls = ['bar 1', 'bar 2', 'second time, bar 1', 'second time, bar 2', 'bar 3'];
    const called = { ...tune, calls } as Arrangement;
    expect(comingsFor(called, 1).map(({ call, time }) => `${call} ${time}`)).toEqual([
      'bar 2 1',
      'second time, bar 1 2',
      'second time, bar 2 2',
      'bar 3 1',
    ]);
    expect(timeline(called, barsToPlay(called, 1), comingsFor(called, 1)).sounds[1]!.call).toBe(
      'second time, bar 1',
    );
  });
});

describe('timeline', () => {
  it('puts each note at its onset after the bars before it', () => {
    const { sounds, length } = timeline(tune, [1, 0]);
    expect(sounds.map((s) => [s.id, s.at])).toEqual([
      ['b', 1],
      ['a', 3],
    ]);
    expect(length).toBe(6);
  });

  it('clicks on every beat, the first of the bar strong', () => {
    const bars = [{ ...bar, beatLength: 1.5 }] as unknown as Arrangement['bars'];
    expect(timeline({ ...tune, bars }, [0]).clicks).toEqual([
      { at: 0, strong: true },
      { at: 1.5, strong: false },
    ]);
  });

  it('lets a pickup end where the first full bar begins, without a strong click', () => {
    const bars = [{ length: 1, beatLength: 1, offset: 2 }, bar] as unknown as Arrangement['bars'];
    const { sounds, clicks, length } = timeline({ ...tune, bars }, [0, 1]);
    expect(sounds.map((s) => s.at)).toEqual([0, 2]);
    expect(clicks.map((c) => c.strong)).toEqual([false, true, false, false]);
    expect(length).toBe(4);
  });

  it('leans on heavy chords and lets go on light ones', () => {
    const readings = [{ weight: 4 }, { weight: 1 }, { weight: 2 }];
    const analysed = { ...tune, analysis: { readings } } as unknown as Arrangement;
    const [heavy, light, middle] = timeline(analysed, [0, 1, 2]).sounds.map((s) => s.loudness);
    expect(heavy).toBeGreaterThan(middle!);
    expect(light).toBeLessThan(middle!);
  });

  it('sounds tied notes as one and the tune above the hand', () => {
    const melody = [note('m0', 0, 2, 72, true), note('m1', 1, 0, 72), note('m2', 1, 1, 72)];
    const { sounds } = timeline({ ...tune, melody } as Arrangement, [0, 1]);
    const sung = sounds.filter((s) => s.midi === 72);
    expect(sung.map((s) => [s.id, s.at, s.duration])).toEqual([
      ['m0', 2, 2],
      ['m2', 4, 1],
    ]);
    expect(sung[0]!.loudness).toBeGreaterThan(sounds[0]!.loudness);
  });
});

describe('swing', () => {
  it('makes the first of two eighths two thirds of the beat, and leaves triplets alone', () => {
    // Two to one: common practice.
    expect([0, 0.5, 1, 1.5].map(swung)).toEqual([0, 2 / 3, 1, 1 + 2 / 3]);
    expect(swung(1 / 3)).toBeCloseTo(1 / 3);
    expect(swung(2 / 3)).toBeCloseTo(2 / 3);
  });

  it('is heard where the tune says so and its beat is a quarter', () => {
    const off = { ...tune, notes: [{ ...note('a', 0, 0.5), duration: 0.5 }] };
    expect(timeline({ ...off, swing: true }, [0]).sounds[0]!.at).toBeCloseTo(2 / 3);
    expect(timeline(off, [0]).sounds[0]!.at).toBe(0.5);
    const bars = [{ ...bar, beatLength: 1.5 }] as unknown as Arrangement['bars'];
    expect(timeline({ ...off, bars, swing: true }, [0]).sounds[0]!.at).toBe(0.5);
  });
});

describe('pedal', () => {
  it('lets notes sound until the foot comes up', () => {
    const foot = { bar: 0, down: 0.125, up: 3 };
    const { sounds } = timeline({ ...tune, pedal: [foot] }, [0]);
    expect(sounds[0]!.duration).toBe(3);
    expect(timeline({ ...tune, pedal: [] }, [0]).sounds[0]!.duration).toBe(1);
  });
});

describe('balance', () => {
  // The tune over the bass, the bass over its chords: common practice.
  const bass = { ...note('a', 0, 0), bass: true };
  const soft = { ...note('c', 0, 0, 60), louder: -0.5 };
  const out = { ...note('d', 0, 0, 64), louder: 0.4 };
  const three = {
    ...tune,
    notes: [bass, note('b', 0, 0, 55), soft, out],
    melody: [note('m', 0, 0, 72)],
  };
  const loud = (id: string) =>
    timeline(three, [0], [], BALANCES.find((one) => one.id === id)!.of).sounds.map(
      ({ loudness }) => loudness,
    );

  it('has the tune over the bass, the bass over the chords, and soft notes below them', () => {
    const [low, chord, softly, heard, sung] = loud('usual') as [
      number,
      number,
      number,
      number,
      number,
    ];
    expect(sung).toBeGreaterThan(low);
    expect(low).toBeGreaterThan(chord);
    expect(chord).toBeGreaterThan(softly);
    expect(heard).toBeGreaterThan(chord);
  });

  it('brings out what is wished, and can leave the tune to the student', () => {
    const [bassOut, chords] = loud('bass') as [number, number];
    expect(bassOut).toBeGreaterThan(chords);
    const [below, chordsOut] = loud('chords') as [number, number];
    expect(chordsOut).toBeGreaterThan(below);
    expect(loud('left')).toHaveLength(4);
  });
});
