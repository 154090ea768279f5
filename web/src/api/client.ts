import type { components } from './schema';

type Schemas = components['schemas'];
export type Arrangement = Schemas['Arrangement'];
export type ArrangedChord = Schemas['ArrangedChord'];
export type Alternative = Schemas['Alternative'];
export type ChartProblem = Schemas['ChartProblem'];
export type Choices = Schemas['Choices'];
export type Finding = Schemas['Finding'];
export type FingerMove = Schemas['FingerMove'];
export type Hand = Schemas['Hand'];
export type HeldKey = Schemas['HeldKey'];
export type Pin = Schemas['Pin'];
export type Setting = Schemas['Setting'];
export type Tune = Schemas['Tune'];
export type TuneDraft = Schemas['TuneDraft'];
export type TuneSummary = Schemas['TuneSummary'];

/** What the server refused, in its own words (problem+json). */
export class Refused extends Error {
  constructor(
    readonly status: number,
    detail: string,
  ) {
    super(detail);
  }
}

/** The server could not be reached, or is not itself. */
export class Away extends Error {}

async function call(method: string, path: string, body?: unknown, signal?: AbortSignal) {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      signal: signal ?? null,
      headers: body === undefined ? {} : { 'Content-Type': 'application/json' },
      body: body === undefined ? null : JSON.stringify(body),
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new Away('the server cannot be reached', { cause: error });
  }
  if (response.ok) return response;
  if (response.status >= 500) throw new Away(`the server answered ${response.status}`);
  const problem = await response.json().catch(() => ({}));
  throw new Refused(response.status, problem.detail ?? 'the server refused this');
}

const json = async <T>(response: Promise<Response>) => (await (await response).json()) as T;

export const api = {
  arrange: (chart: string, choices: Choices, signal?: AbortSignal) =>
    json<Arrangement>(call('POST', '/api/arrangements', { chart, choices }, signal)),
  tunes: () => json<TuneSummary[]>(call('GET', '/api/tunes')),
  tune: (id: number) => json<Tune>(call('GET', `/api/tunes/${id}`)),
  addTune: (draft: TuneDraft) => json<Tune>(call('POST', '/api/tunes', draft)),
  saveTune: (id: number, draft: TuneDraft) => json<Tune>(call('PUT', `/api/tunes/${id}`, draft)),
  removeTune: async (id: number) => void (await call('DELETE', `/api/tunes/${id}`)),

  /** A file of the tune, and the name the server gives it. */
  async file(format: 'musicxml' | 'midi', chart: string, choices: Choices) {
    const response = await call('POST', `/api/arrangements/${format}`, { chart, choices });
    const disposition = response.headers.get('Content-Disposition') ?? '';
    const encoded = /filename\*=UTF-8''([^;]+)/.exec(disposition)?.[1];
    const name = encoded ? decodeURIComponent(encoded) : `tune.${format}`;
    return { name, blob: await response.blob() };
  },
};
