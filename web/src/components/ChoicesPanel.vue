<script setup lang="ts">
import { computed } from 'vue';
import type { Choices, Hand } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import OneOf from './OneOf.vue';

/** How to play it, which figure, how far the hand reaches: all that the catalogue offers. */
const choices = defineModel<Choices>({ required: true });
const hand = defineModel<Hand>('hand', { required: true });
/** Half steps that all fingers move in the whole tune as it is played now. */
const props = defineProps<{ moved: number }>();

const catalogue = useCatalogue();
const styles = computed(() => catalogue.value?.styles ?? []);
const style = computed(() => styles.value.find((one) => one.id === choices.value.style));
const named = (values: string[] | undefined, word: string) =>
  (values ?? []).map((id) => ({ id, name: `${word} ${id}` }));

/** A span set elsewhere, such as 13, stays what it is. */
const spans = computed(() => {
  const { span } = hand.value;
  const usual = (catalogue.value?.spans ?? []).map(({ semitones, name }) => ({
    id: semitones,
    name,
  }));
  return usual.some(({ id }) => id === span)
    ? usual
    : [...usual, { id: span, name: `${span} half steps` }];
});

const told = computed(() => {
  const { level, words } = style.value!;
  const sum = props.moved ? ` ${props.moved} half steps to move in all.` : '';
  return `Level ${level}: ${words}.${sum}`;
});

const change = (part: Partial<Choices>) => (choices.value = { ...choices.value, ...part });
const set = (id: string, value: string) =>
  change({ settings: { ...choices.value.settings, [id]: value } });
const changeHand = (part: Partial<Hand>) => (hand.value = { ...hand.value, ...part });
</script>

<template>
  <section v-if="catalogue" class="choices" aria-label="How it is played">
    <label for="style" class="title">Style</label>
    <OneOf
      id="style"
      :chosen="choices.style"
      :of="styles"
      @choose="(style) => change({ style, settings: {} })"
    />
    <p v-if="style" class="words">{{ told }}</p>
    <template v-for="setting in style?.settings ?? []" :key="setting.id">
      <label :for="`setting-${setting.id}`" class="title">{{ setting.name }}</label>
      <OneOf
        :id="`setting-${setting.id}`"
        :chosen="choices.settings[setting.id] ?? setting.values[0]!.id"
        :of="setting.values"
        @choose="(value) => set(setting.id, value)"
      />
    </template>
    <label for="figure" class="title">Figure</label>
    <OneOf
      id="figure"
      :chosen="choices.figure"
      :of="catalogue.figures"
      @choose="(figure) => change({ figure })"
    />
    <label for="span" class="title">Hand</label>
    <OneOf id="span" :chosen="hand.span" :of="spans" @choose="(span) => changeHand({ span })" />
    <details class="where">
      <summary>{{ hand.lowest }} to {{ hand.highest }} on the keyboard</summary>
      <div class="range">
        <OneOf
          name="Lowest note of the hand"
          :chosen="hand.lowest"
          :of="named(catalogue.lowest, 'from')"
          @choose="(lowest) => changeHand({ lowest })"
        />
        <OneOf
          name="Highest note of the hand"
          :chosen="hand.highest"
          :of="named(catalogue.highest, 'to')"
          @choose="(highest) => changeHand({ highest })"
        />
      </div>
    </details>
  </section>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: center;
  gap: 6px 10px;
}
.title {
  font: 600 17px var(--titles);
}
.words,
.where {
  grid-column: span 2;
}
.words {
  margin: 0;
  color: var(--ink-soft);
  line-height: 1.3;
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
