<script setup lang="ts">
import Button from 'primevue/button';
import InputNumber from 'primevue/inputnumber';
import InputText from 'primevue/inputtext';
import { ref } from 'vue';
import type { Arrangement, PracticeStep } from '../api/client';
import type { usePractised } from '../composables/usePractised';
import type { useWay } from '../composables/useWay';
import { barsOf, HANDS } from './practice-words';

/** The steps in their order: one is chosen, ticked off, or, where the teacher changes the way, moved, left out, given a word. */
const props = defineProps<{
  way: ReturnType<typeof useWay>;
  record: ReturnType<typeof usePractised>;
  tune: Arrangement | undefined;
  at: number;
  /** Whether it may be changed. */
  teaches: boolean;
}>();
const emit = defineEmits<{ choose: [index: number]; add: [] }>();
const changes = ref(false);

const NUMBERS = [
  { of: 'start', name: 'From %', min: 10, max: 200 },
  { of: 'goal', name: 'To %', min: 10, max: 200 },
  { of: 'by', name: 'By %', min: 1, max: 50 },
  { of: 'rounds', name: 'Rounds', min: 1, max: 20 },
] as const;

const isThere = ({ from, to }: PracticeStep) =>
  from >= 0 && (!props.tune || to < props.tune.bars.length);
const where = (one: PracticeStep) => (isThere(one) ? barsOf(one, props.tune) : '');
const name = (one: PracticeStep) => `${HANDS[one.hands]} ${where(one)}`;
</script>

<template>
  <ol class="steps">
    <li
      v-for="(one, i) in way.steps.value"
      :key="i"
      :class="{ here: i === at, done: record.isDone(one) }"
    >
      <button
        class="step plain-button"
        :aria-current="i === at ? 'step' : undefined"
        :disabled="!isThere(one)"
        @click="emit('choose', i)"
      >
        <b>{{ HANDS[one.hands] }}</b> {{ where(one) }}
        <span v-if="!isThere(one)" class="word">These bars are no longer there.</span>
        <span v-else-if="one.word && !changes" class="word">{{ one.word }}</span>
        <span v-if="record.reached(one)" class="reached">{{ record.reached(one) }} %</span>
      </button>
      <input
        v-if="!changes"
        type="checkbox"
        :checked="record.isDone(one)"
        :aria-label="`${name(one)}: done`"
        @change="record.tick(one, !record.isDone(one))"
      />
      <div v-else class="change">
        <InputText
          :model-value="one.word"
          maxlength="200"
          placeholder="A word"
          :aria-label="`${name(one)}: a word for the student`"
          @change="way.change(i, { word: ($event.target as HTMLInputElement).value })"
        />
        <Button
          icon="pi pi-arrow-up"
          variant="text"
          :aria-label="`${name(one)}: earlier`"
          :disabled="i === 0"
          @click="way.move(i, -1)"
        />
        <Button
          icon="pi pi-arrow-down"
          variant="text"
          :aria-label="`${name(one)}: later`"
          :disabled="i + 1 === way.steps.value.length"
          @click="way.move(i, 1)"
        />
        <Button
          icon="pi pi-times"
          variant="text"
          :aria-label="`${name(one)}: leave out`"
          :disabled="way.steps.value.length === 1"
          @click="way.remove(i)"
        />
        <div v-if="i === at" class="numbers">
          <label v-for="number in NUMBERS" :key="number.of">
            {{ number.name }}
            <InputNumber
              :model-value="one[number.of]"
              :min="number.min"
              :max="number.max"
              fluid
              @update:model-value="(value) => value && way.change(i, { [number.of]: value })"
            />
          </label>
        </div>
      </div>
    </li>
  </ol>
  <div v-if="teaches" class="do">
    <Button
      :label="changes ? 'Ready' : 'Change the way'"
      variant="outlined"
      size="small"
      @click="changes = !changes"
    />
    <template v-if="changes">
      <Button
        label="Add what goes round now"
        variant="outlined"
        size="small"
        @click="emit('add')"
      />
      <Button
        v-if="way.isOwn.value"
        label="Back to the app’s own way"
        variant="outlined"
        size="small"
        @click="way.forget"
      />
    </template>
  </div>
</template>

<style scoped>
.steps {
  margin: 0 0 12px;
  padding: 0;
  list-style: none;
}
.steps li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 8px;
  border-radius: 10px;
}
.steps li.here {
  background: var(--zest-wash);
}
.steps li.done .step {
  color: var(--ink-soft);
}
.step {
  flex: 1;
  min-height: 44px;
  padding: 0 10px;
  text-align: left;
}
.step:disabled {
  opacity: 0.7;
}
.word {
  display: block;
  color: var(--ink-soft);
}
.reached {
  float: right;
  color: var(--ink-soft);
}
.steps input[type='checkbox'] {
  width: 24px;
  height: 24px;
  margin-right: 10px;
}
.change {
  display: grid;
  grid-template-columns: minmax(0, 1fr) repeat(3, 40px);
  box-sizing: border-box;
  width: 100%;
  padding: 0 0 6px 10px;
}
.change :deep(.p-inputtext) {
  min-width: 0;
}
.numbers :deep(.p-inputtext) {
  padding-inline: 8px;
}
.numbers {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 6px;
  padding: 6px 8px 0 0;
  white-space: nowrap;
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
