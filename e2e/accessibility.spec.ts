import { AxeBuilder } from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { bay, expect, openDesign, test } from './support/test'

/** Source: WCAG 2.2 levels A and AA as axe-core checks them. */
async function expectNothingFound(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze()
  const found = violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`,
  )
  expect(found).toEqual([])
}

for (const colorScheme of ['light', 'dark'] as const) {
  test(`axe finds nothing on the ${colorScheme} sheet`, async ({ house, quietPage: page }) => {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    await page.goto(house.url)
    await expect(page.getByRole('listitem')).toHaveCount(3)
    await expectNothingFound(page)

    await openDesign(page, house, 'Drawer of drives')
    await expectNothingFound(page)
    await bay(page, 1).click()
    await bay(page, 4).click({ modifiers: ['Shift'] })
    await page.locator('[data-layout="raidz2x1x4"]').focus()
    await expectNothingFound(page)
    await page.getByRole('button', { name: 'Drive model' }).click()
    await expect(page.locator('[data-model]').first()).toBeVisible()
    await expectNothingFound(page)

    for (const lens of ['Shell', 'Core']) {
      await page.getByRole('link', { name: lens }).click()
      await expect(page.locator('[data-part]').first()).toBeVisible()
      await expectNothingFound(page)
    }
    await page.getByRole('link', { name: /Brief/ }).click()
    await expect(page.getByRole('heading', { name: 'What is it for?' })).toBeVisible()
    await expectNothingFound(page)
    await page.locator('[data-figure="idle"]').click()
    await expectNothingFound(page)

    await page.goto(`${house.url}/parts/tindrel-wide-atx`)
    await expect(page.getByRole('article', { name: 'Tindrel Wide ATX' })).toBeVisible()
    await expectNothingFound(page)
    await page.getByRole('button', { name: 'Copy as your own' }).click()
    await expect(page.getByRole('button', { name: 'Keep it' })).toBeVisible()
    await expectNothingFound(page)
  })
}

test('the narrowest window that is promised shows everything', async ({
  house,
  quietPage: page,
}) => {
  await page.setViewportSize({ width: 1024, height: 768 })
  await openDesign(page, house, 'Cabin archive')
  const overflow = await page.evaluate(() => [
    document.documentElement.scrollWidth - innerWidth,
    document.documentElement.scrollHeight - innerHeight,
  ])
  expect(Math.max(...overflow)).toBeLessThanOrEqual(0)
  await expect(bay(page, 12)).toBeInViewport()
})
