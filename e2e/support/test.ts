import type { ShelfPage } from '@flint/contract'
import { type Page, test as base, expect } from '@playwright/test'
import { House } from './house'

interface Fixtures {
  /** A server with the demo, as if nobody had been there before. */
  house: House
  /** Fails the test when the page logs an error or throws. */
  quietPage: Page
}

interface WorkerFixtures {
  /** Starting a server takes longer than most tests, so the tests of one worker share it one after another. */
  sharedHouse: House
}

export const test = base.extend<Fixtures, WorkerFixtures>({
  sharedHouse: [
    // Playwright wants the first parameter written as a pattern, also when nothing is taken from it.
    // oxlint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const house = await House.open()
      await use(house)
      await house.kill()
    },
    { scope: 'worker' },
  ],
  house: async ({ sharedHouse }, use) => {
    await sharedHouse.renew()
    await use(sharedHouse)
  },
  quietPage: async ({ page }, use) => {
    const noises: string[] = []
    page.on('pageerror', ({ message }) => noises.push(message))
    page.on('console', (message) => {
      if (message.type() === 'error') noises.push(message.text())
    })
    await use(page)
    expect(noises).toEqual([])
  },
})

/** Opens a design of the shelf by its name, at its own address. */
export async function openDesign(page: Page, house: House, name: string): Promise<void> {
  // The server may just be closing a connection that was idle; who asks again has a new one.
  const answer = await page.request.get(`${house.url}/api/designs`, {
    params: { find: name },
    maxRetries: 2,
  })
  const { rows } = (await answer.json()) as ShelfPage
  const row = rows.find((one) => one.name === name)
  if (!row) throw new Error(`${name} is not on the shelf`)
  await page.goto(`${house.url}/designs/${row.id}`)
  await expect(page.getByRole('region', { name: 'Ledger' })).toBeVisible()
}

/** Takes one of the options of a choice. */
export async function choose(
  page: Page,
  name: string | RegExp,
  option: string | RegExp,
): Promise<void> {
  await page.getByRole('combobox', { name }).click()
  await page.getByRole('option', { name: option, exact: true }).click()
}

export const bay = (page: Page, number: number) => page.locator(`[data-bay="chassis-1/${number}"]`)
export const figure = (page: Page, id: string) => page.locator(`[data-value="${id}"]`)
export const saved = (page: Page) => page.locator('[data-save="saved"]')

export { expect }
