<script setup lang="ts">
import Dialog from 'primevue/dialog';
import type { Shortcut } from '../composables/useShortcuts';

defineProps<{ shortcuts: Shortcut[] }>();
const open = defineModel<boolean>({ required: true });
</script>

<template>
  <Dialog v-model:visible="open" modal header="By keyboard" :style="{ width: '26rem' }">
    <dl>
      <template v-for="shortcut in shortcuts" :key="shortcut.shown">
        <dt>
          <kbd>{{ shortcut.shown }}</kbd>
        </dt>
        <dd>{{ shortcut.does }}</dd>
      </template>
    </dl>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 10px 16px;
  margin: 0;
}
dd {
  margin: 0;
}
kbd {
  font: 600 16px var(--reading);
  background: var(--zest-wash);
  border-radius: 6px;
  padding: 2px 10px;
}
</style>
