<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { ImportedTune, ReportLine } from '../api/client';
import { withoutLeftHand } from '../editor/left-hand';
import BroughtHands from './BroughtHands.vue';
import ChartPicture from './ChartPicture.vue';

/** What became of a file: read, guessed, repaired, left out, with bars; and whether to keep it. */
const props = defineProps<{
  tune: ImportedTune;
  file: string;
  busy: boolean;
  /** Whether it is the only one, and shown at once. */
  alone: boolean;
}>();
const emit = defineEmits<{ take: [tune: string, left: string | undefined] }>();
const wanted = defineModel<boolean>('wanted', { required: true });
const left = defineModel<boolean>('left', { required: true });

const seen = ref(props.alone);
const chart = computed(() => (left.value ? props.tune.chart : withoutLeftHand(props.tune.chart)));

const HEADINGS: Record<ReportLine['fate'], string> = {
  READ: 'Read',
  GUESSED: 'Guessed',
  REPAIRED: 'Fixed',
  LEFT_OUT: 'Left out',
};
const fates = computed(() =>
  (Object.keys(HEADINGS) as ReportLine['fate'][])
    .map((fate) => ({ fate, lines: props.tune.report.filter((line) => line.fate === fate) }))
    .filter(({ lines }) => lines.length),
);
const bars = computed(() =>
  props.tune.chart
    .split('\n')
    .filter((line) => line.trimStart().startsWith('|'))
    .map((line) => line.replace(/\?[^\s|:]+/g, '?')),
);
</script>

<template>
  <article class="report" :class="{ wanted }">
    <label class="head">
      <input v-model="wanted" type="checkbox" />
      <span class="name">{{ tune.title }}</span>
      <span class="from">{{ tune.format }} · {{ file }}</span>
    </label>
    <pre v-if="!seen" class="bars"
      >{{ bars.slice(0, 3).join('\n') }}{{ bars.length > 3 ? '\n…' : '' }}</pre>
    <BroughtHands
      :tune="tune"
      :left="left"
      :busy="busy"
      @take="(line, hand) => emit('take', line, hand)"
      @keep="(kept) => (left = kept)"
    />
    <ChartPicture v-if="seen" :chart="chart" />
    <Button v-else label="See it" icon="pi pi-eye" variant="text" @click="seen = true" />
    <dl>
      <template v-for="{ fate, lines } in fates" :key="fate">
        <dt :data-fate="fate">{{ HEADINGS[fate] }}</dt>
        <dd>
          <span v-for="(line, i) in lines" :key="i">
            {{ line.what
            }}<template v-if="line.bars">
              ({{ /^\d+$/.test(line.bars) ? 'bar' : 'bars' }} {{ line.bars }})</template
            >{{ i < lines.length - 1 ? ' · ' : '' }}
          </span>
        </dd>
      </template>
    </dl>
    <p v-if="tune.guesses" class="next">
      In the tune, guessed chords bear a <b>?</b>: press <b>G</b> to keep one, <b>O</b> for another
      name.
    </p>
  </article>
</template>

<style scoped>
.report {
  background: var(--page);
  border-radius: 14px;
  padding: 14px 18px;
  opacity: 0.72;
}
.report.wanted {
  opacity: 1;
}
.head {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 40px;
}
input {
  width: 22px;
  height: 22px;
  accent-color: var(--zest);
}
.name {
  font: 600 21px var(--titles);
}
.from {
  color: var(--ink-soft);
}
.bars {
  margin: 4px 0 10px;
  font: 600 16px/1.5 var(--reading);
  overflow: hidden;
  text-overflow: ellipsis;
}
dl {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 4px 12px;
  margin: 10px 0 0;
}
dt {
  font-weight: 600;
  color: var(--ink-soft);
}
dt[data-fate='GUESSED'] {
  color: var(--zest);
}
dt[data-fate='LEFT_OUT'],
dt[data-fate='REPAIRED'] {
  color: var(--caution);
}
dd {
  margin: 0;
}
.next {
  margin: 10px 0 0;
}
</style>
