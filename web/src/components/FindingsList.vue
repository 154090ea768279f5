<script setup lang="ts">
import { barName } from '../player/words';
import type { Finding } from '../api/client';

/** What to mind; each entry leads to its bar. */
const props = defineProps<{
  findings: Finding[];
  chosen: number;
  /** How many fixed voicings wait for a chord that fits them. */
  waiting: number;
}>();
const emit = defineEmits<{ choose: [chord: number] }>();
/** The ways to mend a chord stand below the first of what is found at it. */
const isFirstHere = (i: number) =>
  props.findings.findIndex(
    ({ chord, others }) =>
      chord === props.chosen || others?.some((other) => other.chord === props.chosen),
  ) === i;
</script>

<template>
  <section class="findings" aria-labelledby="mind-heading">
    <h2 id="mind-heading">Watch out</h2>
    <p v-if="!findings.length" class="well">Nothing: it lies well under this hand.</p>
    <ul>
      <li v-for="(finding, i) in findings" :key="i">
        <button
          class="finding plain-button"
          :class="{ here: finding.chord === chosen }"
          :data-rule="finding.rule"
          @click="emit('choose', finding.chord)"
        >
          <span class="wedge" aria-hidden="true" />
          <span>
            <b>{{ barName(finding.bar) }} · {{ finding.title }}</b>
            <span class="what">{{ finding.message }}.</span>
            <span class="remedy">{{ finding.remedy }}.</span>
          </span>
        </button>
        <RouterLink
          v-if="finding.page"
          class="about"
          :to="{ name: 'rules', params: { code: finding.page } }"
        >
          See and hear what this is
        </RouterLink>
        <p v-if="finding.others?.length" class="places">
          also bar
          <button
            v-for="other in finding.others"
            :key="other.chord"
            class="plain-button"
            :class="{ here: other.chord === chosen }"
            @click="emit('choose', other.chord)"
          >
            {{ other.bar }}
          </button>
        </p>
        <slot v-if="isFirstHere(i)" :finding="finding" />
      </li>
    </ul>
    <p v-if="waiting" class="well">
      {{ waiting }} of your fixed chords no longer fit the text and wait.
    </p>
  </section>
</template>

<style scoped>
.well {
  margin: 4px 0;
  color: var(--ink-soft);
}
ul {
  margin: 4px 0 0;
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
.about {
  display: inline-flex;
  align-items: center;
  min-height: 40px;
  margin-left: 34px;
}
.places {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px 6px;
  margin: 0 0 0 34px;
  color: var(--ink-soft);
}
.places button {
  min-width: 40px;
  min-height: 40px;
  border-radius: 10px;
  text-align: center;
}
.places button:hover,
.places .here {
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
