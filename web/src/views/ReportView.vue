<script setup lang="ts">
import SelectButton from 'primevue/selectbutton';
import { computed, ref, shallowRef, watch } from 'vue';
import { api, type Finding } from '../api/client';
import ScorePage from '../components/ScorePage.vue';
import SheetPage from '../components/SheetPage.vue';
import { useArrangement } from '../composables/useArrangement';
import { useCatalogue } from '../composables/useCatalogue';
import { useChosen } from '../composables/useChosen';
import { SEVERITIES, useFindings } from '../composables/useFindings';
import { useLatest } from '../composables/useLatest';
import { useTune } from '../composables/useTune';
import { useView } from '../composables/useView';
import { barName } from '../player/words';

/** What the rules of a school find in a page, on the page and in a list: to be looked through and printed. */
const props = defineProps<{ id: number }>();

const tune = useTune(props.id);
const { arrangement: found } = useArrangement(tune.chart, tune.played);
const catalogue = useCatalogue();
const school = ref('strict');
const findings = shallowRef<Finding[]>([]);
const known = ref(false);
const { ask, trouble } = useLatest();
watch(
  () => [tune.chart.value, tune.played.value, school.value] as const,
  ([chart, played, by]) => {
    if (!played) return;
    void ask(
      (signal) => api.report(chart, played, by, signal),
      (some) => {
        findings.value = some;
        known.value = true;
      },
    );
  },
  { immediate: true },
);
const arrangement = computed(() => found.value && { ...found.value, findings: findings.value });
const { listed, total } = useFindings(findings);
const chosen = useChosen(arrangement);
const motions = shallowRef<Finding['motions']>([]);
function look(finding: Finding) {
  chosen.choose(finding.chord);
  motions.value = finding.motions ?? [];
}
/** How often each thing is found, what is found most first. */
const counts = computed(() => {
  const times = new Map<string, number>();
  for (const { title, others } of findings.value) {
    times.set(title, (times.get(title) ?? 0) + 1 + (others?.length ?? 0));
  }
  return [...times].sort((a, b) => b[1] - a[1]);
});
const places = ({ bar, others }: Finding) =>
  [...new Set([bar, ...(others ?? []).map((other) => other.bar)])].map((n) => barName(n));
useView(
  () => `${found.value?.title ?? 'Tune'}, report`,
  () => known.value && found.value,
);
const schoolName = computed(
  () => catalogue.value?.schools.find(({ id }) => id === school.value)?.name ?? '',
);
</script>

<template>
  <SheetPage :id="id" class="report" :title="found?.title ?? ''">
    <template #words>
      <p>
        Checked by the {{ schoolName.toLowerCase() }} rules:
        {{ total === 0 ? 'no problems' : `${total} to check` }}.
      </p>
    </template>
    <template #do>
      <SelectButton
        v-if="catalogue"
        v-model="school"
        aria-label="Rules"
        :options="catalogue.schools"
        option-label="name"
        option-value="id"
        :allow-empty="false"
      />
    </template>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <ScorePage
      :tune="arrangement"
      :chosen="chosen.index.value"
      :typed-bar="undefined"
      :sounding="new Map()"
      :loop="undefined"
      :motions="motions"
      @choose="chosen.choose"
    />
    <p v-if="counts.length" class="counts">
      <span v-for="[title, times] in counts" :key="title">{{ title }} ({{ times }})</span>
    </p>
    <ol>
      <li v-for="(finding, i) in listed" :key="i">
        <button class="plain-button" @click="look(finding)">
          <b>{{ places(finding).join(', ') }} · {{ finding.title }}</b>
          <i>{{ SEVERITIES[finding.severity] }}</i>
          <span>{{ finding.message }}. {{ finding.remedy }}.</span>
        </button>
      </li>
    </ol>
  </SheetPage>
</template>

<style scoped>
.report :deep(.p-selectbutton) {
  flex: none;
  grid-template-columns: repeat(3, auto);
}
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  color: var(--ink-soft);
}
ol {
  columns: 2;
  column-gap: 28px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  break-inside: avoid;
}
button {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 12px;
  width: 100%;
  padding: 8px;
  border-radius: 10px;
}
button:hover {
  background: var(--caution-wash);
}
button span {
  grid-column: span 2;
  color: var(--ink-soft);
}
button span::first-letter {
  text-transform: uppercase;
}
i {
  color: var(--caution);
}
@media (max-width: 900px) {
  ol {
    columns: 1;
  }
}
</style>
