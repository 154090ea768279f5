<script setup lang="ts">
import Button from 'primevue/button';

/** A sheet to print: its title and what can be done with it on top, which the paper does not show. */
defineProps<{
  title: string;
  /** The tune to go back to; none where one comes from the exercises. */
  id?: number;
}>();
const print = () => window.print();
</script>

<template>
  <main class="sheet">
    <header>
      <div>
        <h1>{{ title }}</h1>
        <slot name="words" />
      </div>
      <nav>
        <RouterLink v-if="id" :to="{ name: 'take', params: { id } }">Back to the lesson</RouterLink>
        <RouterLink v-else to="/exercises">Back to the exercises</RouterLink>
        <slot name="do" />
        <Button label="Print" icon="pi pi-print" @click="print" />
      </nav>
    </header>
    <slot />
  </main>
</template>

<style scoped>
.sheet {
  max-width: 1180px;
  margin: 0 auto;
  padding: 20px 24px 40px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: start;
  gap: 20px;
}
h1 {
  margin: 0;
  font: 500 34px var(--titles);
}
header :slotted(p) {
  margin: 4px 0 14px;
  color: var(--ink-soft);
}
nav {
  display: flex;
  align-items: center;
  gap: 16px;
}
nav a {
  color: var(--zest);
}
@media print {
  nav {
    display: none;
  }
  .sheet {
    padding: 0;
  }
}
</style>
