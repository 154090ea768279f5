<script setup lang="ts">
import Button from 'primevue/button';
import type { Arrangement, ArrangedChord, PracticeStep } from '../api/client';
import type { useLadder } from '../composables/useLadder';
import { barsOf, HANDS } from './practice-words';
import SmallKeys from './SmallKeys.vue';

/** What is practised now: large enough to be read, and pressed, from the piano. */
const props = defineProps<{
  step: PracticeStep;
  tune: Arrangement | undefined;
  ladder: ReturnType<typeof useLadder>;
  state: 'still' | 'loading' | 'playing';
  /** The chord that comes next, where it is shown. */
  next: ArrangedChord | undefined;
  /** Whether the hand was wide open for long enough. */
  rests: boolean;
  /** Whether its keys are not to be seen. */
  byHeart: boolean;
}>();
const emit = defineEmits<{ toggle: []; slip: []; done: [] }>();
const { percent, clean, reached } = props.ladder;
</script>

<template>
  <section class="now" aria-label="Now">
    <h2>{{ HANDS[step.hands] }}, {{ barsOf(step, tune) }}</h2>
    <p class="why">{{ step.word || `${step.why}.` }}</p>
    <p v-if="step.isWide" class="care" :class="{ rest: rests }" role="status">
      {{
        rests
          ? 'Let your hand rest now, and shake it out.'
          : 'Wide for the hand: a minute at a time, then a rest.'
      }}
    </p>
    <p class="tempo" aria-live="polite">
      <b>{{ percent }} %</b> of the tempo, on to {{ step.goal }}&nbsp;%
    </p>
    <p class="rounds" :aria-label="`${clean} of ${step.rounds} rounds without a slip`">
      <span
        v-for="round in step.rounds"
        :key="round"
        class="round"
        :class="{ clean: round <= clean }"
      />
      <span>{{ reached ? 'That goes well. On to the next?' : 'rounds without a slip' }}</span>
    </p>
    <div class="do">
      <Button
        :label="state === 'still' ? 'Begin' : 'Stop'"
        :icon="state === 'still' ? 'pi pi-play' : 'pi pi-stop'"
        size="large"
        @click="emit('toggle')"
      />
      <Button
        label="A slip"
        size="large"
        variant="outlined"
        :disabled="state !== 'playing'"
        @click="emit('slip')"
      />
      <Button label="Done" size="large" variant="outlined" @click="emit('done')" />
    </div>
    <div v-if="next" class="next">
      <span
        >Next <b>{{ next.symbol }}</b></span
      >
      <SmallKeys v-if="!byHeart" :keys="next.keys" />
    </div>
  </section>
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
.tempo b {
  font-size: 30px;
  font-variant-numeric: tabular-nums;
}
.care.rest {
  font-weight: 600;
}
.rounds {
  display: flex;
  align-items: center;
  gap: 8px;
}
.round {
  flex: none;
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
.next {
  display: grid;
  grid-template-columns: auto minmax(0, 240px);
  gap: 14px;
  align-items: center;
}
.next b {
  margin-left: 6px;
  font-size: 30px;
}
p {
  margin: 0;
}
.why {
  color: var(--ink-soft);
}
.why::first-letter {
  text-transform: uppercase;
}
</style>
