<script setup lang="ts">
import { computed } from 'vue';
import type { Choices } from '../api/client';
import { useCatalogue } from '../composables/useCatalogue';
import OneOf from './OneOf.vue';
import PanelHead from './PanelHead.vue';

/** How the notes are played once they are chosen: the foot, the touch, chords that come again quickly. */
const choices = defineModel<Choices>({ required: true });
const emit = defineEmits<{ close: [] }>();

const catalogue = useCatalogue();
const change = (part: Partial<Choices>) => (choices.value = { ...choices.value, ...part });
const foot = computed(() => catalogue.value?.pedals.find(({ id }) => id === choices.value.pedal));
const repeating = computed(() =>
  catalogue.value?.repeatings.find(({ id }) => id === choices.value.repeating),
);
const repeats = computed(
  () =>
    choices.value.figure === 'REPEATED' ||
    choices.value.stretches.some(({ figure }) => figure === 'REPEATED'),
);
</script>

<template>
  <section v-if="catalogue" aria-label="Touch and pedal">
    <PanelHead title="Touch and pedal" @close="emit('close')" />
    <label for="pedal">Pedal</label>
    <OneOf
      id="pedal"
      :chosen="choices.pedal"
      :of="catalogue.pedals"
      @choose="(pedal) => change({ pedal })"
    />
    <p>{{ foot?.words }}</p>
    <label for="touch">Touch</label>
    <OneOf
      id="touch"
      :chosen="choices.touch"
      :of="catalogue.touches"
      @choose="(touch) => change({ touch })"
    />
    <p />
    <label for="repeating">Repeated chords</label>
    <OneOf
      id="repeating"
      :chosen="choices.repeating"
      :of="catalogue.repeatings"
      @choose="(repeating) => change({ repeating })"
    />
    <p>{{ repeating?.words }}</p>
    <p v-if="!repeats">It shows where the pattern is “Repeated chords”.</p>
    <label for="fingering">Fingers</label>
    <OneOf
      id="fingering"
      :chosen="choices.fingering"
      :of="catalogue.fingerings"
      @choose="(fingering) => change({ fingering })"
    />
    <label for="ending">Last bar</label>
    <OneOf
      id="ending"
      :chosen="choices.ending"
      :of="catalogue.endings"
      @choose="(ending) => change({ ending })"
    />
    <label class="tick">
      <input
        type="checkbox"
        :checked="choices.tuneFingers"
        @change="change({ tuneFingers: ($event.target as HTMLInputElement).checked })"
      />
      fingers over the tune too
    </label>
    <p>
      In small doses, with the wrist let go between; stop at pain, and ask teacher or doctor where
      it stays.
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 4px;
}
label {
  font: 600 17px var(--titles);
  margin-top: 4px;
}
p {
  margin: 0;
  color: var(--ink-soft);
  line-height: 1.3;
}
p::first-letter {
  text-transform: uppercase;
}
</style>
