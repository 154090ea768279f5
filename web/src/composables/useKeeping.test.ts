import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { api, Away, type Tune, type TuneSummary } from '../api/client';
import { useKeeping } from './useKeeping';

const boats = { id: 4, title: 'Paper Boats' } as unknown as TuneSummary;

const file = (text: string) => ({ text: async () => text }) as unknown as File;

/** A shelf at the server, with one tune on it. */
function shelf() {
  const on = new Set([boats]);
  const listed = (there: boolean) => async () => (on.has(boats) === there ? [boats] : []);
  vi.spyOn(api, 'tunes').mockImplementation(listed(true));
  vi.spyOn(api, 'removedTunes').mockImplementation(listed(false));
  vi.spyOn(api, 'removeTune').mockImplementation(async () => void on.delete(boats));
  vi.spyOn(api, 'putBack').mockImplementation(async () => void on.add(boats));
  const tunes = ref<TuneSummary[]>();
  const said: { text: string; undo?: (() => void) | undefined }[] = [];
  const keeping = useKeeping(tunes, (text, undo) => void said.push({ text, undo }));
  return { tunes, said, ...keeping };
}

describe('useKeeping', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.restoreAllMocks());

  it('takes a tune off the shelf, says so, and puts it back when asked', async () => {
    const { tunes, off, said, load, remove } = shelf();
    await load();
    await remove(boats);
    expect([tunes.value, off.value]).toEqual([[], [boats]]);
    expect(said[0]!.text).toBe('Paper Boats was taken off the shelf.');
    said[0]!.undo!();
    await vi.waitFor(() => expect(tunes.value).toEqual([boats]));
    expect(off.value).toEqual([]);
  });

  it('tells of a server that is away, and forgets it once it is back', async () => {
    const { tunes, trouble, load } = shelf();
    vi.spyOn(api, 'tunes').mockRejectedValueOnce(new Away('the server cannot be reached'));
    await load();
    expect(trouble.value).toBe('the server cannot be reached; try again in a moment.');
    await load();
    expect(trouble.value).toBe('');
    expect(tunes.value).toEqual([boats]);
  });

  it('begins a tune with a heading to fill in', async () => {
    const made = vi.spyOn(api, 'addTune').mockResolvedValue({ id: 9 } as Tune);
    expect(await shelf().add()).toEqual({ id: 9 });
    expect(made.mock.calls[0]![0]).toMatch(/^title: New tune\ntempo: 80\n/);
  });

  it('refuses a file that is no backup, and says how many tunes a real one put back', async () => {
    const { trouble, said, restore } = shelf();
    const sent = vi.spyOn(api, 'restore').mockResolvedValue({ added: 2, alreadyHere: 5 });
    await restore(file('| C | F |'));
    expect(trouble.value).toContain('no backup of this app');
    expect(sent).not.toHaveBeenCalled();
    await restore(file('{"tunes":[]}'));
    expect(sent).toHaveBeenCalledWith({ tunes: [] });
    expect(said[0]!.text).toBe('2 put back, 5 stood here already.');
  });
});
