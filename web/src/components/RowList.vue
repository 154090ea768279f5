<script setup lang="ts">
/** A line that leads to its place in the music. */
export interface Row {
  /** The chord it leads to. */
  to: number;
  /** What it begins with, in bold. */
  head: string;
  words?: string;
  /** Quietly beneath. */
  more?: string | undefined;
  here: boolean;
}

defineProps<{ title: string; rows: Row[] }>();
const emit = defineEmits<{ choose: [chord: number] }>();
</script>

<template>
  <template v-if="rows.length">
    <h3>{{ title }}</h3>
    <slot />
    <ul>
      <li v-for="(row, i) in rows" :key="i">
        <button
          class="row plain-button"
          :class="{ here: row.here }"
          @click="emit('choose', row.to)"
        >
          <b>{{ row.head }}</b> {{ row.words }}
          <span v-if="row.more" class="more">{{ row.more }}</span>
        </button>
      </li>
    </ul>
  </template>
</template>

<style scoped>
h3 {
  margin: 14px 0 2px;
  font-size: 17px;
}
.row {
  width: 100%;
  min-height: 40px;
  padding: 4px 6px;
  border-radius: 8px;
  text-align: left;
  line-height: 1.3;
}
.row:hover,
.row.here {
  background: var(--zest-wash);
}
.more {
  display: block;
  color: var(--ink-soft);
}
</style>
