import type { Page } from '@playwright/test'
import type { House } from './support/house'
import { expect, openDesign, saved, test } from './support/test'

async function openHeat(page: Page, house: House, name = 'Cabin archive'): Promise<void> {
  await openDesign(page, house, name)
  await page.locator('body').press('h')
  await expect(page.getByRole('main', { name: 'Heat' })).toBeVisible()
}
const rows = (page: Page) => page.getByRole('region', { name: 'How warm the drives get' })
/** The likely end of "36 to 46 °C". */
async function warmest(page: Page): Promise<number> {
  const text = await rows(page).locator('tbody tr').first().innerText()
  return Number(/to (\d+) °C/.exec(text)?.[1])
}

test('the air on the drawing, a band for each row, and what the speed of the fans does', async ({
  house,
  quietPage: page,
}) => {
  await openHeat(page, house)
  await expect(rows(page).locator('[data-heat-row="1 5 9"]')).toContainText('36 to 46 °C')
  await expect(page.locator('[data-plan-label="36 to 46 °C"]')).toHaveCount(4)
  await expect(page.getByRole('main')).toContainText('Where the fans stand is assumed')
  await expect(
    page.getByRole('img', { name: /^Fans at 40 %: 36 to 46 °C; at full speed 3\d to 3\d °C$/ }),
  ).toBeVisible()
  await expect(
    page.getByRole('region', { name: 'Front' }).getByText('36 to 46 °C').first(),
  ).toBeVisible()
  const before = await warmest(page)
  const slider = page.getByRole('slider', { name: /^Fans at 40 %/ })
  await slider.focus()
  for (let step = 0; step < 8; step += 1) await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('slider', { name: /^Fans at 80 %/ })).toBeVisible()
  expect(await warmest(page)).toBeLessThan(before)
  // One step to whoever undoes it, though the slider stood at many speeds.
  await page.getByRole('button', { name: 'undo' }).click()
  await expect(page.getByRole('slider', { name: /^Fans at 40 %/ })).toBeVisible()
  await page.getByRole('button', { name: 'at rest, disks spinning' }).click()
  expect(await warmest(page)).toBeLessThan(before)
})

test('a warm room, and what would cool it, each with kelvin, decibels and money', async ({
  house,
  quietPage: page,
}) => {
  await openHeat(page, house)
  await page.getByLabel('Room on a hot day').fill('32')
  const warning = page.getByText(/In a room of 32 °C the warmest drives get 44 to 54 °C/)
  await expect(warning.first()).toBeVisible()
  await expect(rows(page)).toContainText('may get too warm')
  const ways = page.getByRole('list', { name: 'Ways to cool it' })
  await expect(ways.locator('[data-way="another fan"]').first()).toContainText('Brisk 80 strong')
  const speed = ways.locator('[data-way="fan speed"]')
  await expect(speed).toContainText(/−\d\.\d K \+\d+ dB/)
  await speed.click()
  await expect(page.getByRole('slider', { name: /^Fans at 6\d %|^Fans at 7\d %/ })).toBeVisible()
  await ways.locator('[data-way="close the gap"]').click()
  await expect(page.getByLabel('Gap beside the fans closed')).toBeChecked()
  await expect(saved(page)).toBeVisible()
})

test('a filter is only asked for where there is one, and louder fans stand beside the heat', async ({
  house,
  quietPage: page,
}) => {
  await openHeat(page, house)
  await expect(page.getByRole('group', { name: 'Filter' })).toHaveCount(0)
  const noise = page.getByRole('region', { name: 'Noise' })
  await expect(noise.locator('[data-noise="spinning"]')).toContainText('46 dB(A)')
  await expect(noise.locator('[data-noise="starting"]')).toContainText('64 dB(A)')
  await openHeat(page, house, 'Drawer of drives')
  await expect(rows(page)).toContainText('K over the room')
  await page.getByRole('button', { name: 'clogged' }).click()
  await expect(page.getByRole('button', { name: 'clogged' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await expect(page.getByRole('list', { name: 'Ways to cool it' })).toContainText(
    'Clean the filters',
  )
})

test('no step makes the page longer than the window', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Cabin archive')
  for (const letter of ['b', 's', 'c', 'd', 'p', 'a', 'n', 'w', 'h']) {
    await page.locator('body').press(letter)
    await expect(page.getByRole('main')).toBeVisible()
    const beyond = await page.evaluate(
      () => document.documentElement.scrollHeight - document.documentElement.clientHeight,
    )
    expect([letter, beyond]).toEqual([letter, 0])
  }
})
