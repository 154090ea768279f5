import { useLocalStorage } from '@vueuse/core';
import createClient from 'openapi-fetch';
import { newId } from './ids';
import type { components, paths } from './schema';
import { scoreMemory } from './score';

type Schemas = components['schemas'];
export type Analysis = Schemas['Analysis'];
export type Reading = Schemas['Reading'];
export type BarEntry = Schemas['Entry'];
export type ArrangedChord = Schemas['ArrangedChord'];
export type Tick = Schemas['Tick'];
export type Credits = Schemas['Credits'];
export type Alternative = Schemas['Alternative'];
export type Assignment = Schemas['Assignment'];
export type Catalogue = Schemas['Catalogue'];
export type ChartProblem = Schemas['ChartProblem'];
export type Choices = Schemas['Choices'];
export type Counts = Schemas['ArrangementRequest']['counts'];
export type Finding = Schemas['Finding'];
export type FingerMove = Schemas['FingerMove'];
export type Hand = Schemas['Hand'];
export type HeldKey = Schemas['HeldKey'];
export type WantedNote = Schemas['WantedNote'];
export type Pin = Schemas['Pin'];
export type Waiver = Schemas['Waiver'];
export type ImportedTune = Schemas['ImportedTune'];
export type ReportLine = Schemas['Line'];
export type Revision = Schemas['Revision'];
export type NoteNames = Schemas['PrintingRequest']['names'];
export type SymbolStyle = Schemas['PrintingRequest']['symbols'];
export type NoteRequest = Schemas['NoteRequest'];
export type NoteResult = Schemas['NoteResult'];
export type ShelfLabels = Schemas['ShelfLabels'];
type Backup = Schemas['Backup'];
export type Student = Schemas['Student'];
export type StudentDraft = Schemas['StudentDraft'];
export type TimedNote = Schemas['TimedNote'];
export type Tune = Schemas['Tune'];
export type NewTune = Schemas['NewTune'];
export type TuneSummary = Schemas['TuneSummary'];
export type Proposal = Schemas['Proposal'];
export type StyleEffect = Schemas['StyleEffect'];
export type HandProposal = Schemas['HandProposal'];
export type Fix = Schemas['Fix'];
export type Fixed = Schemas['Fixed'];
export type ExerciseOverview = Schemas['ExerciseOverview'];
export type ExerciseSettings = Schemas['ExerciseSettings'];
export type OwnRule = Schemas['OwnRule'];
export type PracticeStep = Schemas['PracticeStep'];
export type Practised = Schemas['Practised'];
export type PracticeRecord = Schemas['PracticeRecord'];
export type PractisedPage = Schemas['PractisedPage'];
export type PractisingSheet = Schemas['PractisingSheet'];
export type Motion = Schemas['Motion'];
export type HandTold = Schemas['HandTold'];
export type HandStep = Schemas['HandStep'];
export type Price = Schemas['Price'];
export type OwnFigure = Schemas['OwnFigure'];
export type KeptFigure = Schemas['KeptFigure'];
export type Stretch = Schemas['Stretch'];
export type PricedChord = Schemas['PricedChord'];
export type AnswerSheet = Schemas['AnswerSheet'];
export type AskedChord = Schemas['AskedChord'];
export type Attempt = Schemas['Attempt'];
export type RulePage = Schemas['RulePage'];
export type Exercise = Schemas['Exercise'];
export type ExerciseDraft = Schemas['ExerciseDraft'];
export type ReadyMade = Schemas['ReadyMade'];
export type ClassReport = Schemas['ClassReport'];
export type TakeHome = Schemas['TakeHome'];
export type TakeHomeItem = Schemas['TakeHomeItem'];

/** What the page shows of a tune: the server's answer, its parts by their names and its score put together. */
export type Arrangement = Omit<Schemas['Arrangement'], 'parts' | 'score' | 'alternatives'> & {
  notes: TimedNote[];
  melody: TimedNote[];
  musicXml: string;
};

/** What is played, and under which hand. */
export interface Played {
  choices: Choices;
  hand: Hand;
}

export type EngravingOption = NonNullable<Schemas['ArrangementRequest']['engraving']>[number];
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

/** The server could not be reached, is not itself, or has too much to do. */
export class Away extends Error {}

/** So long is an answer waited for, in milliseconds; a file that takes a whole studio may be long on its way. */
const PATIENCE = 45_000;
const PATIENCE_FOR_FILES = 1_800_000;

const patience = (request: Request) =>
  request.url.endsWith('/api/backup') ? PATIENCE_FOR_FILES : PATIENCE;

