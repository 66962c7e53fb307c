import { chromium } from '@playwright/test'
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const p = await (await b.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce' })).newPage()
await p.goto('http://127.0.0.1:3100/match/saturday-pier')
await p.waitForTimeout(2500)
console.log(
  await p.evaluate(() => {
    const i = document.querySelectorAll('.outer > .inner')
    const out = [i.length]
    const e = i[0]
    for (const z of [1.3, 1, 0.62]) {
      e.style.zoom = String(z)
      out.push([z, e.style.zoom, getComputedStyle(e).zoom, e.className, e.getBoundingClientRect().height, e.currentCSSZoom])
    }
    return out
  }),
)
await p.setContent(`<style>
@font-face{font-family:M;src:url(data:font/woff2;base64,${(await import('fs')).readFileSync('node_modules/@fontsource-variable/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2').toString('base64')})}
@font-face{font-family:N;src:url(data:font/woff2;base64,${(await import('fs')).readFileSync('node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2').toString('base64')})}
@font-face{font-family:B;src:url(data:font/woff2;base64,${(await import('fs')).readFileSync('node_modules/@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2').toString('base64')})}
p{font-size:44px;margin:4px}</style>
<p style="font-family:M">M 0123456789 10 20 100 1l</p><p style="font-family:M;font-feature-settings:'zero' 0,'ss01' 1,'cv01' 1">Mss 0123456789 100</p>
<p style="font-family:N">N 0123456789 10 20 100 1l</p><p style="font-family:N;font-feature-settings:'tnum' 1,'zero' 1,'ss01' 1">Nss 0123456789 100 111</p>
<p style="font-family:B">B 0123456789 10 20 100 111</p><p style="font-family:B;font-feature-settings:'tnum' 1">Btn 0123456789 100 111 711</p>`)
await p.waitForTimeout(500)
await p.screenshot({ path: '/tmp/shots/f.png', clip: { x: 0, y: 0, width: 760, height: 400 } })
await b.close()
