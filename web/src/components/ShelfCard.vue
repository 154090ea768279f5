<script setup lang="ts">
import Button from 'primevue/button';
import { nextTick, ref } from 'vue';
import type { ShelfLabels, TuneSummary } from '../api/client';

/** A tune on the shelf: what it is, for whom, and its labels, which are edited in place. */
const props = defineProps<{ tune: TuneSummary }>();
const emit = defineEmits<{ remove: []; label: [labels: ShelfLabels] }>();

const editing = ref(false);
const tags = ref('');
const level = ref(0);
const input = ref<HTMLInputElement>();

async function edit() {
  tags.value = props.tune.tags.join(', ');
  level.value = props.tune.level;
  editing.value = true;
  await nextTick();
  input.value?.focus();
}

function save() {
  const words = tags.value
    .split(',')
    .map((tag) => tag.trim())
    .filter(Boolean);
  emit('label', { tags: [...new Set(words)].slice(0, 20), level: level.value });
  editing.value = false;
}
</script>

<template>
  <article class="card">
    <RouterLink class="tune" :to="{ name: 'lesson', params: { id: tune.id } }">
      <h2>{{ tune.title }}</h2>
      <span class="facts"
        >{{ tune.key && `${tune.key} · ` }}{{ tune.meter }} · {{ tune.bars }} bars</span
      >
      <span class="opening">{{ tune.opening.join('   ') }}</span>
      <span class="who">{{ tune.students.join(' · ') }}</span>
    </RouterLink>
    <form v-if="editing" class="labels" @submit.prevent="save" @keydown.esc="editing = false">
      <label>
        Tags
        <input ref="input" v-model="tags" maxlength="300" placeholder="recital, waltz" />
      </label>
      <label>
        Level
        <select v-model.number="level">
          <option :value="0">none</option>
          <option v-for="n in 5" :key="n" :value="n">{{ n }}</option>
        </select>
      </label>
      <Button type="submit" label="Keep" size="small" />
    </form>
    <p v-else class="labels">
      <span v-if="tune.level" class="level">level {{ tune.level }}</span>
      <span v-for="tag in tune.tags" :key="tag" class="tag">{{ tag }}</span>
      <span v-if="tune.guesses" class="tag ask">{{ tune.guesses }} guessed</span>
      <span v-if="tune.twin" class="tag ask">same as {{ tune.twin }}</span>
      <button class="edit plain-button" :aria-label="`Label ${tune.title}`" @click="edit">
        <i class="pi pi-tag" aria-hidden="true" /> Label
      </button>
    </p>
    <Button
      class="remove"
      icon="pi pi-trash"
      variant="text"
      severity="secondary"
      :aria-label="`Take ${tune.title} off the shelf`"
      @click="emit('remove')"
    />
  </article>
</template>

<style scoped>
.card {
  position: relative;
  display: flex;
  flex-direction: column;
  height: 100%;
  background: var(--page);
  border-radius: 16px;
}
.tune {
  display: grid;
  gap: 4px;
  padding: 18px 20px 4px;
  border-radius: 16px 16px 0 0;
  color: inherit;
  text-decoration: none;
  flex: 1;
  align-content: start;
}
.tune:hover {
  background: var(--zest-wash);
}
h2 {
  font-size: 23px;
  padding-right: 40px;
}
.facts,
.who {
  color: var(--ink-soft);
}
.opening {
  font-weight: 600;
  white-space: pre;
  overflow: hidden;
  text-overflow: ellipsis;
  margin: 6px 0;
}
.remove {
  position: absolute;
  top: 10px;
  right: 8px;
}
.labels {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin: 0;
  padding: 0 14px 8px 20px;
  min-height: 48px;
}
.tag,
.level {
  padding: 2px 10px;
  border-radius: 20px;
  border: 1px solid var(--line);
  font-size: 16px;
}
.level {
  font-weight: 600;
}
.ask {
  border-style: dotted;
  border-color: var(--zest);
}
.edit {
  margin-left: auto;
  min-height: 40px;
  padding: 0 6px;
  color: var(--ink-soft);
  font-size: 16px;
}
.labels input,
.labels select {
  font: inherit;
  min-height: 40px;
  padding: 0 8px;
  border: 1px solid var(--line);
  border-radius: 8px;
  background: var(--paper);
  color: var(--ink);
  max-width: 150px;
}
.labels label {
  display: flex;
  align-items: center;
  gap: 6px;
}
</style>
