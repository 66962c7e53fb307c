import { h, type FunctionalComponent } from 'vue'

/** An icon by its class (`i-lucide-…`), as large and in the colour of the text that it stands in. */
const Icon: FunctionalComponent<{ name: string }> = ({ name }) =>
  h('span', { class: ['icon', name], 'aria-hidden': true })
// What Nuxt UI hands on besides: nothing of it is shown.
Icon.props = ['name', 'mode', 'size', 'customize']
export default Icon
