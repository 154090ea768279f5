<script setup lang="ts">
import { ref } from 'vue';
import { api, type Choices, type Finding, type Pin, type Waiver } from '../../api/client';
import FindingsList from '../../components/FindingsList.vue';
import FixesList from '../../components/FixesList.vue';
import SchoolChoice from '../../components/SchoolChoice.vue';
import { useLatest } from '../../composables/useLatest';
import { useOwnMix } from '../../composables/useOwnMix';
import { useUndo } from '../../composables/useUndo';
import { useLesson } from './useLesson';

/** Checking the way from chord to chord, by a school. */
const { id, tune, page, pins, player, arrangement, chosen, changes, compare, motions, arranged } =
  useLesson();
const { choices } = tune;
const say = useUndo();
/** What is told once is fixed where it is looked at. */
const placeOf = ({ chord, others }: Finding) =>
  others?.some((other) => other.chord === chosen.index.value) ? chosen.index.value : chord;
const take = ({ notes, manners, fingers }: Pin) => pins.fix({ notes, manners, fingers });
/** A fix beside what is played now, before it is taken. */
function see(words: string, fixed: Choices, chart: string | undefined) {
  if (chart) compare.showChart(words, chart, fixed);
  else compare.show(words, fixed);
}
/** A page that somebody wrote is written otherwise; what stood there can be put back. */
function write(chart: string, words: string) {
  const before = tune.chart.value;
  tune.chart.value = chart;
  say(`${words}.`, () => (tune.chart.value = before));
}
/** What she leaves as it is goes with what is played, and counts for nobody's marks. */
function leave(waiver: Waiver) {
  if (choices.value)
    choices.value = { ...choices.value, waivers: [...choices.value.waivers, waiver] };
}
function mind(waiver: Waiver) {
  if (!choices.value) return;
  const waivers = choices.value.waivers.filter((one) => one !== waiver);
  choices.value = { ...choices.value, waivers };
}
const own = useOwnMix(arranged.again);

const { ask, trouble } = useLatest();
const told = ref('');
/** A whole second version, beside what is played now. */
function fixAll() {
  const played = tune.played.value;
  if (!played) return;
  told.value = 'Looking for ways…';
  void ask(
    (signal) => api.fixed(page.shown.value, played, signal),
    ({ steps, choices: fixed, chart }) => {
      told.value = steps.length
        ? `Fixed in ${steps.length} ${steps.length === 1 ? 'place' : 'places'}, see above:`
        : 'No one change fixes anything here.';
      done.value = steps;
      if (!steps.length) return;
      if (chart) compare.showChart('Fixed', chart, fixed);
      else compare.show('Fixed', fixed);
    },
  );
}
const done = ref<string[]>([]);
</script>

<template>
  <SchoolChoice
    v-if="choices"
    :model-value="choices.school"
    :changed="changes"
    @update:model-value="(school) => choices && (choices = { ...choices, school })"
  />
  <FindingsList
    v-if="arrangement?.chords.length"
    :findings="arrangement.findings"
    :waiting="arrangement.lostPins.length"
    :chosen="chosen.index.value"
    :waivers="choices?.waivers ?? []"
    :mix="own.mix.value"
    :numbers="arrangement.bars.map(({ number }) => number)"
    @choose="chosen.choose"
    @show="(finding) => (motions = finding.motions ?? [])"
    @leave="leave"
    @mind="mind"
    @leave-always="(code, reason) => own.mind(code, 'off', reason)"
    @mind-again="own.mindAsUsual"
    @fix-all="fixAll"
  >
    <template #default="{ finding }">
      <FixesList
        v-if="tune.played.value"
        :chart="page.shown.value"
        :played="tune.played.value"
        :chord="placeOf(finding)"
        :code="finding.code"
        :bar="chosen.bar.value"
        @take="take"
        @write="write"
        @see="see"
        @hear="(music, bar) => player.audition(music, [bar])"
      />
    </template>
  </FindingsList>
  <RouterLink class="report" :to="{ name: 'report', params: { id } }">
    Printable report
  </RouterLink>
  <p v-if="trouble || own.trouble.value" role="alert">{{ trouble || own.trouble.value }}</p>
  <section v-else-if="told" aria-live="polite">
    <p>{{ told }}</p>
    <ul v-if="compare.name.value">
      <li v-for="step in done" :key="step">{{ step }}</li>
    </ul>
  </section>
</template>

<style scoped>
.report {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
</style>
