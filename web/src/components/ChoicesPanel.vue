<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import type { Choices } from '../api/client';
import { figures, highestNotes, lowestNotes, spans, ways } from './words';

/** How to play it, which figure, how far the hand reaches. */
const choices = defineModel<Choices>({ required: true });

const change = (part: Partial<Choices>) => (choices.value = { ...choices.value, ...part });
const changeHand = (part: Partial<Choices['hand']>) =>
  change({ hand: { ...choices.value.hand, ...part } });

/** A span set elsewhere, such as 13, stays what it is. */
const spanOptions = computed(() => {
  const span = choices.value.hand.span;
  return spans.some((s) => s.value === span)
    ? spans
    : [...spans, { value: span, label: `${span} half steps` }];
});
</script>

<template>
  <section class="choices">
    <label for="way" class="title">How to play it</label>
    <Select
      input-id="way"
      :model-value="choices.way"
      :options="ways"
      option-label="label"
      option-value="value"
      fluid
      @update:model-value="(way) => change({ way })"
    />
    <fieldset>
      <legend class="title">Figure</legend>
      <div class="figures">
        <label v-for="figure in figures" :key="figure.value" class="figure">
          <input
            type="radio"
            name="figure"
            :value="figure.value"
            :checked="choices.figure === figure.value"
            @change="change({ figure: figure.value })"
          />
          <span>{{ figure.label }}</span>
        </label>
      </div>
    </fieldset>
    <div class="reach">
      <label for="span" class="title">Hand</label>
      <Select
        input-id="span"
        :model-value="choices.hand.span"
        :options="spanOptions"
        option-label="label"
        option-value="value"
        fluid
        @update:model-value="(span) => changeHand({ span })"
      />
    </div>
    <details class="where">
      <summary>{{ choices.hand.lowest }} to {{ choices.hand.highest }} on the keyboard</summary>
      <div class="range">
        <Select
          aria-label="Lowest note of the hand"
          :model-value="choices.hand.lowest"
          :options="lowestNotes"
          option-label="label"
          option-value="value"
          fluid
          @update:model-value="(lowest) => changeHand({ lowest })"
        />
        <Select
          aria-label="Highest note of the hand"
          :model-value="choices.hand.highest"
          :options="highestNotes"
          option-label="label"
          option-value="value"
          fluid
          @update:model-value="(highest) => changeHand({ highest })"
        />
      </div>
    </details>
  </section>
</template>

<style scoped>
.choices {
  display: grid;
  gap: 6px;
}
.title {
  font: 600 17px var(--titles);
}
.title:not(:first-child) {
  margin-top: 6px;
}
fieldset {
  border: 0;
  margin: 8px 0 0;
  padding: 0;
}
.figures {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin-top: 6px;
}
.figure {
  position: relative;
  cursor: pointer;
}
.figure input {
  position: absolute;
  opacity: 0;
  inset: 0;
  cursor: pointer;
}
.figure span {
  display: grid;
  place-items: center;
  min-height: 42px;
  border-radius: 10px;
  background: var(--page);
  border: 2px solid transparent;
}
.figure input:checked + span {
  background: var(--zest-wash);
  border-color: var(--zest);
  font-weight: 600;
}
.figure input:focus-visible + span {
  outline: 3px solid var(--zest);
  outline-offset: 2px;
}
.reach {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  margin-top: 6px;
}
.reach .title {
  margin: 0;
}
summary {
  min-height: 30px;
  padding: 4px 0;
  color: var(--ink-soft);
  cursor: pointer;
  font-size: 16px;
}
.range {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
</style>
