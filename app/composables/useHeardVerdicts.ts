import type { Tape } from '#core/kernel/tape'
import { sayEntry, sayResult, sayVerdict, speaking } from '#core/wording/index'
import type { Desk } from '~/composables/useDesk'

/** Said to a screen reader, spoken and chimed where wished: each new verdict once. */
export function useHeardVerdicts(tape: Ref<Tape | null>, { next, turns, silent, answering }: Desk): Ref<string> {
  const voice = useVoice()
  const heard = ref('')
  watch(tape, (now, before) => {
    if (!now || !before || now.lines.length <= before.lines.length) return
    const line = now.lines.at(-1)
    if (!line) return
    const { state, table } = now
    const [up, ...others] = next.value
    const turn = up !== undefined && !others.length && turns.value ? ` ${speaking(table).name(up)} is next.` : ''
    heard.value = state.result
      ? sayResult(table, state.result)
      : silent.value.has(line.number)
        ? `${sayEntry(table, line)}. ${table.game.about.finds.asks}`
        : `${sayEntry(table, line)}. ${sayVerdict(table, line)}${turn}`
    voice.say(heard.value)
    voice.chime(state.result ? 'end' : line.verdict.stands ? 'stands' : 'refused')
  })
  // The question that the pad shows: once, when the answer to what lies there is still missing.
  watch(
    () => answering.value === 'missing',
    (missing) => missing && tape.value && voice.say(tape.value.table.game.about.finds.asks, 'ask'),
  )
  return heard
}
