import { titleOf } from '#core/contract/game'
import { itemAt } from '#core/basics/lists'
import { standing } from '#core/kernel/match'
import { flowPages, type Block } from '#core/print/flow'
import type { Page, Wishes } from '#core/contract/sheet'
import type { Line, Tape } from '#core/kernel/tape'
import { sayEntry, sayReason, sayResult, speaking } from '#core/wording/index'
import { showWorking } from '#core/contract/working'
import { figure } from '#core/basics/words'

const SIZE = 3.4

/** A match's tape as a receipt: every entry with its sum and the scores after it, then how it ended. `day` is told as it is. */
export function receiptPages(tape: Tape, day: string, { paper }: Pick<Wishes, 'paper'>): readonly Page[] {
  const { table, state } = tape
  const scores = (line: Line) => standing(table, line.after).map(figure).join(' : ')
  const blocks: Block[] = [
    { text: titleOf(table.game.about, tape.start.rules), size: 6, strong: true },
    { text: day, size: SIZE },
    ...table.players.map((name, i): Block => ({
      text: name,
      size: SIZE,
      beside: figure(itemAt(standing(table, state), i)),
      above: i ? 0 : 2,
    })),
    { text: 'Each line with the scores after it', size: SIZE, above: 4, line: 'above' },
    ...tape.lines.flatMap((line): Block[] => [
      {
        text: `${line.struck ? 'taken back: ' : line.verdict.stands ? '' : 'not counted: '}${sayEntry(table, line)}`,
        size: SIZE,
        indent: 8,
        bullet: String(line.number),
        beside: line.struck ? '' : scores(line),
        above: 1.2,
      },
      ...besides(tape, line).map((text): Block => ({ text, size: SIZE, indent: 8 })),
    ]),
    ...(state.result
      ? [{ text: sayResult(table, state.result), size: 4.4, strong: true, above: 5, line: 'above' as const }]
      : []),
  ]
  return flowPages(blocks, paper, 2)
}

function besides({ table }: Tape, { verdict, before, struck }: Line): string[] {
  if (struck) return []
  if (verdict.reason) return [sayReason(table.game, verdict.reason, speaking(table, before.rules))]
  return verdict.working.map(showWorking)
}
