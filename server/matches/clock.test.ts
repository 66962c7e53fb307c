import { clockAfter } from './clock'

const [NOW, AT] = [1_000_000, new Date(1_000_000).toISOString()]

test.each([
  [
    'a clock that ran stands until later',
    { used: 5000, since: NOW - 1000 },
    'later',
    true,
    { used: 6000, since: null, paused: { at: AT, ran: true } },
  ],
  [
    'one that stood, or a match without one, is marked too',
    { used: 0, since: null },
    'later',
    false,
    { used: 0, since: null, paused: { at: AT, ran: false } },
  ],
  [
    'twice is once',
    { used: 1, since: null, paused: { at: 'before', ran: true } },
    'later',
    true,
    { used: 1, since: null, paused: { at: 'before', ran: true } },
  ],
  [
    'back: it runs on from where it stood',
    { used: 6000, since: null, paused: { at: AT, ran: true } },
    'back',
    true,
    { used: 6000, since: NOW },
  ],
  [
    'back: what stood goes on standing',
    { used: 6000, since: null, paused: { at: AT, ran: false } },
    'back',
    true,
    { used: 6000, since: null },
  ],
  [
    'back after time was called: nothing runs',
    { used: 6000, since: null, paused: { at: AT, ran: true } },
    'back',
    false,
    { used: 6000, since: null },
  ],
  [
    'starting the clock is coming back',
    { used: 6000, since: null, paused: { at: AT, ran: false } },
    'start',
    true,
    { used: 6000, since: NOW },
  ],
  ['pausing keeps what was used', { used: 0, since: NOW - 500 }, 'pause', true, { used: 500, since: null }],
  ['set anew while it runs', { used: 900, since: NOW - 500 }, 'reset', true, { used: 0, since: NOW }],
] as const)('%s', (_what, clock, act, runs, after) => expect(clockAfter(clock, act, NOW, runs)).toEqual(after))
