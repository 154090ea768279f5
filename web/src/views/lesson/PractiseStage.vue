<script setup lang="ts">
import Button from 'primevue/button';
import { computed, onScopeDispose, ref, watch } from 'vue';
import PartsHeard from '../../components/PartsHeard.vue';
import { useLadder } from '../../composables/useLadder';
import { usePracticePath } from '../../composables/usePracticePath';
import { usePractised } from '../../composables/usePractised';
import { heardBy, loudness, partsOf } from '../../player/parts';
import { barsOf, HANDS, minutesOf } from '../practice-words';
import { useLesson } from './useLesson';

/** Practising in small steps: one press sets what is heard, which bars go round and how slowly. */
const { id, tune, page, player, arrangement, chosen } = useLesson();
/** Minutes after which hands rest (common practice). */
const REST = 20;
const { path, trouble } = usePracticePath(page.shown, tune.played, arrangement);
const steps = computed(() => path.value ?? []);
const at = ref(0);
const step = computed(() => steps.value[at.value]);
const heard = ref(heardBy('together'));
const ladder = useLadder();

const record = usePractised(tune.practised);
const minutesLeft = computed(() =>
  Math.ceil(
    steps.value.filter((one) => !record.isDone(one)).reduce((sum, one) => sum + one.minutes, 0),
  ),
);
const DAYS = new Intl.DateTimeFormat('en', { weekday: 'long', day: 'numeric', month: 'long' });
const lastTime = computed(() => {
  const { day, minutes } = record.last.value ?? {};
  return day && `Last on ${DAYS.format(new Date(`${day}T12:00`))}: ${minutesOf(minutes ?? 0)}.`;
});

/** What was played of this step and is not in the record yet. */
let slips = 0;
let rounds = 0;
let begun = 0;
/** Whose it is: what another one plays gets none of it. */
let whose: number | undefined;
function slip() {
  slips++;
  ladder.slip();
}
watch(player.state, (state) => {
  if (state === 'playing') {
    begun = performance.now();
    whose = tune.studentId.value;
  }
  if (state === 'still') keep();
});
function keep() {
  if (step.value && whose === tune.studentId.value)
    record.note(step.value, {
      percent: ladder.percent.value,
      rounds,
      slips,
      seconds: (performance.now() - begun) / 1000,
    });
  slips = rounds = 0;
}

function choose(index: number) {
  player.stop();
  keep();
  at.value = index;
  const one = step.value;
  if (!one) return;
  ladder.begin({ start: one.start, goal: one.goal, rounds: one.rounds });
  heard.value = heardBy(one.hands);
  player.loop.value = { from: one.from, to: one.to };
}
watch(
  steps,
  (all) => {
    const next = all.findIndex((one) => !record.isDone(one));
    choose(Math.max(0, next));
  },
  { immediate: true },
);
// Its bars are looked at as soon as they are there.
watch([step, () => arrangement.value?.chords], ([one]) => {
  if (one) chosen.chooseBar(one.from);
});
/** Done with this step: on to the next that is not. */
function finish() {
  player.stop();
  keep();
  if (step.value) record.tick(step.value, true);
  const next = steps.value.findIndex((one, i) => i > at.value && !record.isDone(one));
  if (next >= 0) choose(next);
}

watch(heard, (now) => (player.parts.value = loudness(now)), { immediate: true, deep: true });
player.counted.value = true;
watch(player.rounds, (count) => {
  if (!count) return;
  rounds++;
  ladder.round();
});
watch(
  [ladder.percent, () => arrangement.value?.tempo],
  ([percent, tempo]) => {
    if (tempo) player.tempo.value = Math.max(20, Math.round((tempo * percent) / 100));
  },
  { immediate: true },
);
onScopeDispose(() => {
  player.stop();
  keep();
  player.parts.value = undefined;
  player.counted.value = false;
  player.loop.value = undefined;
  if (arrangement.value) player.tempo.value = arrangement.value.tempo;
});
</script>

