import { describe, expect, it } from 'vitest';
import type { Arrangement } from '../api/client';
import { BALANCES, barsToPlay, comingsFor, timeline } from './timeline';

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

const tick = (at: number, weight: string, syllable: string) => ({ at, weight, syllable });
const three = {
  meter: '3/4',
  length: 3,
  ticks: [
    tick(0, 'FIRST', '1'),
    tick(0.5, 'PART', '&'),
    tick(1, 'BEAT', '2'),
    tick(2, 'BEAT', '3'),
  ],
};
const six = {
  meter: '6/8',
  length: 3,
  ticks: [0, 1, 2, 3, 4, 5].map((i) =>
    tick(i / 2, i === 0 ? 'FIRST' : i === 3 ? 'STRONG' : 'PART', `${i + 1}`),
  ),
};
const bar = { length: 3, beatLength: 1, offset: 0, meter: '3/4' };
const tune = {
  bars: [bar, bar, bar],
  meters: [three, six],
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
    const heard = timeline(twice, barsToPlay(twice, 0), { comings: comingsFor(twice, 0) }).sounds;
    const of = (id: string) => heard.filter((s) => s.id === id).map((s) => s.loudness);
    expect(of('a')[1]! / of('a')[0]!).toBeCloseTo(3);
    expect(of('b')[1]).toBe(of('b')[0]);
  });
});

describe('counting in', () => {
  const counted = (...bars: object[]) =>
    timeline({ ...tune, bars } as unknown as Arrangement, [0], { counted: true });
  it('is a bar, and before a pickup what is missing of its own too', () => {
    const whole = counted(bar);
    expect(whole.clicks.filter(({ counts }) => counts).map(({ at }) => at)).toEqual([0, 1, 2]);
    expect(whole.sounds[0]!.at).toBe(3);
    expect(whole.length).toBe(6);
    const pickup = counted({ length: 1, offset: 2, meter: '3/4' });
    expect(pickup.clicks.filter(({ counts }) => counts).map(({ syllable }) => syllable)).toEqual([
      '1',
      '2',
      '3',
      '1',
      '2',
    ]);
    expect(pickup.sounds[0]!.at).toBe(5);
  });
  it('goes in six where six are counted', () => {
    const slow = counted({ length: 3, offset: 0, meter: '6/8' });
    expect(slow.clicks.filter(({ counts }) => counts)).toHaveLength(6);
  });
});

