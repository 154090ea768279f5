import type { components } from './schema';

type Schemas = components['schemas'];
export type Analysis = Schemas['Analysis'];
export type Reading = Schemas['Reading'];
export type BarEntry = Schemas['Entry'];
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
export type ImportedTune = Schemas['ImportedTune'];
export type ReportLine = Schemas['Line'];
export type Revision = Schemas['Revision'];
export type NoteNames = Schemas['PrintingRequest']['names'];
export type SymbolStyle = Schemas['PrintingRequest']['symbols'];
export type NoteRequest = Schemas['NoteRequest'];
export type NoteResult = Schemas['NoteResult'];
export type ShelfLabels = Schemas['ShelfLabels'];
export type Backup = Schemas['Backup'];
export type TimedNote = Schemas['TimedNote'];
export type Tune = Schemas['Tune'];
export type TuneDraft = Schemas['TuneDraft'];
export type TuneSummary = Schemas['TuneSummary'];
export type Proposal = Schemas['Proposal'];
export type PricedChord = Schemas['PricedChord'];

export type FileFormat = 'musicxml' | 'midi' | 'abc' | 'chordpro' | 'chart';

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
  const raw = body instanceof Blob;
  const type = raw ? 'application/octet-stream' : 'application/json';
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      signal: signal ?? null,
      headers: body === undefined ? {} : { 'Content-Type': type },
      body: body === undefined ? null : raw ? body : JSON.stringify(body),
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
  arrange: (chart: string, choices: Choices, counts: boolean, signal?: AbortSignal) =>
    json<Arrangement>(call('POST', '/api/arrangements', { chart, choices, counts }, signal)),
  /** Chords for a tune without any; without levels three ways, from plain to rich. */
  harmonies: (chart: string, levels: Proposal['level'][] = []) =>
    json<Schemas['HarmonyAnswer']>(call('POST', '/api/harmonies', { chart, levels })),
  /** The chart with its key written down; without a key the one in which it is heard. */
  writeKey: async (chart: string, key = '') =>
    (await json<{ chart: string }>(call('POST', '/api/charts/key', { chart, key }))).chart,
  tunes: () => json<TuneSummary[]>(call('GET', '/api/tunes')),
  tune: (id: number) => json<Tune>(call('GET', `/api/tunes/${id}`)),
  addTune: (draft: TuneDraft) => json<Tune>(call('POST', '/api/tunes', draft)),
  saveTune: (id: number, draft: TuneDraft) => json<Tune>(call('PUT', `/api/tunes/${id}`, draft)),
  removeTune: async (id: number) => void (await call('DELETE', `/api/tunes/${id}`)),

  removedTunes: () => json<TuneSummary[]>(call('GET', '/api/tunes/removed')),
  putBack: async (id: number) => void (await call('POST', `/api/tunes/${id}/put-back`)),
  label: async (id: number, labels: ShelfLabels) =>
    void (await call('PUT', `/api/tunes/${id}/labels`, labels)),
  history: (id: number) => json<Revision[]>(call('GET', `/api/tunes/${id}/history`)),
  backup: () => json<Backup>(call('GET', '/api/backup')),
  restore: (backup: unknown) =>
    json<{ added: number; alreadyHere: number }>(call('POST', '/api/backup', backup)),
  bring: (name: string, file: Blob) =>
    json<ImportedTune[]>(call('POST', `/api/imports?name=${encodeURIComponent(name)}`, file)),
  format: async (chart: string, chords: 'LETTERS' | 'NUMERALS') =>
    (await json<{ chart: string }>(call('POST', '/api/charts/format', { chart, chords }))).chart,
  printing: async (chart: string, names: NoteNames, symbols: SymbolStyle) => {
    const request = { chart, names, symbols };
    return (await json<{ chart: string }>(call('POST', '/api/charts/printing', request))).chart;
  },
  transpose: async (chart: string, key: string, samePage: boolean) => {
    const request = { chart, key, interval: '', down: false, samePage };
    return (await json<{ chart: string }>(call('POST', '/api/charts/transpose', request))).chart;
  },
  transposeBy: async (chart: string, interval: string, down: boolean) => {
    const request = { chart, key: '', interval, down, samePage: false };
    return (await json<{ chart: string }>(call('POST', '/api/charts/transpose', request))).chart;
  },
  addNote: (note: NoteRequest) => json<NoteResult>(call('POST', '/api/charts/notes', note)),

  /** A file of the tune, and the name the server gives it. */
  async file(format: FileFormat, chart: string, choices: Choices) {
    const body = { chart, choices, counts: false };
    const response = await call('POST', `/api/arrangements/${format}`, body);
    const disposition = response.headers.get('Content-Disposition') ?? '';
    const encoded = /filename\*=UTF-8''([^;]+)/.exec(disposition)?.[1];
    const name = encoded ? decodeURIComponent(encoded) : `tune.${format}`;
    return { name, blob: await response.blob() };
  },
};
