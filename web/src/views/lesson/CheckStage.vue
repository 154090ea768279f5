<script setup lang="ts">
import FindingsList from '../../components/FindingsList.vue';
import SchoolChoice from '../../components/SchoolChoice.vue';
import { useLesson } from './useLesson';

/** Checking the way from chord to chord, by a school. */
const { tune, arrangement, chosen, changes } = useLesson();
const { choices } = tune;
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
    @choose="chosen.choose"
  />
</template>
