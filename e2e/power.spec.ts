import type { Page } from '@playwright/test'
import type { House } from './support/house'
import { choose, expect, figure, openDesign, test } from './support/test'

async function openPower(page: Page, house: House): Promise<void> {
  await openDesign(page, house, 'Cabin archive')
  await page.locator('body').press('w')
  await expect(page.getByRole('main', { name: 'Power' })).toBeVisible()
}

test('watts in every state, and the account of the one that is chosen', async ({
  house,
  quietPage: page,
}) => {
  await openPower(page, house)
  const states = page.getByRole('region', { name: 'Watts by state' })
  await expect(states.locator('[data-state="spinning"]')).toContainText('105 W')
  await expect(states.locator('[data-state="asleep"]')).toContainText('61 W')
  const flow = page.getByRole('region', { name: 'Where the watts go' })
  await expect(flow.getByRole('img')).toHaveAccessibleName(/^12 drives, 52.8 W/)
  await states.getByRole('radio', { name: 'Idle, disks asleep' }).check()
  // Twelve disks of 0.9 W.
  await expect(flow.getByRole('img')).toHaveAccessibleName(/12 drives, 10.8 W/)
  await expect(page.getByRole('region', { name: 'Efficiency of the supply' })).toContainText(
    'idle, disks spinning 94 W at 89 %',
  )
})

test('hours are painted by the mouse and by keys, and given back', async ({
  house,
  quietPage: page,
}) => {
  await openPower(page, house)
  const day = page.getByRole('region', { name: 'The day of the machine' })
  await expect(day).toContainText('suggested from readers and house rules')
  await choose(page, 'Paint hours as', 'Scrub')
  const weekdays = day.getByRole('group', { name: 'Monday to Friday' })
  await weekdays.getByRole('button', { name: /^5 to 6 h/ }).click()
  await expect(day).toContainText('as you have said')
  await expect(weekdays.getByRole('button', { name: '5 to 6 h: scrub, 156 W' })).toBeVisible()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await expect(weekdays.getByRole('button', { name: '6 to 7 h: scrub, 156 W' })).toBeFocused()
  // Two hours on five of seven days.
  await expect(day.getByRole('row', { name: /Scrub/ })).toContainText('1.4 h a day')
  await day.getByRole('button', { name: 'As suggested' }).click()
  await expect(day).toContainText('suggested from readers and house rules')
})

test('disks may stop without work, and the limit may be about that', async ({
  house,
  quietPage: page,
}) => {
  await openPower(page, house)
  const savings = page.getByRole('region', { name: 'What could be saved' })
  await expect(savings.locator('[data-saving="veto"]')).toContainText('Lockrow Sixteen')
  await expect(savings.locator('[data-saving="disks sleep"]')).toBeVisible()
  await choose(page, 'Disks without work', 'stop after 30 min')
  await expect(page.getByRole('region', { name: 'Disks that sleep' })).toContainText(
    /They sleep \d+\.\d hours of a day and start 365 times a year/,
  )
  await expect(savings.locator('[data-saving="disks sleep"]')).toHaveCount(0)
  await page.locator('body').press('b')
  await choose(page, 'The limit is about', 'disks asleep')
  await expect(figure(page, 'idle')).toHaveText('61')
})

test('one figure of a meter is held against the plan of the same state', async ({
  house,
  quietPage: page,
}) => {
  await openPower(page, house)
  const measured = page.getByRole('region', { name: 'Measured' })
  await measured.getByLabel('The meter shows').fill('110')
  await expect(measured).toContainText('110 W is within what is expected: 105 W (94 to 130 W).')
  await choose(page, 'Read in the state', 'Idle, disks asleep')
  // 51.7 W behind the supply and 9 W lost in it.
  await expect(measured).toContainText('110 W is 49.3 W more than is likely')
  await expect(measured.getByRole('listitem').first()).toContainText('keep the disks spinning')
})

test('a log of watts is read, and what it differs by is told', async ({
  house,
  quietPage: page,
}) => {
  await openPower(page, house)
  const measured = page.getByRole('region', { name: 'Measured' })
  const lines = Array.from({ length: 300 }, (_, at) => {
    const minute = String(at % 60).padStart(2, '0')
    return `20.11.2026 ${String(10 + Math.floor(at / 60))}:${minute};180,5`
  })
  await measured.getByLabel('Log of watts').setInputFiles({
    name: 'meter.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(['Zeit;Leistung', ...lines, 'end'].join('\n')),
  })
  await expect(measured).toContainText('meter.csv: 300 readings, 1 line left out')
  await expect(measured).toContainText('180.5 W, △ more than expected')
  await expect(measured.getByRole('list')).toContainText('the firmware menus were open')
  await measured.getByLabel('Log of watts').setInputFiles({
    name: 'letter.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('nothing of the kind'),
  })
  await expect(measured).toContainText('letter.txt has no column of times with watts beside it.')
})

test('without a supply nothing at the wall is known, and the lens says so', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(house.url)
  await page.getByRole('button', { name: 'New design' }).click()
  await page.locator('[data-household="blank"]').click()
  await expect(page.getByText('The brief sets no limit yet.')).toBeVisible()
  await page.getByRole('link', { name: /^Power/ }).click()
  await expect(page.getByRole('region', { name: 'The day of the machine' })).toContainText(
    'Without a supply nobody knows',
  )
})
