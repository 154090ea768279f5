<script setup lang="ts">
import { ref } from 'vue';
import { useLatest } from '../composables/useLatest';
import { api, type Choices, type HandProposal, type HandStep, type Played } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import OneOf from './OneOf.vue';
import PanelHead from './PanelHead.vue';

/** From one wish three whole left hands, easy to rich, each with what makes it hard. */
const props = defineProps<{ chart: string; played: Played; level: number }>();
const emit = defineEmits<{
  take: [choices: Choices];
  compare: [name: string, choices: Choices];
  close: [];
}>();

const catalogue = useCatalogue();
const level = ref(props.level || 2);
const texture = ref<'ANY' | 'CALM' | 'FLOWING' | 'DANCE' | 'RHYTHMIC'>('ANY');
const minutes = ref(15);
const found = ref<HandProposal[]>();
const { ask, busy, trouble } = useLatest();
const LEVELS = ['first term', 'first year', 'second year', 'third year', 'and beyond'].map(
  (name, i) => ({
    id: i + 1,
    name: `${i + 1}: ${name}`,
  }),
);

const steps = ref<HandStep[]>();
const stepsTo = ref('');

function propose() {
  steps.value = undefined;
  const wish = {
    level: level.value,
    texture: texture.value,
    minutes: Math.max(1, Math.min(600, minutes.value || 15)),
  };
  void ask(
    (signal) => api.proposals(props.chart, props.played, wish, signal),
    (proposals) => (found.value = proposals),
  );
}

/** The way to a left hand, a thing more at a time; without one to that which is played now. */
const showSteps = (name: string, choices: Choices) =>
  ask(
    (signal) => api.steps(props.chart, { ...props.played, choices }, signal),
    (way) => {
      steps.value = way;
      stepsTo.value = name;
    },
  );

const NAMES = ['Easy', 'Fitting', 'Rich'];
const name = (i: number) => ((found.value?.length ?? 0) === 3 ? NAMES[i] : `Way ${i + 1}`);
const what = (one: HandProposal) => `${one.style}, ${one.figure.toLowerCase()}`;
const days = (n: number) => `about ${n} ${n === 1 ? 'day' : 'days'} of practice`;
</script>

<template>
  <section aria-label="Suggestions" :aria-busy="busy">
    <PanelHead title="Suggestions" @close="emit('close')" />
    <form class="wish" @submit.prevent="propose">
      <label for="wish-level">Level</label>
      <OneOf id="wish-level" :chosen="level" :of="LEVELS" @choose="(value) => (level = value)" />
      <label for="wish-texture">Kind</label>
      <OneOf
        id="wish-texture"
        :chosen="texture"
        :of="(catalogue?.textures ?? []) as { id: typeof texture; name: string }[]"
        @choose="(value) => (texture = value)"
      />
      <label for="wish-minutes">Minutes</label>
      <input id="wish-minutes" v-model.number="minutes" type="number" min="1" max="600" />
      <button class="plain-button go" :disabled="busy">Suggest</button>
    </form>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <p v-if="found && !found.length">There are no chords yet to play a left hand to.</p>
    <template v-if="steps">
      <p class="soft">{{ stepsTo }}, a thing more at a time:</p>
      <ol aria-live="polite" :aria-label="`Steps to ${stepsTo}`">
        <li v-for="(step, i) in steps" :key="i" class="step">
          <h3>
            {{ i + 1 }}. {{ step.name }} <small>level {{ step.difficulty.step }}</small>
          </h3>
          <div class="do">
            <button class="plain-button" @click="emit('compare', step.name, step.choices)">
              Compare
            </button>
            <button class="plain-button take" @click="emit('take', step.choices)">Take it</button>
          </div>
        </li>
      </ol>
      <button class="plain-button go" @click="steps = undefined">Back</button>
    </template>
    <ul v-else aria-live="polite">
      <li v-for="(one, i) in found ?? []" :key="i">
        <h3>
          {{ name(i) }} <small>level {{ one.difficulty.step }}</small>
        </h3>
        <p class="what">{{ what(one) }}</p>
        <p v-if="one.wanted !== one.difficulty.step" class="soft">
          the nearest there is to level {{ one.wanted }} for this hand and these chords
        </p>
        <dl>
          <template v-for="measure in one.difficulty.measures" :key="measure.name">
            <dt>{{ measure.name }}</dt>
            <dd>{{ measure.value }}</dd>
          </template>
        </dl>
        <p class="soft">{{ days(one.days) }}</p>
        <div class="do">
          <button class="plain-button" @click="emit('compare', what(one), one.choices)">
            Compare
          </button>
          <button class="plain-button" @click="showSteps(what(one), one.choices)">In steps</button>
          <button class="plain-button take" @click="emit('take', one.choices)">Take it</button>
        </div>
      </li>
    </ul>
    <button
      v-if="!steps"
      class="plain-button go"
      @click="showSteps('Your left hand', played.choices)"
    >
      Your left hand in steps
    </button>
  </section>
</template>

<style scoped>
.wish {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 6px 10px;
  align-items: center;
  margin: 8px 0;
}
input {
  font: inherit;
  color: inherit;
  min-height: 40px;
  width: 100%;
  padding: 0 10px;
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
.go,
.do button {
  min-height: 40px;
  padding: 0 14px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
.go {
  grid-column: span 2;
  width: 100%;
  margin-top: 4px;
  text-align: center;
  background: var(--zest-wash);
  font-weight: 600;
}
ul,
ol {
  display: grid;
  gap: 10px;
}
li {
  padding: 8px 10px;
  border: 1px solid var(--line);
  border-radius: 12px;
}
h3 {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  margin: 0;
  font: 600 18px var(--titles);
}
small,
.soft {
  font: 400 16px var(--reading);
  color: var(--ink-soft);
}
small {
  white-space: nowrap;
}
.what {
  margin: 2px 0 4px;
}
dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 8px;
  margin: 0;
  font-size: 16px;
}
dt {
  color: var(--ink-soft);
  white-space: nowrap;
}
dd {
  margin: 0;
  text-align: right;
}
.soft {
  margin: 2px 0 6px;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.take {
  background: var(--zest-wash);
  font-weight: 600;
}
.trouble {
  color: var(--caution);
}
</style>
