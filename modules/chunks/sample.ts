import { build, type Rolldown } from 'vite'
import { apart } from './apart'
import { chunks } from './plugin'

const big = (name: string) => `export const ${name} = () => console.log('${name}${'.'.repeat(60_000)}')`

/** Two pages that take one thing each, and one both, out of a file that hands all on; a part that is asked for later. */
const sources: Readonly<Record<string, string>> = {
  '/app/entry.js': `import './kit.js'; globalThis.pages = [() => import('/app/pages/index.vue'), () => import('/app/pages/lab.vue')]
    import('/workbox-window/kept.js')`,
  '/app/kit.js': `console.log('kit')`,
  '/workbox-window/kept.js': `export const keep = () => console.log('kept')`,
  '/app/parts.js': `export * from '/app/both.js'
    import { home as renamed } from '/app/home.js'
    export { renamed as home }
    export { default as lab } from '/app/lab.js'
    export * from '/app/round.js'`,
  '/app/both.js': big('both'),
  '/app/home.js': big('home'),
  '/app/lab.js': `import '/app/kit.js'; ${big('made')}; export default made`,
  '/app/round.js': `export * from '/app/parts.js'; export * from '/app/lab.js'`,
  '/app/one.js': `export * from './two.js'`,
  '/app/two.js': `export * from './one.js'; ${big('two')}`,
  '/app/later.js': big('later'),
  // As a package bundles its own sources: its pages take one part each, and what both of those need.
  '/app/bundled.js': `import { made } from '/app/lab.js'
//#region ground.ts
let counted = 0
const GROUND = 'ground${'.'.repeat(60_000)}', ground = () => GROUND + ++counted
//#endregion
//#region upper.ts
${big('first').replace('export ', '').replace('=> ', '=> ground() + ')}
//#endregion
//#region lower.ts
function second() { return ground() + made + '${'.'.repeat(60_000)}' }
class Unused { second = second }
//#endregion
export { first, second as default, Unused, made }
export * from '/app/two.js'`,
  '/app/pages/index.vue': `import * as ones from './one.js'; import { both, home } from '/app/parts.js'
    import { first, two } from './bundled.js'
    export default [ones, both, home, first, two, () => import('/app/later.js')]`,
  '/app/pages/lab.vue': `import './kit.js'; import '/app/kit.js'; import { both, lab } from './parts.js'
    import second, { made } from './bundled.js'; export default [both, lab, second, made]`,
}

const built = await build({
  configFile: false,
  logLevel: 'silent',
  build: { write: false, minify: false, modulePreload: false, rolldownOptions: { input: '/app/entry.js' } },
  plugins: [
    {
      name: 'sources',
      enforce: 'pre',
      resolveId: (source) => {
        const id = source.replace(/^\.\//, '/app/')
        return id in sources ? id : null
      },
      load: (id) => (id in sources ? { code: sources[id]!, moduleSideEffects: id === '/app/kit.js' } : null),
    },
    apart(/\/bundled\.js$/),
    chunks(),
  ],
})
// What the test reads: the modules of each file.
const { output } = built as Rolldown.RolldownOutput
console.log(JSON.stringify(output.flatMap((file) => (file.type === 'chunk' ? [file.moduleIds] : []))))
