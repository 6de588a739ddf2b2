import { fileURLToPath } from 'node:url'
import { defineConfig } from '@playwright/test'

/** Flags for Debian's Chromium without a desktop and without a network. */
const CHROMIUM_FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

export default defineConfig({
  testDir: '.',
  globalSetup: fileURLToPath(new URL('./support/makeTemplate.ts', import.meta.url)),
  outputDir: '../.flint/browser-tests',
  workers: 3,
  fullyParallel: true,
  timeout: 120_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  // A busy machine can be late once; what fails twice is broken. A test that needed it is named as flaky.
  retries: process.env.CI ? 2 : 0,
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    launchOptions: { executablePath: '/usr/bin/chromium-headless-shell', args: CHROMIUM_FLAGS },
  },
})
