import { readFile, writeFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { choose, expect, figure, openDesign, test } from './support/test'

const found = (page: Page) => page.getByRole('region', { name: 'Find parts' }).getByRole('status')
const row = (page: Page, slug: string) => page.locator(`[data-row="${slug}"]`)
const importFile = (page: Page, path: string) => page.getByLabel('Part file').setInputFiles(path)

test('by keyboard alone: found by measurements, looked at, compared', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(`${house.url}/parts`)
  await expect(found(page)).toContainText('parts')
  await page.keyboard.press('/')
  await page.keyboard.type('chassis, desktop, depth under 400, at least 4 bays')
  await expect(found(page)).toHaveText('2 parts')
  await expect(page.getByRole('option')).toHaveCount(2)
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('listbox')).toBeFocused()
  await page.keyboard.press('Space')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('article', { name: 'Ashgrove Works Hearth 4' })).toBeVisible()
  await expect(page.getByRole('row', { name: /^fans noise/i })).toContainText("maker's sheet")
  await expect(page.getByText('Used in: Warm-room shelf (1)')).toBeVisible()
  await page.keyboard.press('Space')
  await page.getByRole('button', { name: 'Compare 2' }).focus()
  await page.keyboard.press('Enter')
  const table = page.getByRole('table', { name: 'Comparison' })
  await expect(table.getByRole('row').nth(1)).toHaveText('Different')
  await expect(table.getByRole('row', { name: /^depth/i })).toHaveText(/320 mm.*245 mm/)
  await page.getByRole('button', { name: 'Leave Ashgrove Works Crate 6 out' }).click()
  await expect(table).toHaveCount(0)
})

test('a part of one’s own: copied, refused with the field, kept, chosen, changed', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(`${house.url}/parts/hollin-flat-47`)
  await page.getByRole('button', { name: 'Copy as your own' }).click()
  await page.getByLabel(/^model/).fill('Filed down')
  await page.getByLabel('height, mm').fill('forty')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('“forty” is not a number')).toBeVisible()
  await expect(page.getByText('Not kept yet: one value cannot be taken.')).toBeVisible()
  await page.getByLabel('height, mm').fill('41')
  await choose(page, 'Where height is from', 'measured')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  const article = page.getByRole('article', { name: 'Hollin Filed down' })
  await expect(article.getByRole('row', { name: /^height/i })).toHaveText(/41 mm\s*measured/)
  await expect(row(page, 'hollin-filed-down')).toContainText('own')

  await openDesign(page, house, 'Warm-room shelf')
  await page.getByRole('link', { name: /Core/ }).click()
  await page.getByRole('button', { name: 'Cooler', exact: true }).click()
  await page.locator('[data-part="hollin-filed-down"]').click()
  await expect(page.getByRole('img', { name: /Cooler 41 mm, 15 mm below/ })).toBeVisible()
  await expect(page.locator('[data-save="saved"]')).toBeVisible()

  await page.goto(`${house.url}/parts/hollin-filed-down`)
  await page.getByRole('button', { name: 'Edit' }).click()
  await page.getByLabel('height, mm').fill('39')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(article.getByText('version 2')).toBeVisible()
  await openDesign(page, house, 'Warm-room shelf')
  await page.getByRole('link', { name: /Core/ }).click()
  await expect(page.getByRole('region', { name: 'Changed data sheets' })).toContainText(
    'height: 41 → 39',
  )

  await page.goto(`${house.url}/parts/hollin-filed-down`)
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(row(page, 'hollin-filed-down')).toHaveCount(0)
  await page.getByText('1 removed part').click()
  await page.getByRole('button', { name: 'Put Hollin Filed down back' }).click()
  await expect(page.getByText('1 removed part')).toHaveCount(0)
  await page.getByRole('searchbox', { name: 'Find parts' }).fill('filed down')
  await expect(row(page, 'hollin-filed-down')).toHaveCount(1)
})

test('what is owned is offered first and costs nothing', async ({ house, quietPage: page }) => {
  await page.goto(`${house.url}/parts/hollin-thin-29`)
  await page.getByRole('button', { name: 'One more owned' }).click()
  await expect(row(page, 'hollin-thin-29')).toContainText('1 owned')
  await page.getByLabel('owned only').check()
  await expect(found(page)).toHaveText('1 part')

  await openDesign(page, house, 'Warm-room shelf')
  await page.getByRole('link', { name: /Core/ }).click()
  await page.getByRole('button', { name: 'Cooler', exact: true }).click()
  const offers = page.locator('[data-part]')
  await expect(offers.nth(1)).toHaveAttribute('data-part', 'hollin-thin-29')
  await offers.nth(1).click()
  // €1,235 less the cooler that was to be bought, 39.00 and 4.90 shipping.
  await expect(figure(page, 'cost')).toHaveText('€1,191')
})

