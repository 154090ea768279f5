<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { api, type Finding, type Played } from '../api/client';
import { useArrangement } from '../composables/useArrangement';
import ScorePage from './ScorePage.vue';

/** A few bars as they were answered, or as they are better, with what a school finds at one chord drawn between the notes. */
const props = defineProps<{
  chart: string;
  played: Played;
  school: string;
  chord: number;
  /** Whether its faults are drawn. */
  drawn?: boolean;
}>();

const { arrangement, trouble } = useArrangement(ref(props.chart), ref(props.played));
const findings = shallowRef<Finding[]>([]);
watch(
  arrangement,
  async (now) => {
    if (!now || !props.drawn) return;
    findings.value = await api
      .report(props.chart, props.played, props.school)
      .catch((): Finding[] => []);
  },
  { once: true },
);
const motions = computed(() =>
  findings.value
    .filter(({ chord, severity }) => chord === props.chord && severity !== 'hint')
    .flatMap((one) => one.motions ?? []),
);
</script>

<template>
  <div>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
    <ScorePage
      :tune="arrangement"
      :chosen="chord"
      :typed-bar="undefined"
      :sounding="new Map()"
      :loop="undefined"
      :motions="motions"
      small
    />
  </div>
</template>
