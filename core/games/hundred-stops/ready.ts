import { isStop, type StopsRules } from '#core/games/hundred-stops/rules'
import type { Ready } from '#core/contract/ready'
import { runningSheet, span } from '#core/kit/parts'
import { count } from '#core/basics/words'

export const ready: Ready<StopsRules> = {
  aloud: ({ dice, worth, tokens, finish, unit }) => [
    unit === 10
      ? `Roll ${count(dice, 'die', 'dice')} for the tens and spin for the hundreds, then hop in the order you like: tens step by step, a hundred in one jump.`
      : `Roll ${count(dice, 'die', 'dice')} for the ones and spin for the tens, then hop in the order you like: ones step by step, a ten in one jump.`,
    `Every stop you touch gives its token${tokens === 'first-come' ? ' to whoever is first' : ''}${worth === 'stop-value' ? ', worth its number' : ''}.`,
    finish === 'all-home'
      ? 'When all are home, the tokens decide.'
      : `When someone is home, ${finish === 'at-once' ? 'it ends at once' : 'the round is played to its end'}; the tokens decide.`,
  ],
  talk: ({ unit }) => ({
    notice: 'Where are the stops, and how far is it from one to the next?',
    say: `${unit === 10 ? 'Six and five make eleven tens: that is a hundred and ten' : 'Six and five make eleven: that is a ten and one'}.`,
    hard: 'When did another order of the hops bring more?',
  }),
  sheets: (rules, seats) => [
    {
      id: 'track',
      title: `Track by ${rules.unit === 10 ? 'tens' : 'ones'} from ${rules.start} to ${rules.end}`,
      kind: 'track',
      spaces: span(0, (rules.end - rules.start) / rules.unit).map((i) => {
        const at = rules.start + i * rules.unit
        return { text: String(at), strong: isStop(rules, at) }
      }),
    },
    {
      id: 'discs',
      title: 'Spinner',
      kind: 'discs',
      discs: [{ title: rules.unit === 10 ? 'Hundreds' : 'Tens', faces: rules.hundreds }],
    },
    runningSheet(12, rules.unit === 10 ? 'Tens and hundreds' : 'Ones and tens', seats, String(rules.start)),
  ],
  ladder: ['first-steps', 'usual', 'fifties'],
}
