<script setup lang="ts">
import Button from 'primevue/button';
import Toast from 'primevue/toast';
import { useToast } from 'primevue/usetoast';
import { nextTick } from 'vue';
import { useRouter } from 'vue-router';
import { useAppearance } from './composables/useAppearance';
import type { Said } from './composables/useUndo';
import { announced } from './composables/useView';

useAppearance();
const toast = useToast();

function undo(said: Said) {
  toast.remove(said);
  said.undo?.();
}

/** Another view begins at its heading; another stage of one view stays where the teacher is. */
useRouter().afterEach(async (to, from) => {
  if (!from.name || (to.params.id && to.params.id === from.params.id)) return;
  await nextTick();
  const heading = document.querySelector('h1');
  heading?.setAttribute('tabindex', '-1');
  heading?.focus({ preventScroll: true });
});
</script>

<template>
  <RouterView v-slot="{ Component, route }">
    <component
      :is="Component"
      :key="String(route.meta.stays ? route.name : (route.params.id ?? route.path))"
    />
  </RouterView>
  <p class="only-heard announced" aria-live="polite">{{ announced }}</p>
  <Toast position="bottom-center">
    <template #message="{ message }">
      <span class="said">{{ message.summary }}</span>
      <Button
        v-if="message.undo"
        label="Put it back"
        size="small"
        variant="outlined"
        @click="undo(message as Said)"
      />
    </template>
  </Toast>
</template>

<style>
/* Out of the flow: it must not make the page longer. */
.announced {
  position: fixed;
  top: 0;
  margin: 0;
}
h1:focus {
  outline: none;
}
.said {
  flex: 1;
  font-size: 17px;
}
</style>
