import {
  computed,
  effectScope,
  onScopeDispose,
  ref,
  shallowRef,
  type EffectScope,
  type Ref,
} from 'vue';
import {
  api,
  Away,
  Refused,
  type Assignment,
  type Choices,
  type Played,
  type Student,
  type StudentDraft,
} from '../api/client';
import { keepHere } from './keepHere';
import type { Practice } from './usePractised';
import { useSteps } from './useSteps';
import { chartBox, choicesBox, draftOf, NOTHING, practiceBox, studentBox } from './tuneBoxes';
import { useSaving, whenAllAreSent } from './useOutbox';

const TRY_AGAIN_AFTER = 2000;
const GONE = 404;

/** What one student plays, and the student. */
export interface Player {
  id: number;
  studentId: number;
  choices: ReturnType<typeof choicesBox>;
  practised: ReturnType<typeof practiceBox>;
  /** The code of the link by which the student practises; empty where there is none. */
  code: Ref<string>;
  student: ReturnType<typeof studentBox>;
  scope: EffectScope;
}

/**
 * A tune that saves itself: its chart, what each student plays of it, and the students, each for itself, so that two
 * devices at two students do not get into each other's way.
 */
export function useTune(id: number) {
  const own = effectScope();
  const shownKey = `zesty.shown.${id}`;
  const chart = chartBox(id);
  const players = shallowRef<Player[]>([]);
  const active = ref(0);
  const player = computed(() => players.value[active.value]);
  const steps = useSteps();
  /** Why there is no such tune; empty where there is one. */
  const missing = ref('');
  let timer: ReturnType<typeof setTimeout> | undefined;

  function playerOf(given: Assignment): Player {
    const { id: assignment, version, choices, student } = given;
    const scope = own.run(() => effectScope())!;
    return scope.run(() => {
      const known = players.value.find((one) => one.studentId === student.id);
      const box = choicesBox(id, assignment);
      box.begin({ version, value: choices });
      const record = practiceBox(`${assignment}`, (told) => api.keepPractised(assignment, told));
      record.begin(given.practised);
      const of = known?.student ?? own.run(() => studentBox(student.id))!;
      if (!known) of.begin({ version: student.version, value: draftOf(student) });
      return {
        id: assignment,
        studentId: student.id,
        choices: box,
        practised: record,
        code: ref(given.code),
        student: of,
        scope,
      };
    })!;
  }

  async function load() {
    await whenAllAreSent();
    try {
      const tune = await api.tune(id);
      chart.begin({ version: tune.version, value: tune.chart });
      for (const one of tune.assignments) players.value = [...players.value, playerOf(one)];
      showStudent(Number(localStorage.getItem(shownKey)));
    } catch (error) {
      // What was left here stands on the page meanwhile.
      chart.begin();
      chart.report(error);
      missing.value = error instanceof Refused && error.status === GONE ? error.message : '';
      if (error instanceof Away) timer = setTimeout(load, TRY_AGAIN_AFTER);
    }
  }

  /** A tune that was taken off the shelf comes back to it. */
  async function putBack() {
    await api.putBack(id);
    missing.value = '';
    await load();
  }

  /** Gives the tune to a student as well, who plays it as the one before did. */
  async function give(student: Student) {
    const choices = player.value!.choices.value.value;
    const added = await api.assign(id, student.id, { ...choices, pins: [] });
    players.value = [...players.value, playerOf(added)];
    showPlayer(players.value.length - 1);
  }

  /** Takes it from the one who is shown; gives back how to undo that. */
  async function take() {
    const { id: assignment, scope, studentId } = player.value!;
    await api.removeAssignment(assignment);
    drop((one) => one.id === assignment);
    scope.stop();
    return async () => {
      await api.putBackAssignment(assignment);
      await refresh();
      showStudent(studentId);
    };
  }

  /** Removes the student who is shown from the studio; gives back how to undo that. */
  async function removeStudent() {
    const { studentId } = player.value!;
    await api.removeStudent(studentId);
    const gone = players.value.filter((one) => one.studentId === studentId);
    drop((one) => one.studentId === studentId);
    gone.forEach((one) => one.scope.stop());
    await refresh();
    return async () => {
      await api.putBackStudent(studentId);
      await refresh();
      showStudent(studentId);
    };
  }

  function drop(gone: (one: Player) => boolean) {
    players.value = players.value.filter((one) => !gone(one));
    active.value = 0;
  }

  /** Takes up players that are there now; those that are here already keep what they have. */
  async function refresh() {
    const { assignments } = await api.tune(id);
    const here = new Map(players.value.map((one) => [one.id, one]));
    const all: Player[] = [];
    for (const one of assignments) all.push(here.get(one.id) ?? playerOf(one));
    players.value = all;
  }

  onScopeDispose(() => {
    clearTimeout(timer);
    own.stop();
  });
  void load();

  const choices = computed<Choices | undefined>({
    get: () => player.value?.choices.value.value,
    set: (value) => {
      if (player.value && value) steps.write(player.value.choices.value, value);
    },
  });
  /** What the one who is shown practises. */
  const practice: Practice = {
    record: computed(() => player.value?.practised.record.value ?? NOTHING),
    tell: (page, isOver) => player.value?.practised.tell(page, isOver),
  };
  const student = computed<StudentDraft | undefined>({
    get: () => player.value?.student.value.value,
    set: (value) => {
      if (player.value && value) steps.write(player.value.student.value, value);
    },
  });
  const played = computed<Played | undefined>(() =>
    choices.value && student.value
      ? { choices: choices.value, hand: student.value.hand }
      : undefined,
  );
  const saving = useSaving(() => [
    chart,
    ...players.value.flatMap((one) => [one.choices, one.practised, one.student]),
  ]);

  /** Shows what another one plays, on this device until somebody else is chosen. */
  function showPlayer(place: number) {
    active.value = place;
    if (player.value) keepHere(shownKey, `${player.value.studentId}`);
  }
  function showStudent(student: number) {
    const place = players.value.findIndex((one) => one.studentId === student);
    active.value = Math.max(0, place);
  }
  function rename(name: string) {
    if (student.value) student.value = { ...student.value, name };
  }

  /** The student's own number. */
  const studentId = computed(() => player.value?.studentId);

  return {
    studentId,
    chart: chart.value,
    isLoaded: chart.hasBegun,
    players,
    active,
    choices,
    practice,
    student,
    played,
    ...saving,
    missing,
    putBack,
    showPlayer,
    takeBack: steps.back,
    takeBackAgain: steps.again,
    canTakeBack: steps.canGoBack,
    rename,
    give,
    take,
    removeStudent,
  };
}
