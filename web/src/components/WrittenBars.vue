<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { api, type Played } from '../api/client';
import { replaced, TYPED_MEANWHILE } from '../composables/replacing';
import { barName } from '../player/words';

/** The left hand of the chosen bar: found by the app, or written note by note in the chart. */
const props = defineProps<{
  /** The bar of the chosen chord, from 0, and as a teacher calls it. */
  bar: number;
  number: number;
  written: boolean;
  /** How many bars the tune has, of which so many are written. */
  bars: number;
  writtenBars: number;
  /** Whether the right hand plays some of it, which the chart could not hold. */
  shared: boolean;
  played: Played;
}>();
const chart = defineModel<string>('chart', { required: true });

/** One chosen bar, or all there are. */
const who = computed(() =>
  props.writtenBars === props.bars ? 'All bars are' : `${barName(props.number)} is`,
);
const trouble = ref('');

async function change(work: (chart: string) => Promise<string>) {
  trouble.value = '';
  try {
    if (!(await replaced(chart, work))) trouble.value = TYPED_MEANWHILE;
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}

const all = () => Array.from({ length: props.bars }, (_, bar) => bar);
const write = (bars: number[]) => change((text) => api.writeOut(text, props.played, bars));
const free = (bars: number[]) => change((text) => api.writeNoMore(text, props.played, bars));
</script>

<template>
  <section class="written-bars" aria-label="Left hand note by note">
    <template v-if="written">
      <p>
        <b>{{ who }} written note by note</b> in the lines <code>l:</code> of the chart. Voicing and
        pattern are for bars without them.
      </p>
      <Button
        label="Let the app find this bar"
        size="small"
        variant="outlined"
        @click="free([bar])"
      />
      <Button
        v-if="writtenBars > 1"
        :label="`Let it find all ${writtenBars}`"
        size="small"
        variant="text"
        @click="free(all())"
      />
    </template>
    <template v-else-if="!shared">
      <Button
        label="Write this bar out, to change its notes"
        size="small"
        variant="text"
        @click="write([bar])"
      />
      <Button
        v-if="bars > 1"
        label="Write out the whole tune"
        size="small"
        variant="text"
        @click="write(all())"
      />
    </template>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.written-bars {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
}
p {
  width: 100%;
  margin: 0;
  line-height: 1.35;
}
code {
  font: 600 1em var(--reading);
}
.trouble {
  color: var(--caution);
}
</style>
