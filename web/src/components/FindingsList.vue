<script setup lang="ts">
import type { Arrangement } from '../api/client';

/** What to mind; each entry leads to its bar. */
const props = defineProps<{ tune: Arrangement | undefined; chosen: number }>();
const emit = defineEmits<{ choose: [chord: number] }>();

const barOf = (chord: number) => {
  const bar = props.tune?.chords[chord]?.bar ?? 0;
  return props.tune?.bars[bar]?.number ?? bar + 1;
};
</script>

<template>
  <section v-if="tune" class="findings" aria-labelledby="mind-heading">
    <h2 id="mind-heading">Mind this</h2>
    <p v-if="!tune.findings.length && tune.chords.length" class="well">
      Nothing: it lies well under this hand.
    </p>
    <ul>
      <li v-for="(finding, i) in tune.findings" :key="i">
        <button
          class="finding plain-button"
          :class="{ here: finding.chord === chosen }"
          :data-rule="finding.rule"
          @click="emit('choose', finding.chord)"
        >
          <span class="wedge" aria-hidden="true" />
          <span>
            <b>Bar {{ barOf(finding.chord) }} · {{ finding.title }}</b>
            <span class="what">{{ finding.message }}.</span>
            <span class="remedy">{{ finding.remedy }}.</span>
          </span>
        </button>
      </li>
    </ul>
    <p v-if="tune.lostPins.length" class="well">
      {{ tune.lostPins.length }} of your fixed chords no longer fit the text and wait.
    </p>
  </section>
</template>

<style scoped>
.well {
  margin: 4px 0;
  color: var(--ink-soft);
}
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.finding {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 10px;
  width: 100%;
  padding: 8px;
  border-radius: 10px;
  font-size: 16px;
  line-height: 1.35;
}
.finding:hover,
.finding.here {
  background: var(--caution-wash);
}
.what,
.remedy {
  display: block;
}
.what::first-letter,
.remedy::first-letter {
  text-transform: uppercase;
}
.remedy {
  color: var(--ink-soft);
}
.finding.here .remedy {
  color: var(--ink);
}
.wedge {
  margin-top: 4px;
  width: 0;
  height: 0;
  border: 8px solid transparent;
  border-top: 0;
  border-bottom: 14px solid var(--caution);
}
</style>
