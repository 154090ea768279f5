import { effectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, Away, Refused, type Tune } from '../api/client';
import { useTune } from './useTune';

const kept = (version: number, chart: string) =>
  ({ id: 7, version, chart, settings: [{ name: 'Left hand' }] }) as unknown as Tune;

/** A save that is answered when told to. */
function slowSaves() {
  const answers: ((tune: Tune | Error) => void)[] = [];
  const sent: { version: number; chart: string }[] = [];
  vi.spyOn(api, 'saveTune').mockImplementation((_, draft) => {
    sent.push({ version: draft.version!, chart: draft.chart });
    return new Promise((resolve, reject) =>
      answers.push((answer) => (answer instanceof Error ? reject(answer) : resolve(answer))),
    );
  });
  return { answers, sent };
}

const settled = () => vi.advanceTimersByTimeAsync(0);

describe('useTune', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    localStorage.clear();
    vi.spyOn(api, 'tune').mockResolvedValue(kept(3, '| C |'));
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.restoreAllMocks();
  });

  async function opened() {
    const tune = effectScope().run(() => useTune(7))!;
    await settled();
    return tune;
  }

  it('waits for an answer before it saves again, and then sends the newest', async () => {
    const { answers, sent } = slowSaves();
    const tune = await opened();
    tune.chart.value = '| C | F |';
    await vi.advanceTimersByTimeAsync(1000);
    tune.chart.value = '| C | F | G7 |';
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toEqual([{ version: 3, chart: '| C | F |' }]);
    answers[0]!(kept(4, '| C | F |'));
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent[1]).toEqual({ version: 4, chart: '| C | F | G7 |' });
    answers[1]!(kept(5, '| C | F | G7 |'));
    await settled();
    expect(tune.state.value).toBe('saved');
  });

  it('keeps what is typed on this device until the server has it', async () => {
    const { answers } = slowSaves();
    const tune = await opened();
    tune.chart.value = '| Dm |';
    expect(JSON.parse(localStorage.getItem('zesty.draft.7')!).chart).toBe('| Dm |');
    await vi.advanceTimersByTimeAsync(1000);
    answers[0]!(new Away('gone'));
    await settled();
    expect(tune.state.value).toBe('away');
    await vi.advanceTimersByTimeAsync(2500);
    answers[1]!(kept(4, '| Dm |'));
    await settled();
    expect(tune.state.value).toBe('saved');
    expect(localStorage.getItem('zesty.draft.7')).toBeNull();
  });

  it('sends a draft that a closed page left here', async () => {
    localStorage.setItem(
      'zesty.draft.7',
      JSON.stringify({ version: 3, chart: '| Left |', settings: [{ name: 'Left hand' }] }),
    );
    const { sent } = slowSaves();
    const tune = await opened();
    await vi.advanceTimersByTimeAsync(10);
    expect(tune.chart.value).toBe('| Left |');
    expect(sent).toEqual([{ version: 3, chart: '| Left |' }]);
  });

  it('asks when somebody else has saved meanwhile, and keeps mine if told to', async () => {
    const { answers, sent } = slowSaves();
    const tune = await opened();
    tune.chart.value = '| Mine |';
    await vi.advanceTimersByTimeAsync(1000);
    answers[0]!(new Refused(409, 'changed by someone else'));
    await settled();
    expect(tune.state.value).toBe('changed elsewhere');
    vi.mocked(api.tune).mockResolvedValue(kept(9, '| Theirs |'));
    void tune.keepMine();
    await settled();
    expect(sent[1]).toEqual({ version: 9, chart: '| Mine |' });
  });

  it('saves to the server also where this device has no room, and says when nothing keeps the text', async () => {
    const { answers, sent } = slowSaves();
    localStorage.setItem('zesty.history.1', 'a convenience');
    const tune = await opened();
    const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    tune.chart.value = '| Dm |';
    expect(tune.isKeptHere.value).toBe(false);
    expect(localStorage.getItem('zesty.history.1')).toBeNull();
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent).toEqual([{ version: 3, chart: '| Dm |' }]);
    answers[0]!(kept(4, '| Dm |'));
    await settled();
    expect(tune.state.value).toBe('saved');
    full.mockRestore();
    tune.chart.value = '| Em |';
    expect(tune.isKeptHere.value).toBe(true);
  });

  it('finishes its saves when the lesson is left, and is opened again only after them', async () => {
    const { answers, sent } = slowSaves();
    const scope = effectScope();
    const tune = scope.run(() => useTune(7))!;
    await settled();
    tune.chart.value = '| One |';
    await vi.advanceTimersByTimeAsync(1000);
    tune.chart.value = '| Two |';
    scope.stop();
    const again = effectScope().run(() => useTune(7))!;
    await settled();
    expect(again.state.value).toBe('loading');
    vi.mocked(api.tune).mockResolvedValue(kept(5, '| Two |'));
    answers[0]!(kept(4, '| One |'));
    await settled();
    expect(sent[1]).toEqual({ version: 4, chart: '| Two |' });
    answers[1]!(kept(5, '| Two |'));
    await settled();
    expect(again.chart.value).toBe('| Two |');
    await vi.advanceTimersByTimeAsync(10_000);
    expect(sent).toHaveLength(2);
  });

  it('sends a mended chart after a refused one, without a further change', async () => {
    const { answers, sent } = slowSaves();
    const tune = await opened();
    tune.chart.value = 'too long';
    await vi.advanceTimersByTimeAsync(1000);
    tune.chart.value = '| Am |';
    answers[0]!(new Refused(400, 'too long'));
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent[1]).toEqual({ version: 3, chart: '| Am |' });
  });
});
