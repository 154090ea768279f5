<script setup lang="ts">
import Button from 'primevue/button';
import Checkbox from 'primevue/checkbox';
import { computed, ref, watch } from 'vue';
import { api, type Exercise, type ExerciseDraft, type ExerciseSettings } from '../../api/client';
import ExerciseCard from '../../components/ExerciseCard.vue';
import OneOf from '../../components/OneOf.vue';
import { useLatest } from '../../composables/useLatest';
import { useLesson } from './useLesson';

/** The student finishes it: some bars are left blank, and the app marks what comes back. */
const { id, tune, arrangement, page, player, chosen } = useLesson();

const numbers = computed(() => (arrangement.value?.bars ?? []).map(({ number }) => number));
const bars = computed(() =>
  numbers.value.map((number, i) => ({ id: i, name: number ? `bar ${number}` : 'pickup' })),
);
const from = ref(player.loop.value?.from ?? Math.min(1, Math.max(0, numbers.value.length - 1)));
const to = ref(player.loop.value?.to ?? Math.max(0, numbers.value.length - 1));
watch(
  () => numbers.value.length,
  (count, before) => {
    if (!before || to.value >= count || to.value === before - 1) to.value = Math.max(0, count - 1);
    from.value = Math.min(from.value || (count > 1 ? 1 : 0), to.value);
  },
);
watch(player.loop, (loop) => {
  if (loop) [from.value, to.value] = [loop.from, loop.to];
});

const ASKED: { id: ExerciseDraft['asked']; name: string }[] = [
  { id: 'CHORDS', name: 'left-hand chords' },
  { id: 'BASS', name: 'the bass alone' },
  { id: 'INVERSIONS', name: 'chords in the inversion told' },
  { id: 'FIGURES', name: 'chords over a figured bass' },
  { id: 'FOUR_PARTS', name: 'four parts on two staves' },
  { id: 'TRANSPOSED', name: 'the chords in another key' },
  { id: 'SIGNATURE', name: 'the chords with another key signature' },
  { id: 'FINGERS', name: 'fingers' },
  { id: 'NAMES', name: 'chord names' },
  { id: 'NUMERALS', name: 'Roman numerals' },
  { id: 'CLOSES', name: 'the kind of each close' },
  { id: 'HARMONY', name: 'chords for the tune, or for a bass alone' },
  { id: 'NON_CHORD', name: 'non-chord tones' },
  { id: 'FAULT', name: 'the one fault' },
];
const asked = ref<ExerciseDraft['asked']>('CHORDS');
const WHEN = [
  { id: 'once', name: 'after each chord' },
  { id: 'end', name: 'at the end' },
  { id: 'third', name: 'from the third try on' },
];
const when = ref('once');
const TRIES = [
  { id: 0, name: 'unlimited' },
  { id: 1, name: 'once' },
  { id: 3, name: 'three times' },
];
const tries = ref(0);
const words = ref('');
const help = ref(false);
const fading = ref(false);
const COUNTS: { id: ExerciseSettings['counts'][number]; name: string }[] = [
  { id: 'NOTES', name: 'the right notes' },
  { id: 'HAND', name: 'playable by this hand' },
  { id: 'WAY', name: 'the rules of voice leading' },
  { id: 'SMOOTH', name: 'smooth voice leading' },
];
/** Smoothness counts only where it is asked for. */
const counts = ref(COUNTS.map(({ id }) => id).filter((id) => id !== 'SMOOTH'));
const isLaid = computed(() =>
  ['CHORDS', 'BASS', 'INVERSIONS', 'FIGURES', 'FOUR_PARTS', 'TRANSPOSED', 'SIGNATURE'].includes(
    asked.value,
  ),
);
const KEYS = ['C', 'G', 'F', 'D', 'Bb', 'A', 'Eb', 'E', 'Ab', 'B', 'Db', 'F#'];
const otherKey = ref('D major');
const mode = computed(() => (arrangement.value?.key.includes('minor') ? 'minor' : 'major'));
/** Keys of the same mode to transpose into; any signature to read it under. */
const otherKeys = computed(() => {
  if (asked.value === 'TRANSPOSED') return KEYS.map((key) => `${key} ${mode.value}`);
  return asked.value === 'SIGNATURE' ? KEYS.flatMap((key) => [`${key} major`, `${key} minor`]) : [];
});
watch(otherKeys, (keys) => {
  if (keys.length && !keys.includes(otherKey.value)) otherKey.value = keys[3]!;
});

const mine = ref<Exercise[]>([]);
const { ask, trouble } = useLatest();
const load = () =>
  ask(
    () => api.exercisesOf(id),
    (all) => (mine.value = all),
  );
void load();

