import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Away, Refused, type Played } from './client';

const answered = (status: number, body: string, headers: Record<string, string> = {}) =>
  vi.stubGlobal(
    'fetch',
    vi.fn(async () => new Response(body, { status, headers })),
  );

describe('the server', () => {
  afterEach(() => vi.unstubAllGlobals());

  it('refuses in its own words', async () => {
    answered(409, '{"detail": "version 3 was overtaken by 4"}');
    await expect(api.tune(7)).rejects.toEqual(new Refused(409, 'version 3 was overtaken by 4'));
  });

  it('refuses in plain words where it has none of its own', async () => {
    answered(413, '<html>too large</html>');
    await expect(api.tunes()).rejects.toEqual(new Refused(413, 'the server refused this'));
  });

  it('is away when it cannot be reached and when it is not itself', async () => {
    vi.stubGlobal('fetch', vi.fn().mockRejectedValue(new TypeError('failed to fetch')));
    await expect(api.tunes()).rejects.toBeInstanceOf(Away);
    answered(503, '');
    await expect(api.tunes()).rejects.toBeInstanceOf(Away);
  });

  it('is not away when the page itself gave up asking', async () => {
    const gaveUp = new DOMException('given up', 'AbortError');
    vi.stubGlobal('fetch', vi.fn().mockRejectedValue(gaveUp));
    const asking = api.arranger()('| C |', {} as Played, 'NONE', 0, AbortSignal.abort());
    await expect(asking).rejects.toBe(gaveUp);
  });

  /** Names with other than ASCII letters come as RFC 6266 and RFC 8187 have it. */
  it('gives a file the name the server gave it', async () => {
    const disposition = "attachment; filename*=UTF-8''H%C3%B6he%20%26%20Tiefe.mid";
    answered(200, 'MThd', { 'Content-Disposition': disposition });
    const { name, blob } = await api.file('midi', '| C |', {} as Played, [], false);
    expect(name).toBe('Höhe & Tiefe.mid');
    expect(blob.size).toBe(4);
  });

  it('sends files as they are and everything else as JSON', async () => {
    answered(200, '[]');
    await api.bring('a b.abc', new Blob(['X:1']));
    await api.transpose('| C |', [], 'G', false);
    const sent = vi.mocked(fetch).mock.calls.map(([request]) => request as Request);
    expect(sent.map(({ url }) => url.replace(window.location.origin, ''))).toEqual([
      '/api/imports?name=a%20b.abc',
      '/api/charts/transpose',
    ]);
    const types = sent.map(({ headers }) => headers.get('Content-Type'));
    expect(types).toEqual(['application/octet-stream', 'application/json']);
    expect(await sent[1]!.json()).toMatchObject({ chart: '| C |', key: 'G' });
  });

  it("computes on a student's page by its code", async () => {
    answered(200, '{}');
    api.askBy('code-of-mine');
    await api.catalogue();
    api.askBy('');
    await api.catalogue();
    const sent = vi.mocked(fetch).mock.calls.map(([request]) => (request as Request).url);
    expect(sent.map((url) => url.replace(window.location.origin, ''))).toEqual([
      '/api/practising/code-of-mine/api/catalogue',
      '/api/catalogue',
    ]);
  });

  /** RFC 9110, 13.1.1: whoever saves names the version that was seen. */
  it('names the version that is written over', async () => {
    answered(200, '{"version": 4}');
    expect(await api.saveChart(7, 3, '| C |')).toEqual({ version: 4 });
    const request = vi.mocked(fetch).mock.calls[0]![0] as Request;
    expect([request.method, request.headers.get('If-Match')]).toEqual(['PUT', '"3"']);
  });

  it('puts an arrangement together, and asks for known measures no more', async () => {
    const answer = (text: string) =>
      JSON.stringify({
        parts: [
          { id: 'left', notes: [{ id: 'n0-0' }] },
          { id: 'melody', notes: [{ id: 'm0-0' }] },
        ],
        alternatives: [{ pitches: ['E3'] }],
        score: { head: '<', measures: [{ mark: 'a', text }], foot: '>' },
      });
    const arrange = api.arranger();
    answered(200, answer('one'));
    const first = await arrange('| C |', {} as Played, 'NONE', 0);
    expect(first.arrangement).toMatchObject({
      musicXml: '<one>',
      notes: [{ id: 'n0-0' }],
      melody: [{ id: 'm0-0' }],
    });
    expect(first.alternatives).toEqual([{ pitches: ['E3'] }]);
    answered(200, answer(''));
    const second = await arrange('| C |', {} as Played, 'NONE', 0);
    expect(second.arrangement.musicXml).toBe('<one>');
    const request = vi.mocked(fetch).mock.calls[0]![0] as Request;
    expect(await request.json()).toMatchObject({ known: ['a'] });
  });
});
