import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Away, Refused, type ImportedTune, type Tune } from '../api/client';
import { useBringing } from './useBringing';

const named = (...titles: string[]) =>
  titles.map((title) => ({ title, chart: `title: ${title}` }) as unknown as ImportedTune);
const file = (name: string) => ({ name, blob: new Blob([name]) });

describe('useBringing', () => {
  afterEach(() => {
    vi.restoreAllMocks();
    const { tunes, failed, pasted } = useBringing();
    [tunes.value, failed.value, pasted.value] = [[], [], ''];
  });

  it('reads file after file, each with all its tunes, and goes on after one it cannot read', async () => {
    vi.spyOn(api, 'bring')
      .mockResolvedValueOnce(named('One', 'Two'))
      .mockRejectedValueOnce(new Refused(400, 'no music in it'))
      .mockResolvedValueOnce(named('Three'));
    const { tunes, failed, done, total, busy, read } = useBringing();
    await read([file('a.abc'), file('b.pdf'), file('c.mid')]);
    expect(tunes.value.map((one) => `${one.file}: ${one.tune.title}`)).toEqual([
      'a.abc: One',
      'a.abc: Two',
      'c.mid: Three',
    ]);
    expect(failed.value).toEqual([{ file: 'b.pdf', why: 'no music in it' }]);
    expect([done.value, total.value, busy.value]).toEqual([3, 3, false]);
  });

  it('takes files dropped while it reads, and stops when told to', async () => {
    const { tunes, waiting, read, goOn, stop } = useBringing();
    vi.spyOn(api, 'bring').mockImplementation(async (name) => {
      if (name === 'a.abc') void read([file('b.abc'), file('c.abc')]);
      if (name === 'b.abc') stop();
      return named(name);
    });
    await read([file('a.abc')]);
    expect(tunes.value.map((one) => one.file)).toEqual(['a.abc', 'b.abc']);
    expect(waiting.value.map((one) => one.name)).toEqual(['c.abc']);
    await goOn();
    expect(tunes.value.map((one) => one.file)).toEqual(['a.abc', 'b.abc', 'c.abc']);
    expect(waiting.value).toEqual([]);
  });

  it('keeps a pasted song that cannot be read, and what was read while another view is shown', async () => {
    const { tunes, pasted, readPasted } = useBringing();
    vi.spyOn(api, 'bring')
      .mockResolvedValueOnce(named('First'))
      .mockRejectedValueOnce(new Refused(422, 'no music in it'));
    pasted.value = '| C | F |';
    await readPasted();
    expect(pasted.value).toBe('');
    pasted.value = 'no music';
    await readPasted();
    expect(pasted.value).toBe('no music');
    const again = useBringing();
    again.clear();
    expect(again.tunes.value.map((one) => one.tune.title)).toEqual(['First']);
    expect(tunes.value).toHaveLength(1);
  });

  it('says that a file can come again when the server was away', async () => {
    vi.spyOn(api, 'bring').mockRejectedValue(new Away('the server cannot be reached'));
    const { failed, read } = useBringing();
    await read([file('')]);
    expect(failed.value).toEqual([
      { file: 'the text', why: 'the server cannot be reached; bring it once more in a moment' },
    ]);
  });

  it('puts nothing on the shelf twice where it is pressed twice', async () => {
    vi.spyOn(api, 'bring').mockResolvedValue(named('One', 'Two'));
    const { tunes, read, clear, shelve } = useBringing();
    tunes.value = [];
    await read([file('book.abc')]);
    const added = vi.spyOn(api, 'addTune').mockResolvedValue({ id: 11 } as Tune);
    added.mockClear();
    await Promise.all([shelve(), shelve()]);
    expect(added).toHaveBeenCalledTimes(2);
    clear();
  });

  it('puts on the shelf what is wanted, and after a failure only what is missing', async () => {
    vi.spyOn(api, 'bring').mockResolvedValue(named('One', 'Two', 'Three', 'Four'));
    const { tunes, trouble, read, shelve } = useBringing();
    await read([file('book.abc')]);
    tunes.value[1]!.wanted = false;
    const added = vi.spyOn(api, 'addTune');
    added.mockResolvedValueOnce({ id: 11 } as Tune).mockRejectedValueOnce(new Away('gone'));
    await shelve();
    expect(trouble.value).toBe('gone; what is missing can be put there again.');
    added.mockResolvedValueOnce({ id: 12 } as Tune).mockResolvedValueOnce({ id: 13 } as Tune);
    await shelve();
    expect(trouble.value).toBe('');
    expect(tunes.value.map((one) => one.id)).toEqual([11, undefined, 12, 13]);
    expect(added.mock.calls.map(([chart]) => chart)).toEqual([
      'title: One',
      'title: Three',
      'title: Three',
      'title: Four',
    ]);
  });
});
