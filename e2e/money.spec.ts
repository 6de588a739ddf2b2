import type { Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { expectNothingFound } from './support/axe'
import type { House } from './support/house'
import { choose, expect, figure, openDesign, saved, test } from './support/test'

async function openMoney(page: Page, house: House, name = 'Warm-room shelf'): Promise<void> {
  await openDesign(page, house, name)
  await page.locator('body').press('y')
  await expect(page.getByRole('main', { name: 'Money' })).toBeVisible()
}
const DRIVES = 'Marrowby Hush 8'

test('the bill is changed in place, by keyboard, and the ledger follows', async ({
  house,
  quietPage: page,
}) => {
  await openMoney(page, house)
  const bill = page.getByRole('table', { name: 'Lines of the bill' })
  await expect(page.locator('[data-plan-label="4 drives €666"]')).toBeVisible()
  await bill.getByLabel(`Price of ${DRIVES}, EUR`).fill('150')
  await expect(figure(page, 'cost')).toContainText('1,175')
  await page.keyboard.press('Tab')
  await expect(bill.getByLabel(`Shipping of ${DRIVES}, EUR`)).toBeFocused()
  await choose(page, `When to buy ${DRIVES}`, 'later')
  await expect(bill.locator('tbody')).toContainText('later')
  await expect(page.getByRole('region', { name: 'What it comes to' })).toContainText('€605.90')
  await expect(saved(page)).toBeVisible()
  await page.reload()
  await expect(bill.getByLabel(`Price of ${DRIVES}, EUR`)).toHaveValue('150.00')
  await expectNothingFound(page)
})

test('one of four is bought used elsewhere, and it can be taken back', async ({
  house,
  quietPage: page,
}) => {
  await openMoney(page, house)
  await page.getByRole('button', { name: DRIVES }).click()
  const form = page.getByRole('region', { name: `How ${DRIVES} is bought` })
  await form.getByRole('button', { name: 'Buy one of them otherwise' }).click()
  const lines = page.getByRole('row').filter({ hasText: DRIVES })
  await expect(lines).toHaveCount(2)
  await expect(lines.nth(1)).toContainText('used')
  await lines.nth(1).getByRole('button', { name: DRIVES }).click()
  await form.getByRole('button', { name: 'As the data sheet says' }).click()
  await expect(lines).toHaveCount(1)
})

test('a price in another currency counts once there is a rate, and the finding goes', async ({
  house,
  quietPage: page,
}) => {
  await openMoney(page, house)
  await page.getByRole('button', { name: DRIVES }).click()
  const form = page.getByRole('region', { name: `How ${DRIVES} is bought` })
  await form.getByRole('combobox', { name: 'Priced in' }).fill('SEK')
  await page.getByRole('option', { name: 'SEK', exact: true }).click()
  const finding = page.getByText('no rate says what that is in EUR')
  await expect(finding).toBeVisible()
  await page.getByRole('button', { name: 'Say what one SEK is worth' }).click()
  await page.getByRole('textbox', { name: 'is worth' }).fill('0.1')
  await expect(finding).toHaveCount(0)
  // 4 × 165 kronor and 5.90 of shipping, at a tenth.
  await expect(page.getByRole('row').filter({ hasText: DRIVES })).toContainText('€66.')
})

test('something beside the machine, the list as a file, and the sum over the years', async ({
  house,
  quietPage: page,
}) => {
  await openMoney(page, house)
  await page.getByRole('button', { name: 'Add something beside the machine' }).click()
  await page.getByLabel('Price of Something else, EUR').fill('20')
  await expect(figure(page, 'cost')).toContainText('1,255')
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as CSV' }).click()
  const csv = readFileSync(await (await saving).path(), 'utf8')
  expect(csv).toContain('Something else,1,0,0,20.00,')
  const years = page.getByRole('region', { name: 'Over the years' })
  await expect(years.getByRole('table', { name: 'Each year' }).locator('tbody tr')).toHaveCount(6)
  await years.getByLabel('Years', { exact: true }).fill('3')
  await expect(years.getByRole('table', { name: 'Each year' }).locator('tbody tr')).toHaveCount(3)
})

test('against subscriptions: the month, what moves it, and what would have to be true', async ({
  house,
  quietPage: page,
}) => {
  await openMoney(page, house)
  await page.getByRole('button', { name: 'Against: subscriptions' }).click()
  const against = page.getByRole('region', { name: 'What is paid now' })
  await expect(against.getByRole('status')).toContainText('The machine has cost no more after')
  await expect(against.getByRole('img', { name: /^After/ })).toBeVisible()
  await expect(against.locator('tbody tr')).toHaveCount(5)
  await against.getByLabel('A month').fill('5')
  await expect(against.getByRole('status')).toContainText('it would be, if the other cost €')
  await against.getByRole('button', { name: 'Remove What is paid now' }).click()
  await expect(against).toHaveCount(0)
})

test('a price is noted in one line, waited for, taken into a design, and comes back from a file', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(`${house.url}/prices`)
  // The demo has prices of other parts.
  await expect(page.getByRole('region', { name: 'Watched parts' })).toContainText('Quillon Keep 12')
  const line = page.getByLabel('A price, in one line')
  await line.fill('Hush 8 135 + 5 used 2026-11-20 at Corner')
  await expect(page.getByText('= €135.00, €5.00 shipping, used, 2026-11-20, Corner')).toBeVisible()
  await line.press('Enter')
  await expect(page.getByText(`Noted for ${DRIVES}.`)).toBeVisible()
  await page.getByLabel('Target price, with shipping').fill('150')
  await expect(page.getByRole('region', { name: 'Watched parts' })).toContainText('at or below')
  await expectNothingFound(page)
  const change = page.getByRole('region', { name: 'What that price would change' })
  // Four at 165.00 with 5.90 shipping, at the target of 150.00 delivered.
  await expect(change.getByRole('row').filter({ hasText: 'Warm-room shelf' })).toContainText(
    /4€1,235\.30€1,169\.40/,
  )
  await change.getByRole('link', { name: 'Warm-room shelf' }).click()
  await page.getByRole('button', { name: DRIVES }).click()
  await page.getByRole('button', { name: 'Take the last used, €140.00 of 2026-11-20' }).click()
  await expect(page.getByRole('row').filter({ hasText: DRIVES })).toContainText('€545.00')
  await page.goto(`${house.url}/prices`)
  const rows = ['part,seenOn,currency,price', 'siltstone-16,2026-11-01,EUR,39', 'x,never,EUR,1']
  await page
    .getByLabel('Prices file')
    .setInputFiles({ name: 'p.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) })
  await expect(page.getByText('1 price taken in.')).toBeVisible()
  await expect(page.getByText('Line 3: seenOn must be a day')).toBeVisible()
})

test('what is worth it is tried and done, lines stand by shop, a used drive against a new one', async ({
  house,
  quietPage: page,
}) => {
  await openMoney(page, house)
  const bill = page.getByRole('table', { name: 'Lines of the bill' })
  await bill.getByLabel(`Shop for ${DRIVES}`).fill('Corner')
  await choose(page, 'Lines stand together by', 'shop')
  await expect(bill.getByRole('rowheader', { name: 'Corner' })).toBeVisible()
  await expect(bill.getByRole('rowheader', { name: 'no shop said' })).toBeVisible()
  const offers = page.getByRole('region', { name: 'Drive against drive' })
  await expect(offers.getByRole('status')).toContainText('A price is not known')
  await offers.getByLabel('The other: price with shipping').fill('80')
  await expect(offers.getByRole('status')).toContainText(/cheaper one until .* of a hundred fail/)
  await page.getByRole('button', { name: 'Try every part and every fix' }).click()
  const worth = page.getByRole('table', { name: 'What is worth it' })
  const first = worth.locator('tbody tr').first()
  await expect(first).toContainText(/−€|at once/)
  const name = await first.getByRole('rowheader').innerText()
  await first.getByRole('button').click()
  await expect(page.getByRole('button', { name: 'undo' })).toBeEnabled()
  // What is done is no proposal any more.
  await expect(worth.getByRole('rowheader', { name, exact: true })).toHaveCount(0)
  await expectNothingFound(page)
})

test('a budget in another currency wants a rate', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Warm-room shelf')
  await page.locator('body').press('b')
  await choose(page, 'Budget in', 'USD')
  await expect(page.getByText('Give a rate for USD in Money')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Limits', exact: true })).toContainText(
    'no rate into EUR',
  )
})

test('the checkpoint beside the design as it is', async ({ house, quietPage: page }) => {
  await openMoney(page, house)
  await page
    .getByRole('table', { name: 'Lines of the bill' })
    .getByLabel(`Price of ${DRIVES}, EUR`)
    .fill('150')
  await expect(saved(page)).toBeVisible()
  await page.getByRole('link', { name: 'compare', exact: true }).click()
  const figures = page.getByRole('region', { name: 'Figures' })
  await expect(figures.getByRole('row').filter({ hasText: 'to buy' })).toContainText(/€1,235€1,175/)
  await expect(page.getByRole('region', { name: 'Power by year' })).toBeVisible()
})

test('two designs side by side: figures, parts, findings, and the address keeps the choice', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(house.url)
  await page.getByRole('link', { name: 'Compare' }).click()
  await choose(page, 'Compare', 'Warm-room shelf')
  await choose(page, 'And', 'Cabin archive')
  const figures = page.getByRole('region', { name: 'Figures' })
  await expect(figures).toContainText('11.6 TiB')
  await expect(figures).toContainText('69.7 TiB')
  await expect(page.getByRole('img', { name: /Warm-room shelf: €.* after 6 years/ })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('region', { name: 'Parts' })).toContainText(DRIVES)
  await expectNothingFound(page)
  await choose(page, /^Design 2/, 'Warm-room shelf')
  await expect(page.getByRole('region', { name: 'Parts' })).toContainText(
    'All have the same parts.',
  )
})
