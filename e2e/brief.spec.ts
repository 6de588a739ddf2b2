import { expect, figure, openDesign, test } from './support/test'

test('a new design starts from a household, and every answer can be changed', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(house.url)
  await page.getByRole('button', { name: 'New design' }).click()
  await page.getByLabel('Name').fill('For the flat')
  await page.locator('[data-household="blank"]').click()
  await expect(page.getByText('The brief sets no limit yet.')).toBeVisible()
  await page.locator('[data-household="living-room"]').click()
  await expect(page.locator('[data-household]')).toHaveCount(0)
  await expect(page.getByLabel('Films, music, photos, now')).toHaveValue('4.5475')
  await expect(page.locator('[data-limit="noise"]')).toHaveAttribute('data-standing', 'not known')
  await page.getByLabel('Machine images, now').fill('3')
  await expect(page.getByLabel('Machine images, a usual file')).toHaveValue('40')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'undo' }).click()
  await expect(page.getByLabel('Machine images, now')).toHaveValue('')
})

test('every limit shows its state in the ledger, in the brief and in findings', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await page.getByRole('link', { name: /Brief/ }).click()
  await expect(figure(page, 'limits')).toHaveText('11 of 11')
  await page.getByLabel('Noise, at most').fill('26')
  await expect(figure(page, 'limits')).toHaveText('10 of 11')
  await expect(page.locator('[data-limit="noise"]')).toHaveAttribute('data-standing', 'missed')
  await expect(page.getByRole('region', { name: 'Ledger' })).toContainText('missed: noise, idle')
  await page.getByRole('link', { name: /Shell/ }).click()
  await expect(page.locator('[data-finding="too-loud"]')).toContainText('the brief allows 26')
})

test('the price of power by the hour, and the room there is', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await page.getByRole('link', { name: /Brief/ }).click()
  const ledger = page.getByRole('region', { name: 'Ledger' })
  await expect(ledger).toContainText('€85 a year')
  await page.getByRole('button', { name: 'Add hours with another price' }).click()
  await page.getByLabel('To', { exact: true }).fill('24')
  await page.getByLabel('A kWh', { exact: true }).fill('0.1')
  await expect(ledger).toContainText('€27 a year')
  await page.getByLabel('Depth, mm').fill('250')
  await expect(page.locator('[data-limit="place"]')).toHaveAttribute('data-standing', 'missed')
  await page.getByRole('link', { name: /Shell/ }).click()
  await expect(page.locator('[data-finding="no-plug-room"]')).toContainText('5 mm are left')
})

test('a UPS, and the socket that it does not hold up', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Warm-room shelf')
  await page.getByRole('link', { name: /Shell/ }).click()
  await expect(page.getByRole('img', { name: /^Rear: board sockets/ })).toBeVisible()
  await expect(
    page.getByRole('img', { name: 'Front: 230 by 215 mm, 4 × 3.5" hot-swap' }),
  ).toBeVisible()
  await page.getByRole('button', { name: 'UPS', exact: true }).click()
  await page.locator('[data-part="stillwater-bridge-300"]').click()
  await page.getByText(/^Not given: /).click()
  await expect(page.locator('[data-not-given="supply-1"]')).toContainText('where its plugs go')
  await page.getByRole('combobox', { name: 'Plug of Slim 300' }).click()
  await page.getByRole('option', { name: 'UPS surge only' }).click()
  await expect(page.locator('[data-finding="ups-wrong-side"]')).toContainText('goes down at once')
  await page.getByRole('combobox', { name: 'Plug of Slim 300' }).click()
  await page.getByRole('option', { name: 'UPS battery' }).click()
  await expect(page.locator('[data-finding^="ups-wrong-side"]')).toHaveCount(0)
})
