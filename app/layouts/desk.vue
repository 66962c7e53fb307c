<template>
  <main id="main" class="min-h-dvh">
    <slot />
    <CardDrawerHost />
  </main>
</template>
