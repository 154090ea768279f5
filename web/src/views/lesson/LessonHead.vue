<script setup lang="ts">
import Button from 'primevue/button';
import { useAppearance } from '../../composables/useAppearance';
import type { useTune } from '../../composables/useTune';
import SaveSign from '../../components/SaveSign.vue';
import StageRow from './StageRow.vue';
import StudentMenu from '../../components/StudentMenu.vue';

/** Title, whether it is saved, whose hand, the stages of the lesson, and the look of the page. */
defineProps<{
  title: string;
  facts: string;
  toMind: number;
  tune: ReturnType<typeof useTune>;
}>();
const textOpen = defineModel<boolean>('textOpen', { required: true });
const emit = defineEmits<{ help: []; pick: [] }>();

const { appearance, toggle } = useAppearance();
</script>

<template>
  <header class="head">
    <RouterLink class="shelf" to="/" aria-label="Back to the shelf" title="The shelf">
      <i class="pi pi-arrow-left" aria-hidden="true" />
    </RouterLink>
    <Button
      class="fold"
      :icon="textOpen ? 'pi pi-angle-double-left' : 'pi pi-align-left'"
      variant="text"
      :aria-label="textOpen ? 'Fold the chart' : 'Show the chart'"
      :title="textOpen ? 'Fold the chart (T)' : 'Show the chart (T)'"
      @click="textOpen = !textOpen"
    />
    <div class="title">
      <h1>{{ title }}</h1>
      <span class="facts">{{ facts }}</span>
    </div>
    <SaveSign
      v-if="!tune.missing.value"
      :state="tune.state.value"
      :trouble="tune.trouble.value"
      :kept-here="tune.isKeptHere.value"
      @keep-mine="tune.keepMine"
      @take-theirs="tune.takeTheirs"
    />
    <StudentMenu v-if="tune.players.value.length" :tune="tune" />
    <StageRow v-if="!tune.missing.value" :to-mind="toMind" @pick="emit('pick')" />
    <div class="tools">
      <Button
        icon="pi pi-undo"
        variant="text"
        :disabled="!tune.canTakeBack.value"
        aria-label="Undo the last choice"
        title="Undo the last choice (Ctrl+Z)"
        @click="tune.takeBack"
      />
      <Button
        :icon="appearance === 'day' ? 'pi pi-moon' : 'pi pi-sun'"
        variant="text"
        :aria-label="appearance === 'day' ? 'Dark' : 'Light'"
        :title="appearance === 'day' ? 'Dark' : 'Light'"
        @click="toggle"
      />
      <Button
        icon="pi pi-question"
        variant="text"
        aria-label="Keyboard shortcuts"
        title="Keyboard shortcuts (?)"
        @click="emit('help')"
      />
    </div>
  </header>
</template>

<style scoped>
.head {
  grid-area: head;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 8px 14px;
  min-width: 0;
}
.shelf {
  display: grid;
  place-items: center;
  width: 42px;
  height: 42px;
  border-radius: 10px;
  color: inherit;
  text-decoration: none;
}
.title {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 12px;
  margin-right: auto;
  min-width: 0;
}
h1 {
  font-size: 26px;
}
.facts {
  color: var(--ink-soft);
  font-size: 16px;
}
@media (min-width: 1101px) {
  .head {
    flex-wrap: nowrap;
  }
  .title {
    /* One line high: the facts stand there whole, or, wrapped out of sight, not at all. */
    flex: 1 1 0;
    height: 38px;
    white-space: nowrap;
    overflow: hidden;
  }
  h1 {
    max-width: 100%;
    line-height: 38px;
    overflow: hidden;
    text-overflow: ellipsis;
  }
}
@media (max-width: 1100px) {
  .head {
    column-gap: 6px;
  }
  .title {
    max-width: 100%;
  }
  h1 {
    max-width: 100%;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .head :deep(.p-tab) {
    padding: 0 6px;
    font-size: 17px;
  }
  .facts {
    display: none;
  }
}
.tools {
  display: flex;
  align-items: center;
}
@media print {
  .shelf,
  .fold,
  .tools,
  .head > :deep(.stages),
  .head > :deep(.save),
  .head > :deep(.student) {
    display: none;
  }
}
</style>