async function call(request: Request): Promise<Response> {
  // One signal of two: older browsers cannot join them by themselves.
  const end = new AbortController();
  let isLate = false;
  const timer = setTimeout(() => {
    isLate = true;
    end.abort();
  }, patience(request));
  const giveUp = () => end.abort();
  request.signal.addEventListener('abort', giveUp);
  if (request.signal.aborted) giveUp();
  let response: Response;
  try {
    response = await fetch(request, { signal: end.signal });
  } catch (error) {
    if (request.signal.aborted) throw error;
    const what = isLate ? 'the server does not answer' : 'the server cannot be reached';
    throw new Away(what, { cause: error });
  } finally {
    clearTimeout(timer);
    request.signal.removeEventListener('abort', giveUp);
  }
  if (response.ok) return response;
  if (response.status >= 500) throw new Away(`the server answered ${response.status}`);
  const problem = await response.json().catch(() => ({}));
  throw new Refused(response.status, problem.detail ?? 'the server refused this');
}

/** What this device calls itself: an exercise for anybody has a try on each. */
const device = useLocalStorage('zesty.device', newId).value;

const http = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: call,
  headers: { 'X-Device': device },
});

/** The code by which a student's page asks; empty on the teacher's pages. */
let code = '';
const byCode = () => ({
  baseUrl: window.location.origin + (code && `/api/practising/${code}`),
});

/** What a call answers; one that fails has thrown. */
const data = async <T>(answer: Promise<{ data?: T }>) => (await answer).data as T;
const done = async (answer: Promise<unknown>) => void (await answer);

/** Names the version that is written over. */
const over = (version: number) => ({ 'If-Match': `"${version}"` });
const one = (id: number) => ({ path: { id } });

/** An answer as the page shows it. */
function asShown(
  { parts, score: sent, ...rest }: Schemas['Arrangement'],
  score: ReturnType<typeof scoreMemory>,
): Arrangement {
  const notes = (id: string) => parts.find((part) => part.id === id)?.notes ?? [];
  return { ...rest, notes: notes('left'), melody: notes('melody'), musicXml: score.whole(sent) };
}

/** Names whoever asks, and counts its questions: what was asked before gives way. */
function asker() {
  const name = Math.random().toString(36).slice(2);
  let asked = 0;
  return () => ({ 'X-Page': `${name}.${++asked}` });
}

/** A chart and how it is played, where nothing but the music counts. */
const whole = (chart: string, played: Played, chord = -1) => ({
  chart,
  ...played,
  counts: 'NONE' as const,
  engraving: [],
  chord,
  known: [],
});

