<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed, nextTick, ref } from 'vue';
import type { Setting } from '../api/client';

/** Whose setting is shown; another can be added, named and removed in place. */
const settings = defineModel<Setting[]>('settings', { required: true });
const active = defineModel<number>('active', { required: true });

const naming = ref(false);
const input = ref<HTMLInputElement>();
const options = computed(() => settings.value.map((s, value) => ({ value, label: s.name })));
const current = computed(() => settings.value[active.value]);

async function startNaming() {
  naming.value = true;
  await nextTick();
  input.value?.select();
}

function rename(event: Event) {
  const name = (event.target as HTMLInputElement).value.trim();
  if (name)
    settings.value = settings.value.map((s, i) => (i === active.value ? { ...s, name } : s));
  naming.value = false;
}

function add() {
  const copy: Setting = JSON.parse(JSON.stringify(current.value));
  const place = settings.value.length;
  settings.value = [...settings.value, { ...copy, name: `Student ${place + 1}` }];
  active.value = place;
  void startNaming();
}

function remove() {
  const left = settings.value.filter((_, i) => i !== active.value);
  active.value = 0;
  settings.value = left;
}
</script>

<template>
  <div class="student">
    <input
      v-if="naming"
      ref="input"
      class="name"
      :value="current?.name"
      maxlength="80"
      aria-label="Name of this setting"
      @change="rename"
      @keydown.enter="rename"
      @blur="naming = false"
    />
    <Select
      v-else
      v-model="active"
      aria-label="Whose hand"
      :options="options"
      option-label="label"
      option-value="value"
    />
    <Button
      icon="pi pi-pencil"
      variant="text"
      aria-label="Rename this setting"
      title="Rename"
      @click="startNaming"
    />
    <Button
      icon="pi pi-user-plus"
      variant="text"
      aria-label="Add a setting for another student"
      title="For another student"
      @click="add"
    />
    <Button
      v-if="settings.length > 1"
      icon="pi pi-user-minus"
      variant="text"
      aria-label="Remove this setting"
      title="Remove this setting"
      @click="remove"
    />
  </div>
</template>

<style scoped>
.student {
  display: flex;
  align-items: center;
  gap: 2px;
}
.name {
  font: inherit;
  color: inherit;
  background: var(--page);
  border: 2px solid var(--zest);
  border-radius: 10px;
  min-height: 42px;
  padding: 0 10px;
  width: 190px;
}
</style>