describe('what is silent', () => {
  it('is not played at all', () => {
    const parts = { tune: 0, bass: 0, chords: 0 };
    expect(timeline(tune, [0, 1], { balance: parts }).sounds).toEqual([]);
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
    expect(
      timeline(called, barsToPlay(called, 1), { comings: comingsFor(called, 1) }).sounds[1]!.call,
    ).toBe('second time, bar 1');
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

  it('has every place of the count in its time', () => {
    const bars = [{ ...bar, meter: '6/8' }] as unknown as Arrangement['bars'];
    expect(timeline({ ...tune, bars }, [0]).clicks.map(({ at, weight }) => [at, weight])).toEqual(
      six.ticks.map(({ at, weight }) => [at, weight]),
    );
  });

  it('lets a pickup end where the first full bar begins, without a strong click', () => {
    const bars = [{ length: 1, offset: 2, meter: '3/4' }, bar] as unknown as Arrangement['bars'];
    const { sounds, clicks, length } = timeline({ ...tune, bars }, [0, 1]);
    expect(sounds.map((s) => s.at)).toEqual([0, 2]);
    expect(clicks.map((c) => c.syllable)).toEqual(['3', '1', '&', '2', '3']);
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

describe('from beat to beat', () => {
  const span = { begin: 1, end: 2 };
  it('begins and ends within bars, and counts what is missing before', () => {
    const { sounds, clicks, length } = timeline(tune, [0, 1], { span, counted: true });
    expect(
      clicks
        .filter(({ counts }) => counts)
        .map(({ syllable }) => syllable)
        .join(''),
    ).toBe('1231');
    expect(length).toBe(4 + 4);
    expect(sounds.map(({ id, at, duration }) => [id, at, duration])).toEqual([['b', 7, 1]]);
  });

  it('strikes what sounds already', () => {
    const long = { ...tune, notes: [{ ...note('a', 0, 0), duration: 3 }] } as Arrangement;
    const { sounds } = timeline(long, [0], { span: { begin: 1, end: 3 } });
    expect(sounds.map(({ at, duration }) => [at, duration])).toEqual([[0, 2]]);
  });
});

describe('slowing down', () => {
  it('is for the last two bars, or the last of few', () => {
    const { length } = timeline(tune, [0, 1, 0, 1], { slows: true });
    expect(length).toBeCloseTo(3 + 3 + 3 / 0.9 + 3 / 0.75);
    expect(timeline(tune, [0, 1], { slows: true }).length).toBeCloseTo(3 + 3 / 0.75);
  });

  it('takes the click away where it is slow', () => {
    const slow = { ...tune, pace: [{ bar: 0, from: 1, to: 2, speed: 0.5 }] };
    expect(timeline(slow, [0]).clicks.map(({ syllable }) => syllable)).toEqual(['1', '&', '3']);
  });
});

describe('looking ahead', () => {
  it('sees each chord before it sounds', () => {
    const chords = [0, 1].map((index) => ({ index, bar: index, onset: 0 }));
    const seen = timeline({ ...tune, chords } as unknown as Arrangement, [0, 1], { lead: 1 }).cues;
    expect(seen).toEqual([
      { chord: 0, at: 0 },
      { chord: 1, at: 2 },
    ]);
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

describe('pedal over a bar line', () => {
  it('stays down where the next bar begins with it, and not where it goes down anew', () => {
    const on = [
      { bar: 0, down: 0, up: 3 },
      { bar: 1, down: 0, up: 2 },
    ];
    const first = (pedal: object[], bars = [0, 1]) =>
      timeline(
        { ...tune, pedal, notes: [note('a', 0, 0), note('b', 1, 1, 52)] } as unknown as Arrangement,
        bars,
      ).sounds[0]!.duration;
    expect(first(on)).toBe(5);
    expect(first([on[0]!, { bar: 1, down: 0.125, up: 2 }])).toBe(3);
    expect(first(on, [0, 2])).toBe(3);
  });
});

describe('a pushed chord', () => {
  // Bars of three; the chord of bar 2 is struck at 2.5 of bar 1, that of bar 0 has no push.
  const chords = [0, 1, 2].map((index) => ({ index, bar: index, onset: 0 }));
  const pushed = {
    ...tune,
    chords,
    playingOrder: [0, 1, 0, 1, 2],
    notes: [
      { ...note('a', 0, 0), duration: 3 },
      { ...note('b', 1, 0), duration: 2.5 },
      { ...note('push', 1, 2.5, 53, true), chord: 2, duration: 0.5 },
      { ...note('c', 2, 0, 53), duration: 3 },
    ],
  } as unknown as Arrangement;
  const heard = (bars: number[], of = pushed) =>
    timeline(of, bars).sounds.map(({ midi, at, duration }) => `${midi} ${at}-${at + duration}`);

  it('comes before the bar that follows in playing, and not where another follows', () => {
    expect(heard([0, 1, 0, 1, 2])).toEqual([
      '48 0-3',
      '48 3-6',
      '48 6-9',
      '48 9-11.5',
      '53 11.5-15',
    ]);
  });
  it('comes before its bar where that is gone back to', () => {
    expect(heard([0, 2])).toEqual(['48 0-2.5', '53 2.5-6']);
  });
  it('is as it is written where bars are practised alone, and not behind the end', () => {
    expect(heard([1])).toEqual(['48 0-2.5', '53 2.5-3']);
    expect(heard([0, 1], { ...pushed, playingOrder: [0, 1] })).toEqual(['48 0-3', '48 3-6']);
  });
});

describe('two hands on one key', () => {
  it('strike one string', () => {
    const both = {
      ...tune,
      notes: [{ ...note('a', 0, 0, 60), duration: 3 }],
      melody: [note('m', 0, 1, 60)],
    } as unknown as Arrangement;
    expect(timeline(both, [0]).sounds.map(({ at, duration }) => [at, duration])).toEqual([
      [0, 1],
      [1, 2],
    ]);
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
    timeline(three, [0], { balance: BALANCES.find((one) => one.id === id)!.of }).sounds.map(
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
