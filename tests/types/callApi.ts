import { callApi, postText } from '../../app/utils/api'

/** What the compiler lets pages ask of the server. Nothing runs; a line that says it is wrong, and is not, is an error. */
export async function asked(id: string) {
  const { people } = await callApi('/api/people')
  people satisfies readonly { readonly name: string; readonly pennant: number }[]
  // @ts-expect-error A person has no such thing.
  people satisfies readonly { readonly hat: string }[]
  const { recorded } = await callApi(`/api/matches/${id}/entries`, 'POST', {})
  recorded.at satisfies string
  const { total } = await callApi(`/api/logbook?${id}`)
  // @ts-expect-error Only the first page tells how many there are.
  total satisfies number
  const { entries } = await postText('/api/matches/import', '{}')
  entries satisfies number
  // @ts-expect-error There is no such route,
  await callApi('/api/poeple')
  // @ts-expect-error nor one below it,
  await callApi(`/api/matches/${id}/entires`, 'POST', {})
  // @ts-expect-error nor by that method,
  await callApi('/api/people', 'PUT', {})
  // @ts-expect-error nor for a text.
  await postText(`/api/matches/${id}/clock`, '{}', 'too much')
  // @ts-expect-error Where an address may be any, nobody knows what it answers.
  await callApi(id)
}
