<template>
  <main id="main" class="min-h-dvh">
    <slot />
    <FindHost />
  </main>
</template>
