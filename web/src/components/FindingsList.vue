<script setup lang="ts">
import { barName } from '../player/words';
import { ref } from 'vue';
import type { Finding, Waiver } from '../api/client';

/** What to mind; each entry leads to its bar. */
const props = defineProps<{
  findings: Finding[];
  chosen: number;
  /** How many fixed voicings wait for a chord that fits them. */
  waiting: number;
  /** What is left as it is. */
  waivers: Waiver[];
  /** What teachers call the bars. */
  numbers: number[];
}>();
const emit = defineEmits<{
  choose: [chord: number];
  leave: [waiver: Waiver];
  mind: [waiver: Waiver];
}>();
/** The ways to mend a chord stand below the first of what is found at it. */
const isFirstHere = (i: number) =>
  props.findings.findIndex(
    ({ chord, others }) =>
      chord === props.chosen || others?.some((other) => other.chord === props.chosen),
  ) === i;

/** What may hurt a hand is not left as it is. */
const OF_THE_BODY = ['stretch', 'strain'];
/** Which finding is about to be left as it is, and why. */
const leaving = ref(-1);
const reason = ref('');
function leave(finding: Finding, everywhere = false) {
  const bar = everywhere ? -1 : props.numbers.indexOf(finding.bar);
  emit('leave', { code: finding.code, bar, reason: reason.value.trim() });
  leaving.value = -1;
  reason.value = '';
}
const nameOf = (bar: number) => barName(props.numbers[bar] ?? bar + 1).toLowerCase();
const titleOf = (code: string) => {
  const words = code.replace(/-/g, ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
};
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
        <form v-if="leaving === i" class="leave" @submit.prevent="leave(finding)">
          <input
            v-model="reason"
            aria-label="Why it may stay"
            placeholder="Why it may stay, if you like"
          />
          <button class="plain-button" type="submit">
            in {{ barName(finding.bar).toLowerCase() }}
          </button>
          <button class="plain-button" type="button" @click="leave(finding, true)">
            in the whole tune
          </button>
        </form>
        <button
          v-else-if="!OF_THE_BODY.includes(finding.rule)"
          class="about plain-button"
          @click="leaving = i"
        >
          Leave it as it is
        </button>
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
    <div v-if="waivers.length" class="left">
      <h3>Left as it is</h3>
      <p v-for="(one, i) in waivers" :key="i">
        <span>
          {{ titleOf(one.code) }}, {{ one.bar < 0 ? 'in the whole tune' : nameOf(one.bar)
          }}<template v-if="one.reason">: “{{ one.reason }}”</template>
        </span>
        <button class="plain-button" @click="emit('mind', one)">Watch out again</button>
      </p>
    </div>
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
  display: flex;
  text-decoration: underline;
  align-items: center;
  min-height: 40px;
  margin-left: 34px;
}
.leave {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 4px 0 0 34px;
}
.leave input {
  flex: 1 1 100%;
  min-height: 42px;
  padding: 0 12px;
  font: inherit;
  color: var(--ink);
  background: var(--page);
  border: 1px solid var(--line);
  border-radius: 10px;
}
.leave button,
.left button {
  min-height: 40px;
  padding: 0 10px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
.left {
  display: grid;
  gap: 6px;
  margin-top: 14px;
}
.left h3 {
  font-size: 17px;
}
.left p {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  margin: 0;
  color: var(--ink-soft);
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
