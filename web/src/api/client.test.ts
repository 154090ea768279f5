import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, Away, Refused, type Choices } from './client';

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
    const asking = api.arrange('| C |', {} as Choices, false, AbortSignal.abort());
    await expect(asking).rejects.toBe(gaveUp);
  });

  /** Names with other than ASCII letters come as RFC 6266 and RFC 8187 have it. */
  it('gives a file the name the server gave it', async () => {
    const disposition = "attachment; filename*=UTF-8''H%C3%B6he%20%26%20Tiefe.mid";
    answered(200, 'MThd', { 'Content-Disposition': disposition });
    const { name, blob } = await api.file('midi', '| C |', {} as Choices);
    expect(name).toBe('Höhe & Tiefe.mid');
    expect(blob.size).toBe(4);
  });

  it('sends files as they are and everything else as JSON', async () => {
    answered(200, '[]');
    await api.bring('a b.abc', new Blob(['X:1']));
    await api.transpose('| C |', 'G', false);
    const calls = vi.mocked(fetch).mock.calls;
    expect(calls.map(([path]) => path)).toEqual([
      '/api/imports?name=a%20b.abc',
      '/api/charts/transpose',
    ]);
    const types = calls.map(
      ([, init]) => (init!.headers as Record<string, string>)['Content-Type'],
    );
    expect(types).toEqual(['application/octet-stream', 'application/json']);
    expect(JSON.parse(calls[1]![1]!.body as string)).toMatchObject({ chart: '| C |', key: 'G' });
  });
});
