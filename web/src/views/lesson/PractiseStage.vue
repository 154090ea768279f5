<script setup lang="ts">
import Button from 'primevue/button';
import SelectButton from 'primevue/selectbutton';
import { computed, onScopeDispose, ref, watch } from 'vue';
import { api, type PracticeStep } from '../../api/client';
import { keepHere } from '../../composables/keepHere';
import { useLadder } from '../../composables/useLadder';
import { useLatest } from '../../composables/useLatest';
import type { Balance } from '../../player/timeline';
import { barName } from '../../player/words';
import { useLesson } from './useLesson';

/** Practising in small steps: one press sets what is heard, which bars go round and how slowly. */
const { id, tune, page, player, arrangement, chosen } = useLesson();
const { ask, trouble } = useLatest();

const HANDS: Record<PracticeStep['hands'], string> = {
  right: 'Right hand',
  bass: 'Bass alone',
  left: 'Left hand',
  together: 'Both hands',
};
const FULL: Balance = { tune: 0.85, bass: 0.7, chords: 0.55 };
const SOFT = 0.35;
const PARTS: { id: keyof Balance; name: string; of: PracticeStep['hands'][] }[] = [
  { id: 'tune', name: 'Tune', of: ['right', 'together'] },
  { id: 'bass', name: 'Bass', of: ['bass', 'left', 'together'] },
  { id: 'chords', name: 'Chords', of: ['left', 'together'] },
];
const HEARD = ['heard', 'softer', 'silent'] as const;
type Heard = (typeof HEARD)[number];
/** Where there is no tune none can be heard. */
const parts = computed(() =>
  PARTS.filter((part) => part.id !== 'tune' || arrangement.value?.melody.length),
);
const loud = (part: keyof Balance, heard: Heard) =>
  heard === 'silent' ? 0 : heard === 'softer' ? SOFT * FULL[part] : FULL[part];

const steps = ref<PracticeStep[]>([]);
const at = ref(0);
const step = computed(() => steps.value[at.value]);
const heard = ref<Record<keyof Balance, Heard>>({ tune: 'heard', bass: 'heard', chords: 'heard' });
const ladder = useLadder();

/** Steps that are done, by what they are: the order may change with the tune. */
const kept = `zesty.practice.${id}`;
const nameOf = ({ hands, from, to }: PracticeStep) => `${hands} ${from} ${to}`;
const done = ref<string[]>(JSON.parse(localStorage.getItem(kept) ?? '[]') as string[]);
watch(done, (some) => keepHere(kept, JSON.stringify(some)));
const isDone = (one: PracticeStep) => done.value.includes(nameOf(one));
function tick(one: PracticeStep) {
  const name = nameOf(one);
  done.value = isDone(one) ? done.value.filter((other) => other !== name) : [...done.value, name];
}
const minutesLeft = computed(() =>
  Math.ceil(
    steps.value.filter((one) => !isDone(one)).reduce((sum, { minutes }) => sum + minutes, 0),
  ),
);

const barsOf = ({ from, to }: PracticeStep) => {
  const number = (bar: number) => arrangement.value?.bars[bar]?.number ?? bar + 1;
  return from === to
    ? barName(number(from)).toLowerCase()
    : `bars ${number(from)} to ${number(to)}`;
};

watch(
  [page.shown, tune.played],
  ([chart, played]) => {
    if (!played) return;
    void ask(
      (signal) => api.practice(chart, played, signal),
      (path) => {
        steps.value = path;
        const next = path.findIndex((one) => !isDone(one));
        choose(Math.max(0, next));
      },
    );
  },
  { immediate: true },
);

function choose(index: number) {
  player.stop();
  at.value = index;
  const one = step.value;
  if (!one) return;
  ladder.begin({ start: one.start, goal: one.goal, rounds: one.rounds });
  heard.value = Object.fromEntries(
    PARTS.map((part) => [part.id, part.of.includes(one.hands) ? 'heard' : 'silent']),
  ) as Record<keyof Balance, Heard>;
  player.loop.value = { from: one.from, to: one.to };
}
// Its bars are looked at as soon as they are there.
watch([step, () => arrangement.value?.chords], ([one]) => {
  if (one) chosen.chooseBar(one.from);
});
/** Done with this step: on to the next that is not. */
function finish() {
  if (step.value && !isDone(step.value)) tick(step.value);
  const next = steps.value.findIndex((one, i) => i > at.value && !isDone(one));
  if (next >= 0) choose(next);
  else player.stop();
}

watch(
  heard,
  (now) => {
    player.parts.value = Object.fromEntries(
      PARTS.map((part) => [part.id, loud(part.id, now[part.id])]),
    ) as unknown as Balance;
  },
  { immediate: true, deep: true },
);
player.counted.value = true;
watch(player.rounds, (rounds) => {
  if (rounds) ladder.round();
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
  player.parts.value = undefined;
  player.counted.value = false;
  player.loop.value = undefined;
  if (arrangement.value) player.tempo.value = arrangement.value.tempo;
});
</script>

<template>
  <section v-if="step" class="now" aria-label="Now">
    <h2>{{ HANDS[step.hands] }}, {{ barsOf(step) }}</h2>
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
        @click="ladder.slip"
      />
      <Button label="Done" size="large" variant="outlined" @click="finish" />
    </div>
  </section>
  <p v-else class="why">Nothing sounds yet that could be practised.</p>

  <section v-if="steps.length" aria-label="The way">
    <h3>
      The way
      <span v-if="minutesLeft"
        >about {{ minutesLeft }} {{ minutesLeft === 1 ? 'minute' : 'minutes' }}</span
      >
      <span v-else>all done; well played</span>
    </h3>
    <ol class="steps">
      <li v-for="(one, i) in steps" :key="i" :class="{ here: i === at, done: isDone(one) }">
        <button
          class="plain-button"
          :aria-current="i === at ? 'step' : undefined"
          @click="choose(i)"
        >
          <b>{{ HANDS[one.hands] }}</b> {{ barsOf(one) }}
        </button>
        <input
          type="checkbox"
          :checked="isDone(one)"
          :aria-label="`${HANDS[one.hands]}, ${barsOf(one)}: done`"
          @change="tick(one)"
        />
      </li>
    </ol>
    <p class="care">Stop where something hurts, and rest after twenty minutes.</p>
  </section>
  <section v-if="step" class="parts" aria-label="What is heard">
    <div v-for="part in parts" :key="part.id" class="part">
      <span :id="`part-${part.id}`">{{ part.name }}</span>
      <SelectButton
        v-model="heard[part.id]"
        :options="[...HEARD]"
        :allow-empty="false"
        :aria-labelledby="`part-${part.id}`"
      />
    </div>
  </section>
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
.parts {
  display: grid;
  gap: 8px;
  margin-top: 18px;
}
.part {
  display: grid;
  grid-template-columns: 72px 1fr;
  align-items: center;
}
.part :deep(.p-selectbutton) {
  grid-template-columns: repeat(3, 1fr);
}
.part :deep(.p-togglebutton) {
  min-width: 0;
  padding-inline: 4px;
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
.steps input {
  width: 24px;
  height: 24px;
  margin-right: 10px;
}
</style>
