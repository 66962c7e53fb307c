import { createHash } from 'node:crypto'

const INLINE = /<script(?![^>]*\ssrc=)(?![^>]*application\/json)[^>]*>([\s\S]*?)<\/script>/g

/** Lets the page run its own scripts and those inline ones that it came with, and nothing else from anywhere. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:response', (response) => {
    if (typeof response.body !== 'string') return
    const hashes = [...response.body.matchAll(INLINE)].map(
      ([, script]) => `'sha256-${createHash('sha256').update(script!).digest('base64')}'`,
    )
    const policy = [
      `default-src 'self'`,
      `script-src 'self' ${hashes.join(' ')}`,
      `style-src 'self' 'unsafe-inline'`,
      `img-src 'self' data: blob:`,
      `font-src 'self' data:`,
      `worker-src 'self' blob:`,
      `object-src 'none'`,
      `base-uri 'self'`,
      `form-action 'self'`,
      `frame-ancestors 'none'`,
    ]
    response.headers = { ...response.headers, 'content-security-policy': policy.join('; ') }
  })
})
