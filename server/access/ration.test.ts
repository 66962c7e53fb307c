import { inMemory, makeRation } from './ration'

const code = (error: unknown) => (error as { code?: string }).code

test('five wrong tries a minute, and a right one costs nothing', async () => {
  const ration = makeRation('passcode', inMemory)
  for (let i = 0; i < 3; i++) await ration.take('a')
  for (let i = 0; i < 20; i++) await (await ration.take('a'))()
  await ration.take('a')
  await ration.take('a')
  await expect(ration.take('a').catch(code)).resolves.toBe('too-many-tries')
})

test('what is right in one kind takes no wrong try of another back', async () => {
  const [passcode, helpers] = [makeRation('passcode', inMemory), makeRation('code', inMemory)]
  for (let i = 0; i < 5; i++) {
    await passcode.take('a')
    await (
      await helpers.take('a')
    )()
  }
  await expect(passcode.take('a').catch(code)).resolves.toBe('too-many-tries')
})

test('many addresses are no way round, but keep nobody out who gave it before', async () => {
  const ration = makeRation('passcode', inMemory)
  await (
    await ration.take('known')
  )()
  for (let i = 0; i < 30; i++) await ration.take(`stranger ${i}`)
  await expect(ration.take('one more').catch(code)).resolves.toBe('too-many-tries')
  await expect((await ration.take('known'))()).resolves.toBeUndefined()
})
