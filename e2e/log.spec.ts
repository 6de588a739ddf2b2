import { expectNothingFound } from './support/axe'
import { choose, expect, openDesign, test } from './support/test'

test('what happened is written down in one line, and the charts have what was asked', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Drawer of drives')
  await page.locator('body').press('l')
  const events = page.getByRole('region', { name: 'What happened' })
  await expect(events).toContainText('3 events')
  await choose(page, 'What', 'replaced')
  await events.getByLabel('In words').fill('new fan at the front')
  await events.getByRole('button', { name: 'Note it' }).click()
  await expect(
    events.getByRole('table', { name: 'Events' }).getByRole('row').first(),
  ).toContainText('new fan at the front')
  await expect(
    page.getByRole('img', { name: /^Warmest drive, 36 °C, 39 °C, 41 °C, 37 °C/ }),
  ).toBeVisible()
  await expect(page.getByRole('region', { name: 'How full over time' })).toContainText(
    /it is full in \d+ months/,
  )
  await expectNothingFound(page)
})

test('ages that drives tell are taken over as one step, and a fault waits to be found', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Drawer of drives')
  await page.locator('body').press('l')
  const told = page.getByRole('region', { name: 'What drives tell' })
  await told.getByRole('button', { name: 'Take them over' }).click()
  await expect(told).toHaveCount(0)
  await page.getByRole('button', { name: 'undo' }).click()
  await expect(told).toBeVisible()
  await page.locator('body').press('v')
  await expect(page.getByRole('table', { name: 'Suspects' })).toContainText('Lockrow Six')
})
