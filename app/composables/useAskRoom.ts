import { askedNow, MOST_HANDS, questionsAt, rightOf, type Asked } from '#core/kernel/predictions'
import type { MatchStore } from '~/stores/match'
import { callApi } from '~/utils/api'

/** What the room is asked before chance speaks: the question in sight, the hands counted by touch, and how it came. */
export function useAskRoom(store: MatchStore) {
  /** What was touched and is not acknowledged yet; the newest of it alone is sent. */
  const mine = shallowRef<Asked | Pick<Asked, 'after' | 'question'> | null>(null)
  let sending = false

  const asked = computed<readonly Asked[]>(() => {
    const kept = store.match?.asked ?? []
    const now = mine.value
    if (!now) return kept
    const others = kept.filter(({ after }) => after !== now.after)
    return 'hands' in now ? [...others, now] : others
  })
  const room = computed(() => (store.tape ? askedNow(store.tape, asked.value) : null))
  const questions = computed(() => (store.tape && !room.value ? questionsAt(store.tape.table, store.tape.state) : []))
  const guessed = computed(() => (store.tape ? rightOf(store.tape, asked.value) : { right: 0, of: 0 }))

  async function send() {
    if (sending) return
    sending = true
    try {
      while (mine.value && store.match) {
        const now = mine.value
        const { asked: kept } = await callApi(`/api/matches/${store.match.id}/asked`, 'PUT', {
          hands: null,
          ...now,
        })
        if (mine.value !== now) continue
        mine.value = null
        store.hearAsked({ asked: kept })
      }
    } catch (error) {
      mine.value = null
      store.refusal = saysOf(error)
    } finally {
      sending = false
    }
  }

  function ask(question: string, choices: number) {
    mine.value = { after: store.tape?.lines.length ?? 0, question, hands: Array.from({ length: choices }, () => 0) }
    void send()
  }
  /** So many hands more, or fewer, for an answer. */
  function raise(choice: number, by: 1 | -1) {
    const now = asked.value.at(-1)
    if (!now) return
    const hands = now.hands.map((n, i) => (i === choice ? Math.max(0, Math.min(MOST_HANDS, n + by)) : n))
    mine.value = { ...now, hands }
    void send()
  }
  /** The question is not asked after all. */
  function drop() {
    const now = asked.value.at(-1)
    if (!now) return
    mine.value = { after: now.after, question: now.question }
    void send()
  }
  return { room, questions, guessed, ask, raise, drop }
}
