<script setup lang="ts">
import { TooltipProvider } from 'reka-ui'

/** The reason of the one grey key that is asked about, beside it; gone with the key, and when the key has its say again. */
const { asked, hush } = useWhy()
useEventListener('keydown', (event) => event.key === 'Escape' && hush(), { passive: true })
useEventListener('pointerdown', ({ target }) => !asked.value?.key.contains(target as Node) && hush(), { capture: true })
useIntervalFn(() => asked.value?.key.matches(':not([aria-disabled="true"]), :not(body *)') && hush(), 250)
</script>

<template>
  <TooltipProvider>
    <UTooltip
      v-if="asked"
      open
      :reference="asked.key"
      :content="{ side: 'top', collisionPadding: 8 }"
      disable-closing-trigger
    >
      <template #content
        ><span role="status">{{ asked.why }}</span></template
      >
    </UTooltip>
  </TooltipProvider>
</template>
