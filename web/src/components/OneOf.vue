<script setup lang="ts" generic="Id extends string | number">
import Select from 'primevue/select';

/** One of several named things. */
defineProps<{
  /** For the label outside; else it has a name of its own. */
  id?: string;
  name?: string;
  chosen: Id;
  of: { id: Id; name: string }[];
}>();
const emit = defineEmits<{ choose: [id: Id] }>();
</script>

<template>
  <Select
    :input-id="id"
    :aria-label="name"
    :model-value="chosen"
    :options="of"
    option-label="name"
    option-value="id"
    scroll-height="420px"
    fluid
    @update:model-value="(value) => emit('choose', value)"
  />
</template>