const student = computed(() => tune.student.value);
/** The server's own name for a hand that is nobody's. */
const isSomebody = computed(() => student.value && student.value.name !== 'Any hand');
const busy = ref(false);
const refused = ref('');
async function make(more: Partial<ExerciseDraft> = {}) {
  const played = tune.played.value;
  if (!played) return;
  busy.value = true;
  try {
    const [low, high] = [Math.min(from.value, to.value), Math.max(from.value, to.value)];
    await api.makeExercise(id, {
      student: tune.studentId.value ?? null,
      chart: page.shown.value,
      choices: played.choices,
      hand: played.hand,
      bars: Array.from({ length: high - low + 1 }, (_, i) => low + i),
      asked: asked.value,
      tries: tries.value,
      atOnce: when.value !== 'end',
      settings: {
        to: otherKeys.value.length ? otherKey.value : null,
        help: help.value,
        fading: fading.value && asked.value === 'CHORDS',
        marksAfter: when.value === 'third' ? 3 : 0,
        counts: counts.value,
      },
      words: words.value,
      ...more,
    });
    words.value = '';
    refused.value = '';
    await load();
  } catch (error) {
    refused.value = `${(error as Error).message}.`;
  } finally {
    busy.value = false;
  }
}
async function makeNext(set: string) {
  try {
    const made = await api.makeReady({
      set,
      seed: mine.value.length,
      student: tune.studentId.value ?? null,
      school: tune.choices.value?.school ?? 'popular',
    });
    mine.value = [made, ...mine.value];
  } catch (error) {
    refused.value = `${(error as Error).message}.`;
  }
}
</script>

<template>
  <section class="exercise-stage" aria-label="Exercise">
    <h2>Let the student finish it</h2>
    <p class="soft">These bars are left blank; the others stay as you have them.</p>
    <div class="form">
      <label for="exercise-from">From</label>
      <OneOf id="exercise-from" :chosen="from" :of="bars" @choose="(bar) => (from = bar)" />
      <label for="exercise-to">to</label>
      <OneOf id="exercise-to" :chosen="to" :of="bars" @choose="(bar) => (to = bar)" />
      <label for="exercise-asked">find</label>
      <OneOf id="exercise-asked" :chosen="asked" :of="ASKED" @choose="(one) => (asked = one)" />
      <template v-if="otherKeys.length">
        <label for="exercise-key">in</label>
        <OneOf
          id="exercise-key"
          :chosen="otherKey"
          :of="otherKeys.map((key) => ({ id: key, name: key }))"
          @choose="(key) => (otherKey = key)"
        />
      </template>
      <label for="exercise-when">marked</label>
      <OneOf id="exercise-when" :chosen="when" :of="WHEN" @choose="(one) => (when = one)" />
      <label for="exercise-tries">tried</label>
      <OneOf id="exercise-tries" :chosen="tries" :of="TRIES" @choose="(one) => (tries = one)" />
      <details class="wide">
        <summary>More</summary>
        <fieldset v-if="isLaid" class="counts">
          <legend>What counts</legend>
          <label v-for="one in COUNTS" :key="one.id">
            <Checkbox
              v-model="counts"
              :value="one.id"
              :disabled="counts.length === 1 && counts[0] === one.id"
            />
            {{ one.name }}
          </label>
        </fieldset>
        <label> <Checkbox v-model="help" binary /> allow hints </label>
        <label v-if="asked === 'CHORDS'">
          <Checkbox v-model="fading" binary /> by heart: the notes go once a bar was right three
          times
        </label>
      </details>
      <input
        v-model="words"
        maxlength="500"
        aria-label="Message to the student"
        placeholder="Message to the student (optional)"
      />
      <Button
        class="make"
        :label="isSomebody ? `Make it for ${student?.name}` : 'Make the exercise'"
        :disabled="busy || !chosen.chord.value"
        @click="make()"
      />
    </div>
    <p v-if="refused || trouble" class="trouble" role="alert">{{ refused || trouble }}</p>
    <ExerciseCard
      v-for="exercise in mine"
      :key="exercise.id"
      :exercise="exercise"
      :numbers="exercise.tune === id ? numbers : []"
      @changed="load"
      @next="makeNext"
    />
    <RouterLink class="all" :to="{ name: 'exercises' }">All exercises</RouterLink>
  </section>
</template>

<style scoped>
.exercise-stage {
  display: grid;
  gap: 10px;
}
p {
  margin: 0;
}
.soft {
  color: var(--ink-soft);
}
.form {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 8px 10px;
  align-items: center;
}
.form input {
  grid-column: span 2;
  min-height: 42px;
  padding: 0 12px;
  font: inherit;
  color: var(--ink);
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
.wide {
  grid-column: span 2;
}
summary {
  display: flex;
  align-items: center;
  min-height: 40px;
  cursor: pointer;
  text-decoration: underline;
}
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}
legend {
  padding: 0;
}
details label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 40px;
}
.make {
  grid-column: span 2;
}
.trouble {
  color: var(--caution);
}
.all {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
</style>
