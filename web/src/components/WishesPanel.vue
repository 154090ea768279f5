<script setup lang="ts">
import { computed } from 'vue';
import type { Choices } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import OneOf from './OneOf.vue';
import PanelHead from './PanelHead.vue';

/** How much the teacher minds what: every term by which left hands are compared, each to be turned. */
const choices = defineModel<Choices>({ required: true });
/** How many half steps another hand could be better at most; 0 where none is. */
defineProps<{ gap: number }>();
const emit = defineEmits<{ close: [] }>();

const catalogue = useCatalogue();
const STEPS = [
  { id: 0, name: 'no matter' },
  { id: 1, name: 'a little' },
  { id: 4, name: 'some' },
  { id: 12, name: 'much' },
  { id: 40, name: 'above all' },
];
/** What the school charges is usual for those who choose it. */
const school = computed(() =>
  catalogue.value?.schools.find(({ id }) => id === choices.value.school),
);
const rows = computed(() =>
  (catalogue.value?.wishes ?? []).map(({ id, name, weight: plain }) => {
    const weight = school.value?.weights[id] ?? plain;
    const now = choices.value.weights[id] ?? weight;
    const usual = { id: weight, name: `as usual` };
    const known = [usual, ...STEPS.filter((step) => step.id !== weight)];
    const steps = known.some((step) => step.id === now)
      ? known
      : [...known, { id: now, name: `${now} half steps` }];
    return { id, name: `${name[0]!.toUpperCase()}${name.slice(1)}`, weight, now, steps };
  }),
);
const turned = computed(() => Object.keys(choices.value.weights).length > 0);

function turn(id: string, value: number, usual: number) {
  const others = Object.fromEntries(
    Object.entries(choices.value.weights).filter(([other]) => other !== id),
  );
  choices.value = {
    ...choices.value,
    weights: value === usual ? others : { ...others, [id]: value },
  };
}
/** Notes the hand shall not play, as they are typed. */
const forbidden = computed({
  get: () => choices.value.forbidden.join(' '),
  set: (text) => {
    const notes = text
      .split(/[\s,]+/)
      .map((note) => note && `${note[0]!.toUpperCase()}${note.slice(1)}`)
      .filter((note) => /^[A-G](#|b|♯|♭)?$/.test(note));
    choices.value = { ...choices.value, forbidden: [...new Set(notes)].slice(0, 11) };
  },
});
</script>

<template>
  <section aria-label="Preferences">
    <PanelHead title="Preferences" @close="emit('close')" />
    <p class="soft">
      {{
        gap
          ? `No left hand with these preferences is better by more than ${gap} half steps.`
          : 'No left hand is better with these preferences.'
      }}
    </p>
    <ul>
      <li v-for="row in rows" :key="row.id">
        <label :for="`wish-${row.id}`">{{ row.name }}</label>
        <OneOf
          :id="`wish-${row.id}`"
          :chosen="row.now"
          :of="row.steps"
          @choose="(value) => turn(row.id, value, row.weight)"
        />
      </li>
      <li>
        <label for="forbidden">Notes to leave out</label>
        <input id="forbidden" v-model.lazy="forbidden" placeholder="such as F# B" />
      </li>
    </ul>
    <button v-if="turned" class="plain-button reset" @click="choices = { ...choices, weights: {} }">
      All as usual
    </button>
  </section>
</template>

<style scoped>
ul {
  display: grid;
  gap: 6px;
  margin: 8px 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 132px;
  align-items: center;
  gap: 8px;
  line-height: 1.2;
}
.soft {
  margin: 6px 0;
  color: var(--ink-soft);
}
input {
  font: inherit;
  color: inherit;
  min-height: 40px;
  width: 100%;
  padding: 0 8px;
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
.reset {
  min-height: 40px;
  padding: 0 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
</style>
