import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { api, Away, Refused, type Student, type Tune, type TuneSummary } from '../api/client';
import { useKeeping } from './useKeeping';

const wren = { id: 7, name: 'Wren, 8' } as unknown as Student;
const boats = { id: 4, title: 'Paper Boats' } as unknown as TuneSummary;

/** A shelf at the server, with one tune on it. */
function shelf() {
  const on = new Set([boats]);
  const listed = (there: boolean) => async () => (on.has(boats) === there ? [boats] : []);
  vi.spyOn(api, 'tunes').mockImplementation(listed(true));
  vi.spyOn(api, 'removedTunes').mockImplementation(listed(false));
  vi.spyOn(api, 'removedStudents').mockResolvedValue([wren]);
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

  it('erases a removed student for good', async () => {
    const { said, load, eraseStudent } = shelf();
    await load();
    const erase = vi.spyOn(api, 'eraseStudent').mockResolvedValue(undefined);
    await eraseStudent(wren);
    expect(erase).toHaveBeenCalledWith(7);
    expect(said[0]).toEqual({ text: 'Nothing is kept of Wren, 8 any more.' });
  });

  it('puts a removed student back', async () => {
    const { gone, said, load, putBackStudent } = shelf();
    await load();
    expect(gone.value).toEqual([wren]);
    const put = vi.spyOn(api, 'putBackStudent').mockResolvedValue(undefined);
    await putBackStudent(wren);
    expect(put).toHaveBeenCalledWith(7);
    expect(said[0]!.text).toBe('Wren, 8 is back, with all tunes.');
  });

  it('passes on why a file was refused, and says how many tunes a real one put back', async () => {
    const { trouble, said, restore } = shelf();
    vi.spyOn(api, 'restore')
      .mockRejectedValueOnce(new Refused(400, 'this file is no backup of this app'))
      .mockResolvedValue({ added: 2, alreadyHere: 5 });
    const file = new File(['| C | F |'], 'backup.json');
    await restore(file);
    expect(trouble.value).toBe('this file is no backup of this app.');
    await restore(file);
    expect(said[0]!.text).toBe('2 put back, 5 stood here already.');
  });
});
