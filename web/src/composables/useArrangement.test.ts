import { effectScope, ref } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, Away, Refused, type Alternative, type Arrangement, type Played } from '../api/client';
import { useArrangement } from './useArrangement';

interface Asked {
  chart: string;
  played: Played;
  chord: number;
  signal: AbortSignal;
  answer: (title: string) => void;
  fail: (error: Error) => void;
}

const way = (names: string) => ({ names, pitches: [], price: 0 }) as Alternative;
const plays = (figure: string) => ({ choices: { figure } }) as unknown as Played;

/** A server that answers when told to. */
function slowServer(): Asked[] {
  const asked: Asked[] = [];
  vi.spyOn(api, 'arranger').mockReturnValue((chart, played, _, chord, signal) => {
    return new Promise((resolve, reject) => {
      const answer = (title: string) =>
        resolve({ arrangement: { title } as Arrangement, alternatives: [way(`with ${title}`)] });
      asked.push({ chart, played, chord, signal: signal!, answer, fail: reject });
    });
  });
  return asked;
}

const settled = () => vi.advanceTimersByTimeAsync(0);

describe('useArrangement', () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
  });

  function lesson() {
    const asked = slowServer();
    const chart = ref('| C |');
    const played = ref<Played | undefined>(plays('BLOCK'));
    const chord = ref(0);
    const scope = effectScope();
    const arranged = scope.run(() => useArrangement(chart, played, ref('NONE'), chord))!;
    return { asked, chart, played, chord, scope, ...arranged };
  }

  it('waits until a hand rests in typing, and asks once for what then stands there', async () => {
    const { asked, chart } = lesson();
    asked[0]!.answer('one');
    await settled();
    for (const text of ['| C | F', '| C | F |', '| C | F | G']) {
      chart.value = text;
      await vi.advanceTimersByTimeAsync(10);
    }
    expect(asked).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(100);
    expect(asked.slice(1).map((one) => one.chart)).toEqual(['| C | F | G']);
  });

  it('asks at once when a choice changes', async () => {
    const { asked, played } = lesson();
    played.value = plays('ALBERTI');
    await settled();
    expect(asked.map((one) => one.played.choices.figure)).toEqual(['BLOCK', 'ALBERTI']);
  });

  it('shows the newest, whatever comes back last', async () => {
    const { asked, played, arrangement } = lesson();
    played.value = plays('ALBERTI');
    await settled();
    expect(asked[0]!.signal.aborted).toBe(true);
    asked[1]!.answer('new');
    await settled();
    asked[0]!.answer('old');
    await settled();
    expect(arrangement.value!.title).toBe('new');
  });

  it('knows whether it is that of the text as it stands', async () => {
    const { asked, chart, isCurrent } = lesson();
    expect(isCurrent.value).toBe(false);
    asked[0]!.answer('one');
    await settled();
    expect(isCurrent.value).toBe(true);
    chart.value = '| C | F |';
    expect(isCurrent.value).toBe(false);
    await vi.advanceTimersByTimeAsync(100);
    asked[1]!.answer('two');
    await settled();
    expect(isCurrent.value).toBe(true);
  });

  it('keeps the last music while the server is away, and asks again', async () => {
    const { asked, chart, arrangement, trouble } = lesson();
    asked[0]!.answer('one');
    await settled();
    chart.value = '| C | F |';
    await vi.advanceTimersByTimeAsync(100);
    asked[1]!.fail(new Away('the server cannot be reached'));
    await settled();
    expect([arrangement.value!.title, trouble.value]).toEqual([
      'one',
      'the server cannot be reached',
    ]);
    await vi.advanceTimersByTimeAsync(3000);
    asked[2]!.answer('two');
    await settled();
    expect([arrangement.value!.title, trouble.value]).toEqual(['two', '']);
  });

  it('does not ask again for what was refused', async () => {
    const { asked, trouble } = lesson();
    asked[0]!.fail(new Refused(400, 'the hand is too wide'));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(trouble.value).toBe('the hand is too wide');
    expect(asked).toHaveLength(1);
  });

  it('asks for nothing more once the lesson is closed', async () => {
    const { asked, chart, scope } = lesson();
    chart.value = '| C | F |';
    await settled();
    scope.stop();
    await vi.advanceTimersByTimeAsync(10_000);
    expect(asked).toHaveLength(1);
    expect(asked[0]!.signal.aborted).toBe(true);
  });

  it('knows the other ways of the chord it asked with, and asks for those of another', async () => {
    const { asked, chord, ways, findWays } = lesson();
    asked[0]!.answer('one');
    await settled();
    expect([asked[0]!.chord, ways.value]).toEqual([0, [way('with one')]]);
    const more = vi.spyOn(api, 'alternatives').mockResolvedValue([way('of the third')]);
    chord.value = 2;
    expect(ways.value).toBeUndefined();
    await settled();
    expect(ways.value).toEqual([way('of the third')]);
    expect(more.mock.calls[0]![2]).toBe(2);
    expect(await findWays()).toEqual([way('of the third')]);
    expect(more).toHaveBeenCalledTimes(1);
  });

  it('shows no ways of music that stands there no more', async () => {
    const { asked, chart, chord, ways } = lesson();
    asked[0]!.answer('one');
    await settled();
    let late: (ways: Alternative[]) => void = () => {};
    vi.spyOn(api, 'alternatives').mockReturnValue(new Promise((resolve) => (late = resolve)));
    chord.value = 1;
    chart.value = '| F |';
    await vi.advanceTimersByTimeAsync(100);
    asked[1]!.answer('two');
    await settled();
    late([way('of old music')]);
    await settled();
    expect(ways.value).toEqual([way('with two')]);
  });
});
