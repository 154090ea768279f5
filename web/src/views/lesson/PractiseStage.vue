<script setup lang="ts">
import { computed, ref } from 'vue';
import Button from 'primevue/button';
import { api } from '../../api/client';
import CopyLink from '../../components/CopyLink.vue';
import PractiseSteps from '../../components/PractiseSteps.vue';
import type { Practising } from '../../composables/usePractising';
import { useUndo } from '../../composables/useUndo';
import { useLesson } from './useLesson';

/** Practising in the lesson, and what goes home with the student: a card, a link, sound. */
const { id, tune, page, arrangement, player, chosen, counts, veil } = useLesson();
const of: Practising = {
  chart: page.shown,
  played: tune.played,
  choices: tune.choices,
  practice: tune.practice,
  whose: tune.studentId,
  arrangement,
  player,
  chosen,
  counts,
  veil,
};
const say = useUndo();
const trouble = ref('');
const shown = computed(() => tune.players.value[tune.active.value]);
const link = computed(
  () => shown.value?.code.value && `${window.location.origin}/practise/${shown.value.code.value}`,
);
async function act(what: () => Promise<void>) {
  try {
    await what();
    trouble.value = '';
  } catch (error) {
    trouble.value = `${(error as Error).message}.`;
  }
}
const open = () =>
  act(async () => {
    const { id: assignment, code } = shown.value!;
    code.value = (await api.openLink(assignment)).code;
  });
const renew = () =>
  act(async () => {
    const { id: assignment, code } = shown.value!;
    code.value = (await api.openLink(assignment, true)).code;
    say('There is a new link, for a year; the old one leads nowhere.');
  });
const close = () =>
  act(async () => {
    const { id: assignment, code } = shown.value!;
    await api.closeLink(assignment);
    code.value = '';
    say('The link is closed; who has it practises no more.');
  });
/** Takes back a day that somebody else practised, or that was told wrongly. */
const takeBack = (day: string) =>
  act(async () => {
    const { id: assignment, practised } = shown.value!;
    practised.kept.value = await api.takeBackPractised(assignment, day);
    say('That day is removed.', () =>
      act(async () => {
        practised.kept.value = await api.putBackPractised(assignment, day);
      }),
    );
  });
</script>

<template>
  <PractiseSteps :of="of" teaches>
    <template #last="{ day }">
      <button class="plain-button strike" @click="takeBack(day)">Remove this day</button>
    </template>
    <RouterLink class="card" :to="{ name: 'week', params: { id } }">
      A card for the week, to print
    </RouterLink>
    <div v-if="link" class="link">
      <span>The link for {{ tune.student.value?.name }}:</span>
      <CopyLink :link="link" />
      <Button label="New link" size="small" variant="text" @click="renew" />
      <Button label="Close" size="small" variant="text" @click="close" />
    </div>
    <button v-else-if="shown" class="card plain-button home" @click="open">
      A link for {{ tune.student.value?.name }}, to practise at home
    </button>
    <p v-if="trouble" role="alert">{{ trouble }}</p>
  </PractiseSteps>
</template>

<style scoped>
.card {
  display: flex;
  align-items: center;
  min-height: 44px;
}
.strike {
  min-height: 44px;
  color: var(--zest);
  text-decoration: underline;
}
.home {
  color: var(--zest);
  text-decoration: underline;
}
.link {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
}
</style>
