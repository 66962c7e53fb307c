import { existsSync, mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { defineConfig } from '@playwright/test'

export const PORT = Number(process.env.TEST_PORT ?? 4173)
/** Debian's Chromium; without a window where it is there. */
const chromium = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium', '/usr/bin/chromium-browser'].find((path) =>
  existsSync(path),
)

export default defineConfig({
  testDir: 'tests/browser',
  fullyParallel: true,
  // One more than CI has cores: a good part of every test waits for a finger.
  workers: 3,
  // bin/test names what passed only at the second try.
  retries: 1,
  // What breaks everywhere is known after some; the rest of an hour would say it again.
  maxFailures: 12,
  // Nothing is timed: these only end what hangs, on machines three times as slow too.
  timeout: 150_000,
  expect: { timeout: 25_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: chromium,
      args: [
        '--no-sandbox',
        '--disable-dev-shm-usage',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
    screenshot: 'only-on-failure',
    // Only offline.spec.ts lets the page keep its files; elsewhere each test starts bare.
    serviceWorkers: 'block',
  },
  webServer: {
    command: 'node .output/server/index.mjs',
    url: `http://127.0.0.1:${PORT}/api/health`,
    reuseExistingServer: false,
    timeout: 60_000,
    env: {
      NITRO_HOST: '127.0.0.1',
      NITRO_PORT: String(PORT),
      NODE_ENV: 'production',
      NIMBLE_DATA: mkdtempSync(join(tmpdir(), 'nimble-test-')),
      NIMBLE_PREPARED: join(process.cwd(), 'dist/empty-folder.tar.gz'),
    },
  },
})
