import { skillNames, SKILLS } from '#core/contract/skills'
import { aboutOf } from '#core/games/abouts'
import { GAMES } from '#core/games/index'
import { ruleFields } from '#core/kernel/ruleFields'
import type { ListedMatch, Person } from '#shared/api'
import { callApi } from '~/utils/api'

/** Something that can be found, and where it leads. */
export interface Find {
  readonly label: string
  readonly more: string
  /** What it is found by too, without being shown. */
  readonly words?: string
  readonly icon: string
  run(): void
}

export interface Shelf {
  readonly id: string
  readonly label: string
  readonly finds: readonly Find[]
}

/** Results on each shelf; more are found by typing more. */
const MOST = 8

/** Everything that can be found from one line, on shelves: tables, people, games, house rules, actions. */
export function useFinder(text: () => string, left: () => void) {
  const matches = shallowRef<readonly ListedMatch[]>([])
  const people = shallowRef<readonly Person[]>([])
  const colorMode = useColorMode()
  const go = (to: string) => () => {
    left()
    void navigateTo(to)
  }

  async function load() {
    try {
      const [listed, known] = await Promise.all([
        callApi<{ matches: ListedMatch[] }>('/api/matches?which=all&limit=200'),
        callApi<{ people: Person[] }>('/api/people'),
      ])
      matches.value = listed.matches
      people.value = known.people
    } catch {
      // What needs no server can still be found.
    }
  }

  const rules = GAMES.flatMap((game) =>
    ruleFields(game).map((field): Find => ({
      label: field.label,
      more: `${game.about.title}. ${field.hint}`,
      icon: 'i-lucide-scale',
      run: go(`/rulebook/${game.id}#${field.name}`),
    })),
  )
  const games = GAMES.map(({ id, about }): Find => ({
    label: about.title,
    more: `${about.line} ${skillNames(about.skills)}`,
    words: about.skills.flatMap((skill) => SKILLS[skill].words).join(' '),
    icon: 'i-lucide-book-open',
    run: go(`/rulebook/${id}`),
  }))
  const actions = computed<Find[]>(() => [
    { label: 'New match', more: 'set a table up', icon: 'i-lucide-plus', run: go('/new') },
    { label: 'All matches', more: 'every table in the room', icon: 'i-lucide-layout-grid', run: go('/') },
    {
      label: 'People',
      more: 'who plays here, and what they can do by now',
      icon: 'i-lucide-users',
      run: go('/people'),
    },
    {
      label: 'Seat the room',
      more: 'today’s children at tables, all started at once',
      icon: 'i-lucide-users-round',
      run: go('/room'),
    },
    {
      label: 'The lab',
      more: 'try house rules out before the children do',
      icon: 'i-lucide-flask-conical',
      run: go('/lab'),
    },
    { label: 'Choice board', more: 'who has played what how often', icon: 'i-lucide-table-2', run: go('/choices') },
    { label: 'Logbook', more: 'all matches by day', icon: 'i-lucide-notebook-text', run: go('/logbook') },
    {
      label: 'Today in one page',
      more: 'who played what, what is shaky',
      icon: 'i-lucide-calendar-check',
      run: go('/day/today'),
    },
    { label: 'Keep and bring back', more: 'archive, match files', icon: 'i-lucide-archive', run: go('/keep') },
    {
      label: colorMode.value === 'dark' ? 'Paper (light)' : 'Slate (dark)',
      more: 'the other look',
      icon: 'i-lucide-sun-moon',
      run: () => {
        colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'
        left()
      },
    },
  ])
  const tables = computed(() =>
    matches.value.map(({ id, name, game, seats, over }): Find => ({
      label: name || (aboutOf(game)?.title ?? game),
      more: `${name ? `${aboutOf(game)?.title}: ` : ''}${seats.map((seat) => seat.name).join(', ')}${over ? ' (finished)' : ''}`,
      icon: over ? 'i-lucide-award' : 'i-lucide-play',
      run: go(`/match/${id}`),
    })),
  )
  const persons = computed(() =>
    people.value.map(({ name }): Find => ({
      label: name,
      more: 'a new match with',
      icon: 'i-lucide-user',
      run: go(newMatchPath({ names: [name] })),
    })),
  )

  /** Every word must occur; what begins with the whole line comes first. */
  function found(finds: readonly Find[]): Find[] {
    const line = text().trim().toLowerCase()
    const words = line.split(/\s+/).filter(Boolean)
    const hits = finds.filter((find) =>
      words.every((word) => `${find.label} ${find.more} ${find.words ?? ''}`.toLowerCase().includes(word)),
    )
    const begins = ({ label }: Find) => Number(label.toLowerCase().startsWith(line))
    return hits.sort((a, b) => begins(b) - begins(a)).slice(0, MOST)
  }

  const shelves = computed<Shelf[]>(() =>
    [
      { id: 'tables', label: 'Tables', finds: found(tables.value) },
      { id: 'people', label: 'People', finds: found(persons.value) },
      { id: 'games', label: 'Games', finds: found(games) },
      { id: 'rules', label: 'House rules', finds: text().trim() ? found(rules) : [] },
      { id: 'actions', label: 'Do', finds: found(actions.value) },
    ].filter(({ finds }) => finds.length),
  )
  return { shelves, load }
}
