import { chromium } from '@playwright/test'
import { readFileSync } from 'node:fs'
const base = 'http://127.0.0.1:3100'
export async function sheet(out, shots, { cols = 2, scale = 0.6 } = {}) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
  const pics = []
  for (const [path, size = [1280, 800], act, opts = {}] of shots) {
    const ctx = await browser.newContext({ viewport: { width: size[0], height: size[1] }, reducedMotion: 'reduce', serviceWorkers: 'block', ...opts })
    const page = await ctx.newPage()
    page.on('pageerror', (e) => console.log(path, 'ERR', e.message.slice(0, 300)))
    page.on('console', (m) => m.type() === 'error' && console.log(path, 'CONSOLE', m.text().slice(0, 200)))
    const p = typeof path === 'function' ? await path() : path
    await page.goto(base + p)
    await page
      .getByRole('heading', { level: 1 })
      .first()
      .waitFor({ timeout: 15000 })
      .catch(() => console.log('no h1', p))
    await page.waitForTimeout(700)
    try {
      await act?.(page)
    } catch (e) {
      console.log(p, 'ACT', e.message.slice(0, 300))
    }
    await page.waitForTimeout(500)
    pics.push([await page.screenshot(), size])
    await ctx.close()
  }
  const page = await (await browser.newContext({ viewport: { width: 1600, height: 1000 } })).newPage()
  await page.setContent(
    `<body style="margin:6px;background:#888;display:flex;flex-wrap:wrap;gap:8px;width:${Math.max(...pics.map(([, s]) => s[0] * scale)) * cols + 10 * cols}px">${pics.map(([b, s]) => `<img style="width:${s[0] * scale}px;height:${s[1] * scale}px" src="data:image/png;base64,${b.toString('base64')}">`).join('')}</body>`,
  )
  await page.waitForTimeout(200)
  const box = await page.evaluate(() => ({ w: document.body.scrollWidth + 12, h: document.body.scrollHeight + 12 }))
  await page.setViewportSize({ width: Math.ceil(box.w), height: Math.ceil(box.h) })
  await page.screenshot({ path: out })
  await browser.close()
}
export const boardOf = async (match) => `/board/${(await (await fetch(`${base}/api/matches/${match}`)).json()).board}`
export const type =
  (...keys) =>
  async (page) => {
    for (const key of keys) await (key.length > 1 && /^[A-Z]/.test(key) ? page.keyboard.press(key) : page.keyboard.type(key))
  }
