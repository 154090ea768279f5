<script setup lang="ts">
import type { Finding, Pin, Waiver } from '../../api/client';
import FindingsList from '../../components/FindingsList.vue';
import MendsList from '../../components/MendsList.vue';
import SchoolChoice from '../../components/SchoolChoice.vue';
import { useLesson } from './useLesson';

/** Checking the way from chord to chord, by a school. */
const { tune, page, pins, player, arrangement, chosen, changes } = useLesson();
const { choices } = tune;
/** What is told once is fixed where it is looked at. */
const placeOf = ({ chord, others }: Finding) =>
  others?.some((other) => other.chord === chosen.index.value) ? chosen.index.value : chord;
const take = ({ notes, manners, fingers }: Pin) => pins.fix({ notes, manners, fingers });
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
    :numbers="arrangement.bars.map(({ number }) => number)"
    @choose="chosen.choose"
    @leave="leave"
    @mind="mind"
  >
    <template #default="{ finding }">
      <MendsList
        v-if="tune.played.value"
        :chart="page.shown.value"
        :played="tune.played.value"
        :chord="placeOf(finding)"
        :bar="chosen.bar.value"
        @take="take"
        @hear="(music, bar) => player.audition(music, [bar])"
      />
    </template>
  </FindingsList>
</template>
