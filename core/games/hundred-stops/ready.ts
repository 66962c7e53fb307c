import { isStop, type StopsRules } from '#core/games/hundred-stops/rules'
import type { Ready } from '#core/contract/ready'
import { runningSheet, span } from '#core/kit/parts'
import { count } from '#core/basics/words'

export const ready: Ready<StopsRules> = {
  aloud: ({ dice, worth, tokens, finish }) => [
    `Roll ${count(dice, 'die', 'dice')} for the tens and spin for the hundreds, then hop in the order you like: tens step by step, a hundred in one jump.`,
    `Every stop you touch gives its token${tokens === 'first-come' ? ' to whoever is first' : ''}${worth === 'stop-value' ? ', worth its number' : ''}.`,
    finish === 'all-home'
      ? 'When all are home, the tokens decide.'
      : `When someone is home, ${finish === 'at-once' ? 'it ends at once' : 'the round is played to its end'}; the tokens decide.`,
  ],
  sheets: (rules, seats) => [
    {
      id: 'track',
      title: `Track by tens from ${rules.start} to ${rules.end}`,
      kind: 'track',
      spaces: span(0, (rules.end - rules.start) / 10).map((i) => {
        const at = rules.start + i * 10
        return { text: String(at), strong: isStop(rules, at) }
      }),
    },
    { id: 'discs', title: 'Spinner', kind: 'discs', discs: [{ title: 'Hundreds', faces: rules.hundreds }] },
    runningSheet(12, 'Tens and hundreds', seats, String(rules.start)),
  ],
  ladder: ['first-steps', 'usual', 'fifties'],
}
