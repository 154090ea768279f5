<script setup lang="ts">
import Dialog from 'primevue/dialog';
import { singleKeys, type Shortcut } from '../composables/useShortcuts';

defineProps<{ shortcuts: Shortcut[] }>();
const open = defineModel<boolean>({ required: true });
</script>

<template>
  <Dialog v-model:visible="open" modal header="By keyboard" :style="{ width: '26rem' }">
    <label class="single">
      <input v-model="singleKeys" type="checkbox" /> Single letters and signs work as keys
    </label>
    <dl :class="{ off: !singleKeys }">
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
.single {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  margin-bottom: 8px;
}
.single input {
  width: 22px;
  height: 22px;
  accent-color: var(--zest);
}
.off {
  opacity: 0.6;
}
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