<template>
  <section v-if="step" class="now" aria-label="Now">
    <h2>{{ HANDS[step.hands] }}, {{ barsOf(step, arrangement) }}</h2>
    <p class="why">{{ step.why }}.</p>
    <p class="tempo" aria-live="polite">
      <b>{{ ladder.percent.value }} %</b> of the tempo, on to {{ step.goal }} %
    </p>
    <p class="rounds" :aria-label="`${ladder.clean.value} of ${step.rounds} rounds without a slip`">
      <span
        v-for="round in step.rounds"
        :key="round"
        class="round"
        :class="{ clean: round <= ladder.clean.value }"
      />
      <span>{{
        ladder.reached.value ? 'That goes well. On to the next?' : 'rounds without a slip'
      }}</span>
    </p>
    <div class="do">
      <Button
        :label="player.state.value === 'still' ? 'Begin' : 'Stop'"
        :icon="player.state.value === 'still' ? 'pi pi-play' : 'pi pi-stop'"
        size="large"
        @click="player.toggle"
      />
      <Button
        label="A slip"
        size="large"
        variant="outlined"
        :disabled="player.state.value !== 'playing'"
        @click="slip"
      />
      <Button label="Done" size="large" variant="outlined" @click="finish" />
    </div>
  </section>
  <p v-else class="why">Nothing sounds yet that could be practised.</p>

  <section v-if="steps.length" aria-label="The way">
    <h3>
      The way
      <span v-if="minutesLeft">about {{ minutesOf(minutesLeft) }}</span>
      <span v-else>all done; well played</span>
    </h3>
    <p v-if="lastTime" class="why">{{ lastTime }}</p>
    <ol class="steps">
      <li v-for="(one, i) in steps" :key="i" :class="{ here: i === at, done: record.isDone(one) }">
        <button
          class="plain-button"
          :aria-current="i === at ? 'step' : undefined"
          @click="choose(i)"
        >
          <b>{{ HANDS[one.hands] }}</b> {{ barsOf(one, arrangement) }}
          <span v-if="record.reached(one)" class="reached">{{ record.reached(one) }} %</span>
        </button>
        <input
          type="checkbox"
          :checked="record.isDone(one)"
          :aria-label="`${HANDS[one.hands]}, ${barsOf(one, arrangement)}: done`"
          @change="record.tick(one, !record.isDone(one))"
        />
      </li>
    </ol>
    <RouterLink class="card" :to="{ name: 'week', params: { id } }">
      A card for the week, to print
    </RouterLink>
    <p class="care">
      <template v-if="record.minutesToday.value >= REST">
        That was {{ minutesOf(record.minutesToday.value) }} today: time for a rest.
      </template>
      Stop where something hurts, and rest after twenty minutes.
    </p>
  </section>
  <PartsHeard v-if="step" v-model="heard" :parts="partsOf(arrangement)" />
  <p v-if="trouble" role="alert">{{ trouble }}</p>
</template>

<style scoped>
.now {
  display: grid;
  gap: 10px;
}
h2 {
  margin: 0;
  font-size: 26px;
}
p {
  margin: 0;
}
.why,
.care,
h3 span {
  color: var(--ink-soft);
}
.why::first-letter {
  text-transform: uppercase;
}
.tempo b {
  font-size: 30px;
  font-variant-numeric: tabular-nums;
}
.rounds {
  display: flex;
  align-items: center;
  gap: 8px;
}
.round {
  width: 22px;
  height: 22px;
  border: 2px solid var(--zest);
  border-radius: 50%;
}
.round.clean {
  background: var(--zest);
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
h3 {
  margin: 18px 0 6px;
}
h3 span {
  font-weight: 400;
}
.steps {
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
.steps li {
  display: flex;
  align-items: center;
  gap: 8px;
  border-radius: 10px;
}
.steps li.here {
  background: var(--zest-wash);
}
.steps li.done button {
  color: var(--ink-soft);
}
.steps button {
  flex: 1;
  min-height: 44px;
  padding: 0 10px;
  text-align: left;
}
.card {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
.reached {
  float: right;
  color: var(--ink-soft);
}
.steps input {
  width: 24px;
  height: 24px;
  margin-right: 10px;
}
</style>
