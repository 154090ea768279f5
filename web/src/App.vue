<script setup lang="ts">
import Button from 'primevue/button';
import Toast from 'primevue/toast';
import { useToast } from 'primevue/usetoast';
import { nextTick, ref } from 'vue';
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

/** Where to go once what could not be fetched is there. */
const missing = ref('');
useRouter().onError((_, to) => (missing.value = to.fullPath));
const fetchAgain = () => location.assign(missing.value);

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
  <p v-if="missing" class="missing" role="alert">
    This page could not be fetched; is the server there?
    <Button label="Try again" size="small" @click="fetchAgain" />
  </p>
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
.missing {
  position: fixed;
  inset: 0 0 auto;
  z-index: 10;
  margin: 0;
  padding: 10px 28px;
  text-align: center;
  font-weight: 600;
  color: var(--caution);
  background: var(--page);
  border-bottom: 1px solid var(--line);
}
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
