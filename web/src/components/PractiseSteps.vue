<script setup lang="ts">
import { computed, onScopeDispose, ref, watch } from 'vue';
import PartsHeard from './PartsHeard.vue';
import PracticeNow from './PracticeNow.vue';
import PracticeHow from './PracticeHow.vue';
import PracticeWay from './PracticeWay.vue';
import PractisedBars from './PractisedBars.vue';
import { useLadder } from '../composables/useLadder';
import { useFiles } from '../composables/useFiles';
import { usePlayedRounds } from '../composables/usePlayedRounds';
import { usePracticeHow } from '../composables/usePracticeHow';
import { usePracticePath } from '../composables/usePracticePath';
import type { Practising } from '../composables/usePractising';
import { isSame, usePractised } from '../composables/usePractised';
import { useWay } from '../composables/useWay';
import type { PracticeStep } from '../api/client';
import { partsOf } from '../player/parts';
import { barsOf, HANDS, minutesOf, stepsForToday } from './practice-words';

/** Practising in small steps: one press sets what is heard, which bars go round and how slowly. */
const props = defineProps<{
  of: Practising;
  /** Whether the way may be changed. */
  teaches?: boolean;
}>();
const { player, arrangement, chosen, counts, veil, whose: student } = props.of;
/** Minutes after which hands rest (common caution). */
const REST = 20;
const { path, bars, trouble } = usePracticePath(props.of.chart, props.of.played, arrangement);
const way = useWay(props.of.choices, path, bars);
const steps = way.steps;
const isThere = ({ from }: PracticeStep) => from >= 0;
const at = ref(0);
const step = computed(() => {
  const one = steps.value[at.value];
  return one && isThere(one) ? one : undefined;
});
const RUNGS = ['start', 'goal', 'by', 'rounds'] as const;
let here: PracticeStep | undefined;
// A step that is moved, or whose way is laid anew, is gone on with.
watch(steps, (all) => {
  const same = here ? all.findIndex((one) => isSame(one, here!)) : -1;
  if (same >= 0) at.value = same;
});
const how = usePracticeHow(step, arrangement, player, chosen, veil);
const { heard } = how;
const ladder = useLadder();

const record = usePractised(props.of.practice, bars);
const left = computed(() => steps.value.filter((one) => isThere(one) && !record.isDone(one)));
/** What of the way is left for today, and in all. */
const share = computed(() => {
  const today = stepsForToday(left.value, record.minutesToday.value);
  const minutes = (of: PracticeStep[]) =>
    minutesOf(Math.ceil(of.reduce((a, b) => a + b.minutes, 0)));
  const all = `${minutes(left.value)} in all`;
  if (!left.value.length) return 'all done; well played';
  if (!today.length) return `enough for today; about ${all}`;
  const count = today.length === 1 ? '1 step' : `${today.length} steps`;
  const rest = today.length < left.value.length ? `; ${all}` : '';
  return `today ${count}, about ${minutes(today)}${rest}`;
});
const DAYS = new Intl.DateTimeFormat('en', { weekday: 'long', day: 'numeric', month: 'long' });
const lastTime = computed(() => {
  const { day, minutes } = record.last.value ?? {};
  return day && `Last on ${DAYS.format(new Date(`${day}T12:00`))}: ${minutesOf(minutes ?? 0)}.`;
});

/** What goes round now: the step, or of its hands the bars that were chosen instead. */
const now = computed(() => {
  const { from, to } = player.loop.value ?? step.value ?? { from: 0, to: 0 };
  if (!step.value) return undefined;
  // A bar is counted in before each round.
  const share = (to - from + 2) / (step.value.to - step.value.from + 2);
  return { ...step.value, from, to, minutes: step.value.minutes * share };
});
const rounds = usePlayedRounds({ player, now, student, record, ladder, onClean: how.round });
const { keep, rests } = rounds;
function slip() {
  rounds.slip();
  how.slip();
}

function choose(index: number) {
  player.stop();
  keep();
  at.value = index;
}
watch(
  step,
  (one) => {
    const isAsBefore =
      one && here && isSame(one, here) && RUNGS.every((number) => one[number] === here![number]);
    if (!one || isAsBefore) return;
    here = one;
    ladder.begin(one);
  },
  { immediate: true },
);
/** Begins with the first step that is not done. */
watch(
  path,
  (all, before) => {
    if (before || !all) return;
    const next = steps.value.findIndex((one) => isThere(one) && !record.isDone(one));
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
  const next = steps.value.findIndex(
    (one, i) => i > at.value && isThere(one) && !record.isDone(one),
  );
  if (next >= 0) choose(next);
}

const files = useFiles();
/** What goes round now, as often as it is to go well. */
function takeSound() {
  const { hands, rounds: times } = now.value!;
  const name = `${arrangement.value?.title}, ${HANDS[hands]} ${barsOf(now.value!, arrangement.value)}.wav`;
  void files.downloadSound(name, () => player.recorded(times));
}

player.counted.value = true;
player.prepare();
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
  player.counted.value = false;
  if (arrangement.value) player.tempo.value = arrangement.value.tempo;
});
</script>

<template>
  <div>
    <PracticeNow
      v-if="now"
      :step="now"
      :tune="arrangement"
      :ladder="ladder"
      :state="player.state.value"
      :next="how.next.value"
      :rests="rests"
      :by-heart="how.memory.value !== 'shown'"
      @toggle="player.toggle"
      @slip="slip"
      @done="finish"
    />
    <p v-else class="why">Nothing sounds yet that could be practised.</p>

    <details v-if="step" class="more">
      <summary>What is heard and seen</summary>
      <PartsHeard v-model="heard" :parts="partsOf(arrangement)" />
      <PracticeHow v-model:counts="counts" :how="how" :player="player" />
    </details>
  </div>
  <section v-if="steps.length" aria-label="The way">
    <h3>
      The way
      <span>{{ share }}</span>
    </h3>
    <p v-if="lastTime" class="why">
      {{ lastTime }}
      <slot name="last" :day="record.last.value!.day" />
    </p>
    <PractisedBars
      v-if="arrangement && record.kept.value.length"
      :tune="arrangement"
      :kept="record.kept.value"
    />
    <PracticeWay
      :way="way"
      :record="record"
      :tune="arrangement"
      :at="at"
      :teaches="teaches"
      @choose="choose"
      @add="now && way.add(at, { ...now, why: 'because your teacher wants it', word: '' })"
    />
    <slot />
    <button v-if="now" class="sound plain-button" :disabled="files.busy.value" @click="takeSound">
      This step as sound, to take along
    </button>
    <p class="care">
      <template v-if="record.minutesToday.value">
        Today: {{ minutesOf(record.minutesToday.value)
        }}{{ record.minutesToday.value >= REST ? '; time for a rest.' : '.' }}
      </template>
      Stop where something hurts, and rest after twenty minutes.
    </p>
  </section>
  <p v-if="trouble || files.trouble.value" role="alert">{{ trouble || files.trouble.value }}</p>
</template>

<style scoped>
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
h3 {
  margin: 6px 0;
}
h3 span {
  font-weight: 400;
}
.more {
  margin-top: 14px;
}
.more summary {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  font-weight: 600;
  cursor: pointer;
}
.more summary::before {
  content: '\25b8';
}
.more[open] summary::before {
  content: '\25be';
}
.sound {
  min-height: 44px;
  color: var(--zest);
  text-decoration: underline;
}
</style>
