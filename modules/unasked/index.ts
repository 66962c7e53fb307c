import { addVitePlugin, defineNuxtModule } from 'nuxt/kit'

/** Kept only since they call something while they are read; what they make is kept where somebody asks for it. */
const CALLING = /\/nuxt\/dist\/app\/composables\/(?:asyncData|fetch)\.js$/
/** Two dozen palettes; our colours stand in main.css. */
const PALETTES = /\/tailwindcss\/dist\/colors\.mjs$/
/** Every kind of schema brings along how it is said as a JSON schema; only scripts make some. */
const SCHEMAS = /\/zod\/v4\/classic\/schemas\.js$/
const SAID = /^\s*inst\._zod\.processJSONSchema = .*;$/gm
const JSON_SCHEMAS = /\/zod\/v4\/core\/to-json-schema\.js$/

/** Pictures of people, which every button could show; there are none of children here. */
const AVATAR = /\/@nuxt\/ui\/dist\/runtime\/components\/Avatar\.vue$/
const NOTHING = '<script>export default { render: () => null }</script>'

/** The same names; whoever asks one of them for a JSON schema is refused. Those that only make ready for it are called for every form. */
function unmade(code: string): string {
  const names = [...code.matchAll(/^export (?:function|const) (\w+)/gm)].map(([, name]) => name!)
  const refuse = `const refuse = () => { throw new Error('No page makes a JSON schema.') }`
  const made = names.map((name) => `export const ${name} = ${name.startsWith('create') ? '() => refuse' : 'refuse'}`)
  return [refuse, ...made].join('\n')
}

/** Leaves out of the pages what packages bring along and no page ever asks for: 12 kB as sent. */
export default defineNuxtModule({
  meta: { name: 'unasked' },
  setup() {
    addVitePlugin(
      {
        name: 'unasked',
        // Before parts are compiled.
        enforce: 'pre',
        transform(code, id) {
          if (CALLING.test(id)) return { code, map: null, moduleSideEffects: false }
          if (SCHEMAS.test(id)) return { code: code.replace(SAID, ''), map: null }
          if (AVATAR.test(id)) return { code: NOTHING, map: null }
          if (JSON_SCHEMAS.test(id)) return { code: unmade(code), map: null }
          return PALETTES.test(id) ? { code: 'export default {}', map: null } : null
        },
      },
      { dev: false, server: false },
    )
  },
})
