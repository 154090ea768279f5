import { effectScope } from 'vue';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, Away, Refused, type Choices, type Student, type Tune } from '../api/client';
import { useTune } from './useTune';

const student = (id: number, span = 9) =>
  ({
    id,
    version: 0,
    name: `Student ${id}`,
    hand: { span, lowest: 'E2', highest: 'E4' },
    level: 0,
  }) as Student;
const plays = (figure: string) => ({ figure, pins: [] }) as unknown as Choices;
const kept = (version: number, chart: string) =>
  ({
    id: 7,
    version,
    chart,
    assignments: [
      { id: 1, version: 0, student: student(11), choices: plays('BLOCK') },
      { id: 2, version: 0, student: student(12), choices: plays('ALBERTI') },
    ],
  }) as unknown as Tune;

/** A save that is answered when told to. */
function slowSaves() {
  const answers: ((tune: Tune | Error) => void)[] = [];
  const sent: { version: number; chart: string }[] = [];
  vi.spyOn(api, 'saveChart').mockImplementation((_, version, chart) => {
    sent.push({ version, chart });
    return new Promise((resolve, reject) =>
      answers.push((answer) =>
        answer instanceof Error
          ? reject(answer)
          : resolve({ version: answer.version, title: '', updatedAt: '' }),
      ),
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

  it('saves chart, what is played and the student each for itself', async () => {
    const chart = vi.spyOn(api, 'saveChart');
    const choices = vi.spyOn(api, 'saveChoices').mockResolvedValue({ version: 1 } as never);
    const students = vi.spyOn(api, 'saveStudent').mockResolvedValue({ version: 1 } as never);
    const tune = await opened();
    tune.active.value = 1;
    tune.choices.value = plays('BROKEN_UP');
    await vi.advanceTimersByTimeAsync(1000);
    expect(choices.mock.calls).toEqual([[2, 0, plays('BROKEN_UP')]]);
    tune.student.value = { ...tune.student.value!, name: 'Otto, 14' };
    await vi.advanceTimersByTimeAsync(1000);
    expect(students.mock.calls[0]!.slice(0, 2)).toEqual([12, 0]);
    expect(chart).not.toHaveBeenCalled();
    expect(tune.state.value).toBe('saved');
    expect(tune.played.value!.hand.span).toBe(9);
  });

  it('tells the worst of what it saves, and asks for each conflict', async () => {
    vi.spyOn(api, 'saveChoices').mockRejectedValueOnce(new Refused(412, 'changed'));
    const tune = await opened();
    tune.choices.value = plays('BROKEN_UP');
    await vi.advanceTimersByTimeAsync(1000);
    expect(tune.state.value).toBe('changed elsewhere');
    await tune.takeTheirs();
    expect(tune.choices.value!.figure).toBe('BLOCK');
    expect(tune.state.value).toBe('saved');
  });

  it('takes a tune from a student and gives it back', async () => {
    const removed = vi.spyOn(api, 'removeAssignment').mockResolvedValue(undefined);
    const back = vi.spyOn(api, 'putBackAssignment').mockResolvedValue(undefined);
    const tune = await opened();
    tune.active.value = 1;
    const undo = await tune.take();
    expect(removed).toHaveBeenCalledWith(2);
    expect(tune.players.value.map((one) => one.id)).toEqual([1]);
    await undo();
    expect(back).toHaveBeenCalledWith(2);
    expect(tune.players.value.map((one) => one.id)).toEqual([1, 2]);
    expect(tune.active.value).toBe(1);
  });

  it('takes up what an older page left here, which could not choose so much', async () => {
    localStorage.setItem(
      'zesty.choices.1',
      JSON.stringify({ version: 0, value: { style: 'close', figure: 'ALBERTI', pins: [] } }),
    );
    vi.spyOn(api, 'saveChoices').mockResolvedValue({ version: 1 } as never);
    const tune = await opened();
    expect(tune.choices.value).toMatchObject({ figure: 'ALBERTI', wanted: [], stretches: [] });
  });

  it('keeps for the one who was shown what is answered after the teacher turned to another', async () => {
    let answer: (saved: { version: number }) => void = () => {};
    const saved = vi
      .spyOn(api, 'saveChoices')
      .mockImplementation(() => new Promise((resolve) => (answer = resolve as never)));
    const tune = await opened();
    const before = tune.players.value[1]!.choices.value.value;
    tune.choices.value = { ...tune.choices.value!, figure: 'ALBERTI' };
    await vi.advanceTimersByTimeAsync(1000);
    tune.showPlayer(1);
    answer({ version: 9 });
    await vi.advanceTimersByTimeAsync(1000);
    expect(tune.choices.value).toEqual(before);
    tune.showPlayer(0);
    expect(tune.choices.value).toMatchObject({ figure: 'ALBERTI' });
    tune.choices.value = { ...tune.choices.value!, figure: 'BLOCK' };
    await vi.advanceTimersByTimeAsync(1000);
    expect(saved.mock.calls.map(([assignment, version]) => [assignment, version])).toEqual([
      [1, 0],
      [1, 9],
    ]);
  });

  it('gives the tune to another student, who plays it as the one shown does', async () => {
    const given = vi.spyOn(api, 'assign').mockResolvedValue({
      id: 3,
      version: 0,
      student: student(13, 12),
      choices: plays('BLOCK'),
      practised: { pages: [] },
      code: '',
    });
    const tune = await opened();
    await tune.give(student(13, 12));
    expect(given).toHaveBeenCalledWith(7, 13, plays('BLOCK'));
    expect([tune.active.value, tune.played.value!.hand.span]).toEqual([2, 12]);
  });

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
    expect(JSON.parse(localStorage.getItem('zesty.draft.7')!).value).toBe('| Dm |');
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

  it('waits the longer the longer the server is away, and begins anew once it was there', async () => {
    const { answers, sent } = slowSaves();
    const tune = await opened();
    tune.chart.value = '| Dm |';
    await vi.advanceTimersByTimeAsync(1000);
    for (const [i, wait] of [2000, 4000, 8000, 16_000, 30_000, 30_000].entries()) {
      answers[i]!(new Away('gone'));
      await vi.advanceTimersByTimeAsync(wait - 100);
      expect(sent).toHaveLength(i + 1);
      await vi.advanceTimersByTimeAsync(200);
      expect(sent).toHaveLength(i + 2);
    }
    answers[6]!(kept(4, '| Dm |'));
    await settled();
    tune.chart.value = '| Em |';
    await vi.advanceTimersByTimeAsync(1000);
    answers[7]!(new Away('gone again'));
    await vi.advanceTimersByTimeAsync(2100);
    expect(sent).toHaveLength(9);
  });

  it('sends a draft that a closed page left here', async () => {
    localStorage.setItem(
      'zesty.draft.7',
      // As a page left it before students had rows of their own.
      JSON.stringify({ version: 3, chart: '| Left |', settings: [{ name: 'Left hand' }] }),
    );
    const { sent } = slowSaves();
    const tune = await opened();
    await vi.advanceTimersByTimeAsync(10);
    expect(tune.chart.value).toBe('| Left |');
    expect(sent).toEqual([{ version: 3, chart: '| Left |' }]);
  });

  /** A tab that was closed mid-save: what it sent arrived, and what was typed since goes on from there. */
  it('has no conflict with what it sent itself', async () => {
    const { sent } = slowSaves();
    localStorage.setItem(
      'zesty.draft.7',
      JSON.stringify({ version: 3, value: '| Later |', sent: '| Mine |' }),
    );
    vi.mocked(api.saveChart).mockImplementationOnce(async (_, version, chart) => {
      sent.push({ version, chart });
      throw new Refused(412, 'changed by someone else');
    });
    vi.mocked(api.tune).mockResolvedValue(kept(4, '| Mine |'));
    const tune = await opened();
    await vi.advanceTimersByTimeAsync(100);
    expect(sent).toEqual([
      { version: 3, chart: '| Later |' },
      { version: 4, chart: '| Later |' },
    ]);
    expect(tune.state.value).not.toBe('changed elsewhere');
  });

  it('asks when somebody else has saved meanwhile, and keeps mine if told to', async () => {
    const { answers, sent } = slowSaves();
    const tune = await opened();
    tune.chart.value = '| Mine |';
    await vi.advanceTimersByTimeAsync(1000);
    answers[0]!(new Refused(412, 'changed by someone else'));
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

  it('sends a fixed chart after a refused one, without a further change', async () => {
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
