<script setup lang="ts">
useHead({ htmlAttrs: { class: 'board' } })
</script>

<template>
  <main id="main" class="min-h-dvh"><slot /></main>
</template>

<style>
/* Type and drawings grow with the screen: children read it from three metres. */
html.board {
  font-size: clamp(11px, min(1.55vw, 2.75vh), 44px);
}
@media (max-aspect-ratio: 1/1) {
  html.board {
    font-size: clamp(11px, min(2.6vw, 1.9vh), 44px);
  }
}
</style>
