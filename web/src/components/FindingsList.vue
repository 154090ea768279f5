<script setup lang="ts">
import Select from 'primevue/select';
import { ref, toRef } from 'vue';
import type { Finding, OwnRule, Waiver } from '../api/client';
import { ALL, OWN_SEVERITIES, SEVERITIES, useFindings } from '../composables/useFindings';
import { barName } from '../player/words';
import LeaveForm, { type Scope } from './LeaveForm.vue';

/** What was found, the gravest first; each entry leads to its bar. */
const props = defineProps<{
  findings: Finding[];
  chosen: number;
  /** How many fixed voicings wait for a chord that fits them. */
  waiting: number;
  /** What is left as it is. */
  waivers: Waiver[];
  /** What the teacher minds in her own way in every tune. */
  mix: OwnRule[];
  /** What teachers call the bars. */
  numbers: number[];
}>();
const emit = defineEmits<{
  choose: [chord: number];
  /** Which one is looked at. */
  show: [finding: Finding];
  leave: [waiver: Waiver];
  mind: [waiver: Waiver];
  leaveAlways: [code: string, reason: string];
  mindAgain: [code: string];
  fixAll: [];
}>();
const { wanted, kinds, listed, total } = useFindings(toRef(props, 'findings'));
/** Which of what is found at the chosen chord is looked at: the one that was pressed, or the first. */
const looked = ref('');
const isHere = ({ chord, others }: Finding) =>
  chord === props.chosen || others?.some((other) => other.chord === props.chosen);
const isLookedAt = (i: number) => {
  const here = listed.value.filter(isHere);
  const one = here.find((finding) => keyOf(finding) === looked.value) ?? here[0];
  return listed.value[i] === one;
};
const keyOf = ({ code, chord, voices }: Finding) => [code, chord, ...voices].join(' ');
/** Which finding is about to be left as it is. */
const leaving = ref(-1);
function leave({ code, bar }: Finding, scope: Scope, reason: string) {
  leaving.value = -1;
  if (scope === 'always') return void emit('leaveAlways', code, reason);
  emit('leave', { code, bar: scope === 'tune' ? -1 : props.numbers.indexOf(bar), reason });
}
function look(finding: Finding, chord = finding.chord) {
  looked.value = keyOf(finding);
  emit('choose', chord);
  emit('show', finding);
}
const placeName = ({ bar, beat }: Finding) =>
  beat > 1 ? `${barName(bar)}, beat ${beat}` : barName(bar);
const nameOf = (bar: number) => barName(props.numbers[bar] ?? bar + 1).toLowerCase();
const titleOf = (code: string) => {
  const words = code.replace(/-/g, ' ');
  return words.charAt(0).toUpperCase() + words.slice(1);
};
</script>

<template>
  <section class="findings" aria-labelledby="mind-heading">
    <header>
      <h2 id="mind-heading">Watch out</h2>
      <button v-if="findings.length" class="plain-button" @click="emit('fixAll')">Fix all</button>
    </header>
    <Select
      v-if="kinds.length"
      v-model="wanted"
      class="kinds"
      aria-label="What is listed"
      :options="[{ group: '', items: [{ name: `Everything (${total})`, value: ALL }] }, ...kinds]"
      option-group-label="group"
      option-group-children="items"
      option-label="name"
      option-value="value"
      scroll-height="20rem"
    />
    <p v-if="!findings.length" class="well">No problems.</p>
    <ul>
      <li v-for="(finding, i) in listed" :key="i">
        <button
          class="finding plain-button"
          :class="[finding.severity, { here: finding.chord === chosen }]"
          :data-code="finding.code"
          @click="look(finding)"
        >
          <span class="wedge" role="img" :aria-label="SEVERITIES[finding.severity]" />
          <span>
            <b>{{ placeName(finding) }} · {{ finding.title }}</b>
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
        <LeaveForm
          v-if="leaving === i"
          :here="barName(finding.bar).toLowerCase()"
          @leave="(scope, reason) => leave(finding, scope, reason)"
        />
        <button v-else-if="!finding.bodily" class="about plain-button" @click="leaving = i">
          Ignore this
        </button>
        <p v-if="finding.others?.length" class="places">
          also bar
          <button
            v-for="other in finding.others"
            :key="other.chord"
            class="plain-button"
            :class="{ here: other.chord === chosen }"
            @click="look(finding, other.chord)"
          >
            {{ other.bar }}
          </button>
        </p>
        <slot v-if="isLookedAt(i)" :finding="finding" />
      </li>
    </ul>
    <div v-if="waivers.length || mix.length" class="left">
      <h3>Your exceptions</h3>
      <p v-for="(one, i) in waivers" :key="i">
        <span>
          {{ titleOf(one.code) }}, {{ one.bar < 0 ? 'in the whole tune' : nameOf(one.bar)
          }}<template v-if="one.reason">: “{{ one.reason }}”</template>
        </span>
        <button class="plain-button" @click="emit('mind', one)">Check again</button>
      </p>
      <p v-for="one in mix" :key="one.code">
        <span>
          {{ one.title }}, in every tune: {{ OWN_SEVERITIES[one.severity].toLowerCase()
          }}<template v-if="one.reason">: “{{ one.reason }}”</template>
        </span>
        <button class="plain-button" @click="emit('mindAgain', one.code)">
          Use the standard rule
        </button>
      </p>
    </div>
    <p v-if="waiting" class="well">
      {{ waiting }} kept
      {{ waiting === 1 ? 'voicing no longer matches' : 'voicings no longer match' }}.
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
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}
header button {
  min-height: 40px;
  padding: 0 12px;
  border: 1px solid var(--line);
  border-radius: 10px;
}
.kinds {
  width: 100%;
  margin: 6px 0;
}
/* A fault is a whole wedge, what is to be watched its outline, and a hint a dot. */
.warning .wedge {
  border-bottom-color: transparent;
  background: linear-gradient(var(--caution), var(--caution)) bottom / 16px 3px no-repeat;
  position: relative;
}
.warning .wedge::before {
  content: '';
  position: absolute;
  inset: 0 auto auto -8px;
  border: 8px solid transparent;
  border-top: 0;
  border-bottom: 14px solid var(--caution);
  clip-path: polygon(50% 0, 100% 100%, 0 100%, 0 100%, 50% 45%, 80% 82%, 20% 82%, 0 100%);
}
.hint .wedge {
  margin-top: 9px;
  width: 8px;
  height: 8px;
  margin-left: 4px;
  border: 0;
  border-radius: 50%;
  background: var(--caution);
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
