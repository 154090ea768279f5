<script setup lang="ts">
import Button from 'primevue/button';
import type { SaveState } from '../composables/useOutbox';

/** Whether what stands here is safe. */
defineProps<{ state: SaveState; trouble: string; keptHere: boolean }>();
const emit = defineEmits<{ keepMine: []; takeTheirs: [] }>();
</script>

<template>
  <div class="save" :data-state="state" role="status">
    <template v-if="state === 'changed elsewhere'">
      <span class="alarm">Changed elsewhere too.</span>
      <Button size="small" label="Keep mine" @click="emit('keepMine')" />
      <Button size="small" variant="outlined" label="Take theirs" @click="emit('takeTheirs')" />
    </template>
    <span v-else-if="state === 'away' && !keptHere" class="alarm">
      <i class="pi pi-exclamation-circle" aria-hidden="true" /> The server is away and this device
      is full. Keep this page open, or take the tune away as a file.
    </span>
    <span v-else-if="state === 'away'" class="alarm">
      <i class="pi pi-exclamation-circle" aria-hidden="true" /> The server is away. Your text is
      kept here and sent when it is back.
    </span>
    <span v-else-if="state === 'refused'" class="alarm">Not saved: {{ trouble }}</span>
    <span v-else-if="state === 'saving'" class="quiet">saving …</span>
    <span v-else-if="state === 'saved'" class="quiet">
      <i class="pi pi-check" aria-hidden="true" /> saved
    </span>
    <span v-else class="quiet">opening …</span>
  </div>
</template>

<style scoped>
.save {
  display: flex;
  align-items: center;
  gap: 8px;
  font-size: 16px;
  min-width: 0;
}
.quiet {
  color: var(--ink-soft);
  white-space: nowrap;
}
.alarm {
  color: var(--caution);
  font-weight: 600;
  line-height: 1.2;
  max-width: 290px;
}
</style>
