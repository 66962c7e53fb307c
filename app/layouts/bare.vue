<template>
  <main id="main" class="min-h-dvh"><slot /></main>
</template>
