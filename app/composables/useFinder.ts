import { skillNames, SKILLS } from '#core/contract/skills'
import { matchName, matchTitle } from '#core/games/titles'
import type { GameId } from '#core/games/ids'
import { GAMES } from '#core/games/index'
import { SITUATIONS } from '#core/games/situations'
import { readHouseRules } from '#core/kernel/houseRules'
import { ruleFields } from '#core/kernel/ruleFields'
import { CASE, questionsOf } from '#core/trainer/questions'
import type { ListedMatch, NamedRules } from '#shared/api'
import type { Person } from '#shared/people'
import { callApi } from '~/utils/api'

/** Something that can be found, and where it leads. */
interface Find {
  readonly label: string
  readonly more: string
  /** What it is found by too, without being shown. */
  readonly words?: string
  readonly icon: string
  run(): void
}

/** The game that the others are made of. */
const OWN = 'own-game'
type Go = (to: string) => () => void

const rulesFound = (go: Go) =>
  GAMES.flatMap((game) =>
    ruleFields(game).map((field): Find => ({
      label: field.label,
      more: `${game.about.title}. ${field.hint}`,
      icon: 'i-lucide-scale',
      run: go(`/rulebook/${game.id}#${field.name}`),
    })),
  )

const gamesFound = (go: Go) =>
  GAMES.map(({ id, about }): Find => ({
    label: about.title,
    more: `${about.line} ${skillNames(about.skills)}`,
    words: about.skills.flatMap((skill) => SKILLS[skill].words).join(' '),
    icon: 'i-lucide-book-open',
    run: go(`/rulebook/${id}`),
  }))

/** Places to go: what is done there, in the words by which it is looked for. */
const PLACES: readonly (readonly [label: string, more: string, icon: string, to: string])[] = [
  ['New match', 'set a table up', 'i-lucide-plus', '/new'],
  ['All matches', 'every table in the room', 'i-lucide-layout-grid', '/'],
  ['People', 'who plays here, and what they can do by now', 'i-lucide-users', '/people'],
  ['Seat the room', 'today’s children at tables, all started at once', 'i-lucide-users-round', '/room'],
  ['The lab', 'try house rules out before the children do', 'i-lucide-flask-conical', '/lab'],
  ['The workshop', 'make up a game of your own', 'i-lucide-hammer', '/workshop'],
  ['Choice board', 'who has played what how often', 'i-lucide-table-2', '/choices'],
  ['Logbook', 'all matches by day', 'i-lucide-notebook-text', '/logbook'],
  ['Today in one page', 'who played what, what is shaky', 'i-lucide-calendar-check', '/day/today'],
  ['The week’s ways', 'how facts were found, fact by fact', 'i-lucide-lightbulb', '/ways'],
  ['Rulebook', 'all games, and what each practises', 'i-lucide-book-open', '/rulebook'],
  ['Helpers’ codes', 'one sheet for all tables that play', 'i-lucide-qr-code', '/print/helpers'],
  ['Keep and bring back', 'archive, match files, backups, the time zone', 'i-lucide-archive', '/keep'],
]
const placesFound = (go: Go) => PLACES.map(([label, more, icon, to]): Find => ({ label, more, icon, run: go(to) }))

const tablesFound = (matches: readonly ListedMatch[], go: Go) =>
  matches.map((match): Find => {
    const { id, name, seats, over } = match
    const title = matchTitle(match)
    return {
      label: matchName(match),
      more: `${name ? `${title}: ` : ''}${seats.map((seat) => seat.name).join(', ')}${over ? ' (finished)' : ''}`,
      icon: over ? 'i-lucide-award' : 'i-lucide-play',
      run: go(`/match/${id}`),
    }
  })

const peopleFound = (people: readonly Person[], go: Go) =>
  people.map(({ id, name, classes }): Find => ({
    label: name,
    more: classes.length ? `${classes.join(', ')}: what they can do by now` : 'what they can do by now',
    icon: 'i-lucide-user',
    run: go(`/people/${id}`),
  }))

/** Games that this room has made up and kept. */
const ownFound = (own: readonly NamedRules[], go: Go) =>
  own.map(({ name, houseRules }): Find => ({
    label: name,
    more: 'our own game: a new match',
    icon: 'i-lucide-hammer',
    run: go(newMatchPath({ game: OWN, rules: houseRules })),
  }))

/** What people ask about each game, answered on its page of the rulebook under the usual rules. */
const questionsFound = (go: Go) =>
  GAMES.flatMap((game) => {
    const seats = Math.max(2, game.about.seats.low)
    const read = readHouseRules(game, {}, seats)
    return (read.ok ? questionsOf(game, SITUATIONS[game.id as GameId], read.rules, seats) : [])
      .filter(({ id }) => !id.startsWith('rule-'))
      .map((question): Find => ({
        label: question.asks,
        // What the judge says is worked out where it is read.
        more: `${game.about.title}: ${question.id.startsWith(CASE) ? 'the judge answers' : question.answer}`,
        words: question.words,
        icon: 'i-lucide-message-circle-question',
        run: go(`/rulebook/${game.id}?ask=${question.id}`),
      }))
  })

