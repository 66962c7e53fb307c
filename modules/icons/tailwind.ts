import { icons } from '@iconify-json/lucide'
import { getIconData, iconToHTML, iconToSVG, svgToURL } from '@iconify/utils'
import plugin from 'tailwindcss/plugin'

/** An icon's drawing as the address of a picture. */
function drawingOf(name: string): string {
  const { body, viewBox } = iconToSVG(getIconData(icons, name)!)
  const [, , width, height] = viewBox
  // A mask needs a colour, whichever; the icon's own is that of the text around it.
  const attributes = { viewBox: viewBox.join(' '), width: `${width}`, height: `${height}` }
  return svgToURL(iconToHTML(body.replaceAll('currentColor', 'black'), attributes))
}

const names = [...Object.keys(icons.icons), ...Object.keys(icons.aliases ?? {})]
const values = Object.fromEntries(names.map((name) => [name, drawingOf(name)]))

/** What shows the drawing, in the colour of the text; below the utilities, which say how large. */
const ICON = {
  display: 'inline-block',
  width: '1em',
  height: '1em',
  background: 'currentColor',
  mask: 'var(--drawing) no-repeat 0 0 / 100% 100%',
}

/** `.icon`, and `i-lucide-…` for each icon that is named anywhere: the drawing alone. */
export default plugin(({ addBase, matchUtilities }) => {
  addBase({ '.icon': ICON })
  matchUtilities({ 'i-lucide': (drawing: string) => ({ '--drawing': drawing }) }, { values })
})
