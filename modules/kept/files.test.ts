import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { filesToKeep } from './files'

describe('what a browser keeps to be without the server', () => {
  const folder = mkdtempSync(join(tmpdir(), 'nimble-kept-'))
  const put = (path: string, content = path) => {
    mkdirSync(join(folder, path, '..'), { recursive: true })
    writeFileSync(join(folder, path), content)
  }
  const revision = (url: string) => filesToKeep(folder).find((kept) => kept.url === url)?.revision
  beforeAll(() => {
    const needed = ['mark.svg', 'manifest.webmanifest', '_nuxt/a1.js', '_nuxt/b2.css', '_nuxt/text.c3.woff2']
    const builds = ['_nuxt/builds/latest.json', '_nuxt/builds/meta/d4.json']
    for (const path of [...needed, ...builds]) put(path)
    for (const path of ['sw.js', '_nuxt/a1.js.br', '_nuxt/a1.js.gz', '_nuxt/a1.js.map', 'index.html', 'list.json'])
      put(path)
  })
  afterAll(() => rmSync(folder, { recursive: true }))

  test('files of the pages, not their packed copies, nor the worker itself', () => {
    expect(filesToKeep(folder).map(({ url }) => url)).toEqual([
      '_nuxt/a1.js',
      '_nuxt/b2.css',
      '_nuxt/builds/latest.json',
      '_nuxt/builds/meta/d4.json',
      '_nuxt/text.c3.woff2',
      'manifest.webmanifest',
      'mark.svg',
    ])
  })

  test('names of their content say which they are; others have a revision that changes with what is in them', () => {
    expect(['_nuxt/a1.js', '_nuxt/text.c3.woff2', '_nuxt/builds/meta/d4.json'].map(revision)).toEqual([
      null,
      null,
      null,
    ])
    const [mark, latest] = [revision('mark.svg'), revision('_nuxt/builds/latest.json')]
    expect([mark, latest]).toEqual([expect.any(String), expect.any(String)])
    put('mark.svg', 'another')
    expect(revision('mark.svg')).not.toBe(mark)
    expect(revision('_nuxt/builds/latest.json')).toBe(latest)
  })
})
