<script setup lang="ts">
import { useAppearance } from './composables/useAppearance';

useAppearance();
</script>

<template>
  <RouterView :key="$route.path" />
</template>
