import { toggled } from '#core/basics/lists'
import * as z from 'zod'
import type { LocationQuery } from 'vue-router'
import { printablesOf, type Printable } from '#core/print/forGame'
import { letterParts, type LetterPart } from '#core/print/letter'
import { receiptPages } from '#core/print/receipt'
import { PAPERS, type Paper, type Wishes } from '#core/contract/sheet'
import type { Setup } from '~/composables/useSetup'
import type { GameView } from '~/games/view'
import { callApi } from '~/utils/api'
import { tapeOf } from '~/utils/tapes'
import type { StoredMatch } from '#shared/api'

/** The sheet id of a match's tape. */
export const RECEIPT = 'receipt'

const FACES: readonly Wishes['faces'][] = ['figure', 'dots', 'frames', 'word']
const SIZES: readonly Wishes['cardSize'][] = ['small', 'usual', 'large']
const oneOf = <T extends string>(list: readonly T[], value: unknown, usual: T): T =>
  list.find((each) => each === value) ?? usual

const WISHED = z.object({
  paper: z.enum(Object.keys(PAPERS) as [Paper, ...Paper[]]),
  faces: z.enum(['figure', 'dots', 'frames', 'word']),
  cardSize: z.enum(['small', 'usual', 'large']),
  backs: z.boolean(),
  blank: z.boolean(),
})

/** Paper and the looks of cards: remembered on this device, and the address goes first. */
function useWishes(asked: LocationQuery) {
  const usual = useKept<Wishes>('print-wishes', WISHED, {
    paper: 'a4',
    faces: 'figure',
    cardSize: 'usual',
    backs: false,
    blank: false,
  })
  const wishes = ref<Wishes>({
    paper: oneOf(Object.keys(PAPERS) as Paper[], asked.paper, usual.value.paper),
    faces: oneOf(FACES, asked.faces, usual.value.faces),
    cardSize: oneOf(SIZES, asked.cards, usual.value.cardSize),
    backs: asked.backs === undefined ? usual.value.backs : asked.backs === '1',
    blank: asked.blank === undefined ? usual.value.blank : asked.blank === '1',
  })
  return { usual, wishes }
}

/** The letter home: as the app writes it under the rules, and as it was edited (null where it was not). */
function useLetter({ game, read, seats }: Pick<Setup, 'game' | 'read' | 'seats'>) {
  const letter = shallowRef<readonly LetterPart[] | null>(null)
  const written = computed(() => (read.value.ok ? letterParts(game.value, read.value.rules, seats.value.length) : []))
  return { letter, written }
}

/** The chosen sheets among all there are: the first one before anything was chosen, or where only strange ones are named. */
function useChosen(everything: Readonly<Ref<readonly Printable[]>>, named: readonly string[] | null) {
  const chosen = ref<readonly string[] | null>(named)
  const sheets = computed(() => {
    const found = everything.value.filter(({ id }) => chosen.value?.includes(id))
    return found.length || chosen.value?.length === 0 ? found : everything.value.slice(0, 1)
  })
  const toggle = (id: string) =>
    (chosen.value = toggled(
      sheets.value.map((sheet) => sheet.id),
      id,
    ))
  return { chosen, sheets, toggle }
}

/** What is printed for a game: rules, wishes and chosen sheets, all of it kept in the address. */
export function usePrinting(view: GameView, match: StoredMatch | null) {
  const { game } = view
  const { route, router, leaves } = useAddress()
  const asked = route.query
  const { low, high } = game.about.seats
  const players =
    match?.seats.length ?? Math.min(high, Math.max(low, Math.round(Number(asked.seats)) || Math.max(2, low)))
  const { usual, wishes } = useWishes(asked)
  const tape = match && tapeOf(game, match, match.entries)
  const remembered = ref({
    game: game.id,
    names: Array.from({ length: players }, (_, i) => match?.seats[i]?.name ?? `Player ${i + 1}`),
    rules: match?.houseRules ?? rulesIn(asked.rules) ?? {},
    rememberNames: false,
  })
  const setup = useSetup(ref([]), remembered, view)

  const { letter, written } = useLetter(setup)
  const everything = computed<readonly Printable[]>(() => {
    if (!setup.read.value.ok) return []
    const { rules } = setup.read.value
    const receipt = tape
      ? [
          {
            id: RECEIPT,
            title: 'The tape as a receipt',
            copies: 1,
            keeps: false,
            pages: receiptPages(tape, dayOf(match), wishes.value),
          },
        ]
      : []
    return [
      ...receipt,
      ...printablesOf(game, rules, setup.seats.value.length, wishes.value, {
        ...(letter.value === null ? {} : { parts: letter.value }),
        day: match ? dayOf(match) : dayInLetter(new Date().toISOString()),
      }),
    ]
  })
  const named = typeof asked.sheets === 'string' ? asked.sheets.split(',').filter(Boolean) : null
  const { chosen, sheets, toggle } = useChosen(everything, named)

  watchDebounced(
    [wishes, chosen, setup.named, () => setup.seats.value.length],
    () => {
      if (leaves.value) return
      usual.value = { ...wishes.value }
      const { paper, faces, cardSize, backs, blank } = wishes.value
      const differing = setup.named.value
      void router.replace({
        query: {
          ...(match
            ? { match: match.id }
            : {
                seats: String(setup.seats.value.length),
                ...(Object.keys(differing).length ? { rules: JSON.stringify(differing) } : {}),
              }),
          sheets: sheets.value.map(({ id }) => id).join(','),
          paper,
          faces,
          cards: cardSize,
          ...(backs ? { backs: '1' } : {}),
          ...(blank ? { blank: '1' } : {}),
        },
      })
    },
    { debounce: 250, deep: true },
  )
  return { setup, wishes, everything, sheets, toggle, letter, written }
}

const dayOf = (match: StoredMatch | null) => (match ? dayInLetter(match.createdAt) : '')

/** The match to print from, if the address names one; null where it doesn't. Throws where it can't be read. */
export async function matchToPrint(id: unknown): Promise<StoredMatch | null> {
  return typeof id === 'string' && id ? callApi(`/api/matches/${encodeURIComponent(id)}`) : null
}

/** The page from which a game is printed under rules as they stand. */
export function printPath(game: string, rules: Readonly<Record<string, unknown>>, seats: number): string {
  const named = Object.keys(rules).length ? `&rules=${encodeURIComponent(JSON.stringify(rules))}` : ''
  return `/print/${game}?seats=${seats}${named}`
}
