import { isDatabaseAway } from './away'

const coded = (code: string, cause?: unknown) => Object.assign(new Error('failed', { cause }), { code })

test.each(['CONNECTION_CLOSED', 'CONNECT_TIMEOUT', 'ECONNREFUSED', '57P01', '57P03', '08006'])(
  '%s means that the database is away, however deep it lies',
  (code) => {
    expect(isDatabaseAway(coded(code))).toBe(true)
    expect(isDatabaseAway(new Error('query failed', { cause: coded(code) }))).toBe(true)
  },
)

test.each([coded('23505'), coded('42P01'), coded('57014'), new Error('ECONNREFUSED'), null, 'ECONNREFUSED'])(
  '%p is a fault of another kind',
  (error) => {
    expect(isDatabaseAway(error)).toBe(false)
  },
)