export const api = {
  /** What is computed from now on is asked by a student's code, or by none. */
  askBy: (other: string) => void (code = other),
  catalogue: () => data(http.GET('/api/catalogue', byCode())),

  /** Arranges charts, one after another; measures that came before are not sent again. */
  arranger() {
    const score = scoreMemory();
    const page = asker();
    return async (
      chart: string,
      { choices, hand }: Played,
      counts: Counts,
      chord: number,
      signal?: AbortSignal,
      engraving: EngravingOption[] = [],
    ): Promise<{ arrangement: Arrangement; alternatives: Alternative[] }> => {
      const body = { chart, choices, hand, counts, engraving, chord, known: score.marks() };
      const answer = await data(
        http.POST('/api/arrangements', {
          ...byCode(),
          body,
          headers: page(),
          signal: signal ?? null,
        }),
      );
      return { arrangement: asShown(answer, score), alternatives: answer.alternatives };
    };
  },
  /** The pages of an exercise, one after another. */
  answerPages(code: string) {
    const score = scoreMemory();
    const page = asker();
    return async (heard: boolean, signal?: AbortSignal): Promise<Arrangement> => {
      const answer = await data(
        http.POST('/api/answers/{code}/page', {
          params: { path: { code } },
          body: { heard, known: score.marks() },
          headers: heard ? {} : page(),
          signal: signal ?? null,
        }),
      );
      return asShown(answer, score);
    };
  },
  alternatives: (chart: string, played: Played, chord: number, signal?: AbortSignal) =>
    data(
      http.POST('/api/arrangements/alternatives', {
        body: whole(chart, played, chord),
        signal: signal ?? null,
      }),
    ),
  /** What each style would do to a tune. */
  styles: (chart: string, played: Played, signal?: AbortSignal) =>
    data(
      http.POST('/api/arrangements/styles', {
        body: whole(chart, played),
        signal: signal ?? null,
      }),
    ),
  /** Ways to fix what is found at a chord, of one kind. */
  fixes: (chart: string, played: Played, chord: number, code: string, signal?: AbortSignal) =>
    data(
      http.POST('/api/arrangements/fixes', {
        params: { query: { code } },
        body: whole(chart, played, chord),
        signal: signal ?? null,
      }),
    ),
  /** The whole tune with everything fixed that can be. */
  fixed: (chart: string, played: Played, signal?: AbortSignal) =>
    data(
      http.POST('/api/arrangements/fixed', { body: whole(chart, played), signal: signal ?? null }),
    ),
  /** What another school finds in a tune as it is played. */
  report: (chart: string, played: Played, school: string, signal?: AbortSignal) =>
    data(
      http.POST('/api/arrangements/report', {
        params: { query: { school } },
        body: whole(chart, played),
        signal: signal ?? null,
      }),
    ),
  /** What the teacher never wants to be told of. */
  ownMix: () => data(http.GET('/api/rules/own')),
  mindOwn: (code: string, body: Schemas['OwnLevel']) =>
    done(http.PUT('/api/rules/own/{code}', { params: { path: { code } }, body })),
  mindAsUsual: (code: string) =>
    done(http.DELETE('/api/rules/own/{code}', { params: { path: { code } } })),
  /** More other ways to play a chord, each with its price, term by term. */
  prices: (chart: string, played: Played, chord: number, signal?: AbortSignal) =>
    data(
      http.POST('/api/arrangements/prices', {
        body: whole(chart, played, chord),
        signal: signal ?? null,
      }),
    ),
  /** Three left hands, from easy to rich. */
  proposals: (
    chart: string,
    played: Played,
    wish: Omit<Schemas['Wish'], 'tune'>,
    signal?: AbortSignal,
  ) =>
    data(
      http.POST('/api/arrangements/proposals', {
        body: { tune: whole(chart, played), ...wish },
        signal: signal ?? null,
      }),
    ),
  /** Scale, arpeggio and cadence of a tune's key. */
  warmUp: async (chart: string, played: Played, signal?: AbortSignal) =>
    asShown(
      await data(
        http.POST('/api/warm-ups', { body: whole(chart, played), signal: signal ?? null }),
      ),
      scoreMemory(),
    ),
  steps: (chart: string, played: Played, signal?: AbortSignal) =>
    data(
      http.POST('/api/arrangements/steps', { body: whole(chart, played), signal: signal ?? null }),
    ),
  figures: () => data(http.GET('/api/figures')),
  keepFigure: (body: OwnFigure) => data(http.POST('/api/figures', { body })),
  removeFigure: (id: number) => done(http.DELETE('/api/figures/{id}', { params: one(id) })),
  putBackFigure: (id: number) => done(http.POST('/api/figures/{id}/put-back', { params: one(id) })),
  /** Chords for a tune without any; without levels three ways, from plain to rich. */
  harmonies: (chart: string, levels: Proposal['level'][] = [], signal?: AbortSignal) =>
    data(http.POST('/api/harmonies', { body: { chart, levels }, signal: signal ?? null })),
  /** The chart with its key written down; without a key the one in which it is heard. */
  writeKey: async (chart: string, key = '') =>
    (await data(http.POST('/api/charts/key', { body: { chart, key } }))).chart,

  tunes: () => data(http.GET('/api/tunes')),
  tune: (id: number) => data(http.GET('/api/tunes/{id}', { params: one(id) })),
  addTune: (chart: string) => data(http.POST('/api/tunes', { body: { chart, assignments: [] } })),
  saveChart: (id: number, version: number, chart: string) =>
    data(
      http.PUT('/api/tunes/{id}/chart', {
        params: one(id),
        headers: over(version),
        body: { chart },
      }),
    ),
  removeTune: (id: number) => done(http.DELETE('/api/tunes/{id}', { params: one(id) })),
  removedTunes: () => data(http.GET('/api/tunes/removed')),
  putBack: (id: number) => done(http.POST('/api/tunes/{id}/put-back', { params: one(id) })),
  label: (id: number, body: ShelfLabels) =>
    done(http.PUT('/api/tunes/{id}/labels', { params: one(id), body })),
  history: (id: number, signal?: AbortSignal) =>
    data(http.GET('/api/tunes/{id}/history', { params: one(id), signal: signal ?? null })),

  assign: (tune: number, student: number, choices: Choices) =>
    data(
      http.POST('/api/tunes/{tune}/assignments', {
        params: { path: { tune } },
        body: { student, choices },
      }),
    ),
  saveChoices: (id: number, version: number, body: Choices) =>
    data(
      http.PUT('/api/assignments/{id}/choices', {
        params: one(id),
        headers: over(version),
        body,
      }),
    ),
  removeAssignment: (id: number) => done(http.DELETE('/api/assignments/{id}', { params: one(id) })),
  putBackAssignment: (id: number) =>
    done(http.POST('/api/assignments/{id}/put-back', { params: one(id) })),

  nameState: (id: number, state: number, name: string) =>
    done(
      http.PUT('/api/tunes/{id}/history/{state}/name', {
        params: { path: { id, state } },
        body: { name },
      }),
    ),

  students: () => data(http.GET('/api/students')),
  removedStudents: () => data(http.GET('/api/students/removed')),
  addStudent: (body: StudentDraft) => data(http.POST('/api/students', { body })),
  saveStudent: (id: number, version: number, body: StudentDraft) =>
    data(http.PUT('/api/students/{id}', { params: one(id), headers: over(version), body })),
  eraseStudent: (id: number) =>
    done(http.DELETE('/api/students/{id}/for-good', { params: one(id) })),
  /** Everything that is kept of a student, in a file. */
  keptOfStudent: async (id: number) =>
    (await data(
      http.GET('/api/backup/students/{id}', { params: one(id), parseAs: 'blob' }),
    )) as Blob,
  removeStudent: (id: number) => done(http.DELETE('/api/students/{id}', { params: one(id) })),
  putBackStudent: (id: number) =>
    done(http.POST('/api/students/{id}/put-back', { params: one(id) })),

  /** The file as the server wrote it; it may be larger than a page should take apart. */
  backup: async () => (await data(http.GET('/api/backup', { parseAs: 'blob' }))) as Blob,
  restore: (backup: Blob) =>
    data(
      http.POST('/api/backup', {
        headers: { 'Content-Type': 'application/json' },
        body: backup as unknown as Backup,
        bodySerializer: (raw: unknown) => raw as Blob,
      }),
    ),
  /** With other lines of the file for tune and left hand than the usual ones, where they are told. */
  bring: (name: string, file: Blob, tune?: string, left?: string) =>
    data(
      http.POST('/api/imports', {
        params: { query: { name, tune, left } },
        headers: { 'Content-Type': 'application/octet-stream' },
        body: file as unknown as string,
        bodySerializer: (raw: unknown) => raw as Blob,
      }),
    ),
  format: async (chart: string, chords: 'LETTERS' | 'NUMERALS') =>
    (await data(http.POST('/api/charts/format', { body: { chart, chords } }))).chart,
  printing: async (chart: string, names: NoteNames, symbols: SymbolStyle) =>
    (await data(http.POST('/api/charts/printing', { body: { chart, names, symbols } }))).chart,
  /** A chart in another key, and what is played of it. */
  transpose: (chart: string, choices: Choices[], key: string, samePage: boolean) =>
    data(
      http.POST('/api/charts/transpose', {
        body: { chart, choices, key, interval: '', down: false, samePage },
      }),
    ),
  transposeBy: (chart: string, choices: Choices[], interval: string, down: boolean) =>
    data(
      http.POST('/api/charts/transpose', {
        body: { chart, choices, key: '', interval, down, samePage: false },
      }),
    ),
  /** The chart, or another of the tune, with the left hand of some bars written out as this one is played. */
  writeOut: async (chart: string, played: Played, bars: number[], into = chart) => {
    const body = { tune: whole(chart, played), bars, into };
    return (await data(http.POST('/api/left-hands/written', { body }))).chart;
  },
  /** The chart with the left hand of some bars left to be found. */
  writeNoMore: async (chart: string, played: Played, bars: number[]) => {
    const body = { tune: whole(chart, played), bars, into: chart };
    return (await data(http.POST('/api/left-hands/computed', { body }))).chart;
  },
  /** What the left hand does, bar by bar and from place to place. */
  toldOfHand: (chart: string, played: Played, signal?: AbortSignal) =>
    data(http.POST('/api/left-hands/told', { body: whole(chart, played), signal: signal ?? null })),
  /** A way through the tune in small steps. */
  practice: (chart: string, played: Played, signal?: AbortSignal) =>
    data(
      http.POST('/api/practice', {
        ...byCode(),
        body: whole(chart, played),
        signal: signal ?? null,
      }),
    ),
  rules: () => data(http.GET('/api/rules')),
  exercises: () => data(http.GET('/api/exercises')),
  exerciseOverview: () => data(http.GET('/api/exercises/overview')),
  classReport: () => data(http.GET('/api/exercises/report')),
  classTable: async () =>
    (await data(http.GET('/api/exercises/report.csv', { parseAs: 'blob' }))) as Blob,
  /** What a fault costs from now on; null as usual. */
  costOf: (fault: string, points: number | null) =>
    done(
      http.PUT('/api/exercises/points/{fault}', { params: { path: { fault } }, body: { points } }),
    ),
  takeHome: (id: number) => data(http.GET('/api/attempts/{id}/home', { params: one(id) })),
  exercisesOf: (tune: number) =>
    data(http.GET('/api/tunes/{tune}/exercises', { params: { path: { tune } } })),
  makeExercise: (tune: number, body: ExerciseDraft) =>
    data(http.POST('/api/tunes/{tune}/exercises', { params: { path: { tune } }, body })),
  readyMade: () => data(http.GET('/api/ready-made')),
  makeReady: (body: Schemas['ReadyMadeDraft']) => data(http.POST('/api/ready-made', { body })),
  closeExercise: (id: number) => done(http.DELETE('/api/exercises/{id}', { params: one(id) })),
  openExercise: (id: number) =>
    done(http.POST('/api/exercises/{id}/put-back', { params: one(id) })),
  askAgain: (id: number) => data(http.POST('/api/exercises/{id}/again', { params: one(id) })),
  sayOf: (id: number, body: Schemas['Said']) =>
    data(http.PUT('/api/attempts/{id}/said', { params: one(id), body })),

  /** What a student sees by a link. */
  answerSheet: (code: string) =>
    data(http.GET('/api/answers/{code}', { params: { path: { code } } })),
  answerChord: (code: string, chord: number, body: Schemas['AnsweredChord']) =>
    data(
      http.PUT('/api/answers/{code}/chords/{chord}', { params: { path: { code, chord } }, body }),
    ),
  finishTry: (code: string, body: Schemas['FinishedTry']) =>
    data(http.POST('/api/answers/{code}/finish', { params: { path: { code } }, body })),
  /** One note more of a chord. */
  helpWith: (code: string, chord: number, body: Schemas['FinishedTry']) =>
    data(
      http.POST('/api/answers/{code}/chords/{chord}/help', {
        params: { path: { code, chord } },
        body,
      }),
    ),
  sayName: (code: string, name: string) =>
    data(http.PUT('/api/answers/{code}/name', { params: { path: { code } }, body: { name } })),
  tryAgain: (code: string) =>
    data(http.POST('/api/answers/{code}/again', { params: { path: { code } } })),

  /** Adds to what was practised; gives back all of it. */
  keepPractised: (id: number, body: PracticeRecord) =>
    data(http.PUT('/api/assignments/{id}/practised', { params: one(id), body })),
  /** Takes back what was practised on a day. */
  takeBackPractised: (id: number, day: string) =>
    data(http.DELETE('/api/assignments/{id}/practised/{day}', { params: { path: { id, day } } })),
  putBackPractised: (id: number, day: string) =>
    data(
      http.POST('/api/assignments/{id}/practised/{day}/put-back', {
        params: { path: { id, day } },
      }),
    ),
  openLink: (id: number, another = false) =>
    data(http.POST('/api/assignments/{id}/link', { params: { ...one(id), query: { another } } })),
  renewExercise: (id: number) => data(http.POST('/api/exercises/{id}/link', { params: one(id) })),
  closeLink: (id: number) => done(http.DELETE('/api/assignments/{id}/link', { params: one(id) })),
  /** What a student practises by a link. */
  practising: (code: string) =>
    data(http.GET('/api/practising/{code}', { params: { path: { code } } })),
  keepPractisedBy: (code: string, body: PracticeRecord) =>
    data(http.PUT('/api/practising/{code}/practised', { params: { path: { code } }, body })),

  addNote: (body: NoteRequest) => data(http.POST('/api/charts/notes', { body })),

  /** A file of the tune, the name the server gives it, and what its format has no place for. */
  async file(
    format: FileFormat,
    chart: string,
    played: Played,
    engraving: EngravingOption[],
    hands: boolean,
  ) {
    const { data: blob, response } = await http.POST(`/api/arrangements/${format}`, {
      params: { query: format === 'abc' ? { hands } : undefined },
      body: { ...whole(chart, played), engraving },
      parseAs: 'blob',
    });
    const disposition = response.headers.get('Content-Disposition') ?? '';
    const encoded = /filename\*=UTF-8''([^;]+)/.exec(disposition)?.[1];
    const name = encoded ? decodeURIComponent(encoded) : `tune.${format}`;
    const leftOut = response.headers.get('Left-Out') ?? '';
    return { name, blob: blob as unknown as Blob, leftOut };
  },
};
