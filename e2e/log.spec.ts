import { expectNothingFound } from './support/axe'
import { bay, choose, expect, openDesign, saved, test } from './support/test'

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

test('a drive goes back, comes again and is rebuilt: its pool says how it stands all the while', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await bay(page, 1).click()
  await page.getByRole('button', { name: 'Send back' }).click()
  await page.locator('body').press('l')
  const away = page.getByRole('region', { name: 'Drives that are away' })
  await expect(away).toContainText('sent back; pool plates is degraded.')
  await away.getByLabel('Promised for').fill('2020-01-31')
  await expect(away).toContainText(/sent back, [\d,]+ days late/)
  await away.getByLabel('Number of the return, in words').fill('R-17')
  await page.keyboard.press('Tab')
  await expect(saved(page)).toBeVisible()
  await page.reload()
  await expect(away.getByLabel('Number of the return, in words')).toHaveValue('R-17')

  // It is back in its bay, and the pool writes onto it.
  await page.locator('body').press('d')
  await page.getByRole('button', { name: 'it is back' }).click()
  await page.getByRole('button', { name: /^to bay 1\b/ }).click()
  await bay(page, 1).click()
  await page.getByRole('checkbox', { name: 'Being rebuilt' }).check()
  await expect(page.getByText(/is being rebuilt onto 1 drive/).first()).toBeVisible()
  await page.locator('body').press('l')
  await expect(away).toContainText('in its place, being rebuilt; pool plates is rebuilding.')
  await away.getByRole('button', { name: 'It is rebuilt' }).click()
  await expect(away).toHaveCount(0)
})

test('health over time: what drives say, of all or of one', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Drawer of drives')
  await page.locator('body').press('l')
  const health = page.getByRole('region', { name: 'Health over time' })
  await expect(health.getByRole('img', { name: 'errors on the way: 0, 0, 0, 222' })).toBeVisible()
  await choose(page, 'Shown', 'hours of running')
  await expect(health.getByRole('img', { name: /26,736 h$/ })).toBeVisible()
  await choose(page, 'Shown', 'sectors waiting')
  await choose(page, 'Drive', /bay 1$/)
  await expect(health.getByRole('img', { name: 'sectors waiting: 0, 0, 0, 16' })).toBeVisible()
})

test('a log of temperatures is taken, drawn, and taken again without anything new', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await page.locator('body').press('l')
  const section = page.getByRole('region', { name: 'Temperatures over time' })
  const lines = Array.from({ length: 300 }, (_, at) => {
    const time = new Date(Date.UTC(2026, 10, 20, 18, at)).toISOString()
    return `${time},${38 + (at % 3)},21.5`
  })
  const give = (text: string) =>
    section.getByLabel('Log of temperatures').setInputFiles({
      name: 'attic.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(text),
    })
  await give('no log')
  await expect(section.getByRole('status')).toContainText('has no column of times')
  const log = ['time,drives,room', ...lines, 'lost'].join('\n')
  await give(log)
  await expect(section.getByRole('status')).toContainText(
    'attic.csv: 600 temperatures of drives and room; 1 line left out, the first of them line 302.',
  )
  await expect(section.getByRole('img', { name: 'drives, 40 °C at last' })).toBeVisible()
  await choose(page, 'Sensor', 'room')
  await expect(section.getByRole('img', { name: 'room, 21.5 °C at last' })).toBeVisible()
  await give(log)
  await expect(section.getByRole('status')).toContainText('600 were there already')
  await section.getByRole('button', { name: 'Remove room' }).click()
  await expect(section.getByRole('combobox')).toHaveCount(0)
  await expectNothingFound(page)
})