/** Learning a game: asked about, watched, tried, or refereed. */
const learning = (go: Go) =>
  GAMES.flatMap(({ id, about }): Find[] => [
    {
      label: `May I? ${about.title}`,
      more: 'one question to the judge, without a match',
      words: 'allowed ask judge put there situation dispute',
      icon: 'i-lucide-circle-help',
      run: go(`/may-i/${id}`),
    },
    {
      label: `Watch: ${about.title}`,
      more: 'a match that plays itself',
      icon: 'i-lucide-clapperboard',
      run: go(`/watch/${id}`),
    },
    {
      label: `Try: ${about.title}`,
      more: 'one match against bots; nothing of it is kept',
      icon: 'i-lucide-dices',
      run: go(`/try/${id}`),
    },
    {
      label: `What good players look at: ${about.title}`,
      more: 'three positions to weigh',
      words: 'tactics strategy better move tips advice clever win',
      icon: 'i-lucide-scale',
      run: go(learnPath('weigh', id)),
    },
    {
      label: `Be the referee: ${about.title}`,
      more: 'does it stand, and why not?',
      icon: 'i-lucide-gavel',
      run: go(`/referee/${id}`),
    },
  ])

/** A new match, with somebody or of a game. */
const beginnings = (people: readonly Person[], go: Go): Find[] =>
  [
    ...people.map(({ name }) => ({ label: `New match with ${name}`, more: '', names: [name] })),
    ...GAMES.map(({ id, about }) => ({ label: `New match: ${about.title}`, more: about.line, game: id })),
  ].map(({ label, more, ...asked }) => ({ label, more, icon: 'i-lucide-plus', run: go(newMatchPath(asked)) }))

/** A card of the drawer: found by all its words. */
const cardOf = ({ label, more, words = '', icon, run }: Find) => ({
  label,
  description: more,
  all: `${label} ${more} ${words}`,
  icon,
  onSelect: run,
})

/** What a shelf shows at once: more are found by typing more. */
const SHELF = 8
const firstOnes = <T>(_term: string, cards: T[]): T[] => cards.slice(0, SHELF)

/** Everything that can be found from one line, on shelves: tables, people, games, house rules, actions. */
export function useFinder(text: () => string, left: () => void) {
  const matches = shallowRef<readonly ListedMatch[]>([])
  const people = shallowRef<readonly Person[]>([])
  const own = shallowRef<readonly NamedRules[]>([])
  const colorMode = useColorMode()
  const go: Go = (to) => () => {
    left()
    void navigateTo(to)
  }

  async function load() {
    try {
      const [listed, known, kept] = await Promise.all([
        callApi('/api/matches?which=all&limit=200'),
        callApi('/api/people'),
        callApi(`/api/house-rules?game=${OWN}`),
      ])
      own.value = kept.rules
      matches.value = listed.matches
      people.value = known.people
    } catch {
      // What needs no server can still be found.
    }
  }

  const [games, places] = [gamesFound(go), placesFound(go)]
  /** So many that they come, and are made, only when they are asked for. */
  const asked = computed(() => text().trim() !== '')
  const rules = computed(() => rulesFound(go))
  const questions = computed(() => questionsFound(go))
  const learned = computed(() => learning(go))
  const otherLook = computed<Find>(() => ({
    label: colorMode.value === 'dark' ? 'Paper (light)' : 'Slate (dark)',
    more: 'the other look',
    icon: 'i-lucide-sun-moon',
    run: () => {
      colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'
      left()
    },
  }))
  const tables = computed(() => tablesFound(matches.value, go))
  const begin = computed(() => beginnings(people.value, go))
  const persons = computed(() => peopleFound(people.value, go))
  const shelves = computed(() =>
    [
      { id: 'tables', label: 'Tables', finds: tables.value },
      { id: 'people', label: 'People', finds: persons.value },
      { id: 'games', label: 'Games', finds: [...ownFound(own.value, go), ...games] },
      { id: 'rules', label: 'House rules', finds: asked.value ? rules.value : [] },
      { id: 'new', label: 'Begin', finds: asked.value ? begin.value : [] },
      { id: 'questions', label: 'Questions', finds: asked.value ? questions.value : [] },
      { id: 'learn', label: 'Learn', finds: asked.value ? learned.value : [] },
      { id: 'actions', label: 'Go to', finds: [...places, otherLook.value] },
    ].map(({ id, label, finds }) => ({ id, label, items: finds.map(cardOf), postFilter: firstOnes })),
  )
  return { shelves, load }
}
