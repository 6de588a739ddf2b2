import { expect, openDesign, test } from './support/test'

test('sizes are taken with their unit, what was understood is said, and what is wrong stays until it is corrected', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await page.keyboard.press('b')
  const projects = page.getByLabel('Projects, now')
  await projects.fill('20 TB')
  await expect(page.getByText('= 18.1899 TiB')).toBeVisible()
  await projects.blur()
  await expect(projects).toHaveValue('18.1899')
  // Wrong text keeps its reason after the field is left, and the design its last good number.
  await projects.fill('20 cm')
  await projects.blur()
  await expect(projects).toHaveValue('20 cm')
  await expect(page.getByText('Not a unit of this; it is in TiB.')).toBeVisible()
  await page.keyboard.press('Control+z')
  await projects.fill('1.234,5')
  await expect(page.getByText('= 1,234.5 TiB')).toBeVisible()
  await projects.fill('1,000')
  await expect(page.getByText('= 1,000 TiB')).toBeVisible()
  await projects.fill('20 TB')
  await projects.blur()

  await page.getByRole('combobox', { name: 'Sizes of data in' }).click()
  await page.getByRole('option', { name: 'TB', exact: true }).click()
  await expect(page.getByRole('columnheader', { name: 'Now, TB' })).toBeVisible()
  await expect(projects).toHaveValue('20')
  const each = page.getByLabel('Each needs')
  await each.fill('300 Mb/s')
  await expect(page.getByText('= 37.5 MB/s')).toBeVisible()
})

test('a part of one’s own takes measures as they are written on a data sheet', async ({
  house,
  page,
}) => {
  await page.goto(`${house.url}/parts`)
  await expect(page).toHaveTitle('Parts · Flint Shelf')
  await page.getByLabel('Add a part of your own').selectOption('fan')
  const form = page.getByRole('form')
  await form.getByLabel('maker').fill('Homemade')
  await form.getByLabel('model').fill('Breeze')
  await form.getByLabel('size, mm').fill('12 cm')
  await form.getByLabel('thickness, mm').fill('1 in')
  await form.getByLabel('idle power, W').fill('0,5')
  await form.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('heading', { name: /Breeze/ })).toBeVisible()
  await expect(page.getByText('25.4 mm').first()).toBeVisible()
})

test('windows are told apart by their titles, and figures are part of what a screen reader reads', async ({
  house,
  page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await expect(page).toHaveTitle('Drives · Warm-room shelf · Flint Shelf')
  await page.locator('body').press('n')
  await expect(page).toHaveTitle('Network · Warm-room shelf · Flint Shelf')
  const ledger = page.getByRole('region', { name: 'Ledger' })
  await expect(ledger.getByRole('button', { name: /usable space 11\.6\s*TiB/ })).toBeVisible()
  await page.locator('[data-part="wickmere-ten"]').click()
  // Once the figures have settled the changed ones are told.
  await expect(ledger.getByRole('status')).toContainText(/idle at the wall \d+ W/)
})
