<script setup lang="ts">
const links = [
  { to: '/', label: 'Matches', short: 'Matches', icon: 'i-lucide-layout-grid' },
  { to: '/new', label: 'New match', short: 'New', icon: 'i-lucide-plus' },
  { to: '/rulebook', label: 'Rulebook', short: 'Rules', icon: 'i-lucide-book-open' },
  { to: '/people', label: 'People', short: 'People', icon: 'i-lucide-users' },
  { to: '/logbook', label: 'Logbook', short: 'Log', icon: 'i-lucide-notebook-text' },
  { to: '/keep', label: 'Keep', short: 'Keep', icon: 'i-lucide-archive' },
]
const host = useTemplateRef('host')
</script>

<template>
  <div class="min-h-dvh flex flex-col print:block print:min-h-0">
    <UButton
      href="#main"
      external
      variant="key"
      size="key"
      class="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:m-2"
      >Skip to the page</UButton
    >
    <header class="print:hidden border-b border-(--rule)">
      <div
        class="max-w-[92rem] mx-auto px-2 sm:px-5 flex flex-wrap sm:flex-nowrap items-center gap-1 lg:gap-6 sm:h-14 pt-1 sm:pt-0"
      >
        <NuxtLink
          to="/"
          class="flex items-center gap-2 font-bold display text-lg shrink-0"
          aria-label="Nimble Tally, all matches"
        >
          <img src="/mark.svg" alt="" class="size-8" />
          <span class="sm:hidden lg:inline">Nimble Tally</span>
        </NuxtLink>
        <nav
          class="order-last sm:order-none w-full sm:w-auto flex justify-between sm:justify-start gap-0 lg:gap-1 sm:ml-auto"
          aria-label="Main"
        >
          <NuxtLink
            v-for="link in links"
            :key="link.to"
            :to="link.to"
            class="flex items-center gap-2 h-11 px-1.5 sm:px-2 lg:px-3 rounded-lg font-semibold whitespace-nowrap hover:bg-(--sunken)"
            active-class="text-(--accent)"
            exact-active-class="underline underline-offset-8 decoration-3"
          >
            <UIcon :name="link.icon" class="size-5 hidden lg:block" />
            <span class="lg:hidden">{{ link.short }}</span><span class="hidden lg:inline">{{ link.label }}</span>
          </NuxtLink>
        </nav>
        <UButton
          variant="bare"
          class="ml-auto sm:ml-0 xl:size-auto! xl:px-2 whitespace-nowrap"
          aria-label="Look up"
          title="Look up (Ctrl + K)"
          @click="host?.open()"
        >
          <UIcon name="i-lucide-search" class="size-5" />
          <span class="hidden xl:inline" aria-hidden="true">Look up</span>
        </UButton>
        <ColorModeKey />
        <LeaveKey />
      </div>
    </header>
    <main id="main" class="flex-1 w-full max-w-[92rem] mx-auto px-3 sm:px-5 py-4 print:p-0">
      <NewerNotice class="mb-4" />
      <slot />
    </main>
    <CardDrawerHost ref="host" />
  </div>
</template>