test('a kind saved as a file and taken in again is the same', async ({
  house,
  quietPage: page,
}, testInfo) => {
  await page.goto(`${house.url}/parts`)
  await choose(page, 'Kind of part', 'boards')
  await expect(found(page)).toHaveText('11 parts')
  const save = async (name: string): Promise<string> => {
    const download = page.waitForEvent('download')
    await page.getByRole('button', { name: 'Save as CSV' }).click()
    const path = testInfo.outputPath(name)
    await (await download).saveAs(path)
    return path
  }
  const path = await save('first.csv')
  await importFile(page, path)
  await expect(page.getByText('11 parts taken in.')).toBeVisible()
  await page.getByRole('button', { name: 'Close' }).click()
  expect(await readFile(await save('second.csv'), 'utf8')).toBe(await readFile(path, 'utf8'))
})

test('20,000 rows: good ones are taken, bad ones listed, and the page answers meanwhile', async ({
  house,
  quietPage: page,
}, testInfo) => {
  const bad = new Set([17, 4_017, 19_999])
  const lines = Array.from({ length: 20_000 }, (_, index) =>
    bad.has(index) ? `fan,Bulk,Bad ${index},abc` : `fan,Bulk,Fan ${index},${80 + (index % 60)}`,
  )
  const path = testInfo.outputPath('many.csv')
  await writeFile(path, ['kind,maker,model,sizeMm', ...lines].join('\n'))
  await page.goto(`${house.url}/parts`)
  await expect(found(page)).toContainText('parts')
  // The longest time that the page could not answer anybody.
  await page.evaluate(() => {
    const store = window as unknown as { longest: number }
    store.longest = 0
    let last = performance.now()
    const beat = (): void => {
      const now = performance.now()
      store.longest = Math.max(store.longest, now - last)
      last = now
      setTimeout(beat, 10)
    }
    beat()
  })
  await importFile(page, path)
  await expect(page.getByText('19,997 parts taken in. 3 problems')).toBeVisible({ timeout: 90_000 })
  const problems = page.getByRole('region', { name: 'Problems' })
  await expect(problems.getByRole('row').nth(1)).toHaveText(/19\s*sizeMm\s*“abc” is not a number/)
  await expect(problems.getByRole('row').nth(3)).toHaveText(/20001/)
  await page.getByRole('button', { name: 'Close' }).click()
  await page.getByRole('searchbox').fill('bulk size 120')
  await page.getByRole('searchbox').fill('bulk fan 19998')
  // All of them have to be fetched first, which takes a busy machine long.
  await expect(found(page)).toHaveText('1 part', { timeout: 90_000 })
  // Seconds would be long, but for a machine that runs other tests beside this one.
  const longest = await page.evaluate(() => (window as unknown as { longest: number }).longest)
  expect(longest).toBeLessThan(2_500)
})

test('a file that is none is refused in words', async ({ house, quietPage: page }, testInfo) => {
  await page.goto(`${house.url}/parts`)
  const path = testInfo.outputPath('none.json')
  await writeFile(path, '{}')
  await importFile(page, path)
  await expect(page.getByText('The file is no list of parts')).toBeVisible()
  await page.getByRole('button', { name: 'Close' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
})

test('the tray and the catalogue understand the same questions, and their examples find something', async ({
  house,
  quietPage: page,
}) => {
  const exampleOf = async (label: string): Promise<string> =>
    (await page.getByRole('searchbox', { name: label }).getAttribute('placeholder'))?.replace(
      'Find, as: ',
      '',
    ) ?? ''
  await page.goto(`${house.url}/parts`)
  await page.getByRole('searchbox', { name: 'Find parts' }).fill(await exampleOf('Find parts'))
  await expect(page.getByRole('list', { name: 'Understood as' })).toContainText(
    'depth under 400 mm',
  )
  await expect(page.locator('[data-row]').first()).toBeVisible()
  await page
    .getByRole('searchbox', { name: 'Find parts' })
    .fill('chassis, at least 12 bays, depth under 40 cm')
  await page.getByRole('button', { name: /^Without depth under 400 mm: \d+/ }).click()
  await expect(page.locator('[data-row="pellworth-drystone-4u24"]')).toBeVisible()

  await page.goto(house.url)
  await page.getByRole('link', { name: 'Cabin archive', exact: true }).click()
  await page.getByRole('searchbox', { name: 'Find a drive' }).fill(await exampleOf('Find a drive'))
  await expect(page.getByRole('list', { name: 'Understood as' })).toContainText('rpm exactly 7,200')
  await expect(page.locator('[data-model="quillon-keep-12"]')).toBeVisible()
  await expect(page.locator('[data-model="marrowby-hush-8"]')).toHaveCount(0)
})
