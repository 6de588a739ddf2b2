import type { Page } from '@playwright/test'
import type { House } from './support/house'
import { expectNothingFound } from './support/axe'
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
  await measured.getByRole('button', { name: 'Keep the mean of 1 day' }).click()
  await expect(measured.getByRole('table', { name: 'Kept readings' })).toContainText(
    'from a meter; mean of 5 h, meter.csv',
  )
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

test('the start in groups: amperes on both rails, and what the leads carry then', async ({
  house,
  quietPage: page,
}) => {
  await openPower(page, house)
  const start = page.getByRole('region', { name: 'The start' })
  await expect(start).toContainText('At the worst moment 27.6 A of 45 A at 12 V')
  await choose(page, 'Drives start', 'in groups')
  await expect(start.getByLabel('Drives at a time')).toHaveValue('4')
  await expect(start).toContainText('All drives turn after 45 s.')
  await expect(start.getByRole('img').first()).toHaveAccessibleName(/^0 s: 12.4 A at 12 V/)
  await page.locator('body').press('p')
  await page.getByRole('button', { name: 'Cable list' }).click()
  await expect(page.getByRole('region', { name: 'Power leads' })).toContainText(
    'while drives start, 4 at a time',
  )
})

test('a reading is kept, also from the page for the phone, and removed', async ({
  house,
  quietPage: page,
}) => {
  await openPower(page, house)
  const measured = page.getByRole('region', { name: 'Measured' })
  await measured.getByLabel('The meter shows').fill('150')
  await measured.getByRole('button', { name: 'Keep this reading' }).click()
  const kept = measured.getByRole('table', { name: 'Kept readings' })
  await expect(kept).toContainText('45 W above what is likely')
  await measured.getByRole('link', { name: 'The same on a phone' }).click()
  // The build sheet has a field of the same name, and stands there until the page for the phone has come.
  await expect(page.getByRole('link', { name: 'To the build sheet' })).toBeVisible()
  await page.setViewportSize({ width: 390, height: 844 })
  await page.getByLabel('The meter shows').fill('62')
  await choose(page, 'Read in the state', 'Idle, disks asleep')
  await page.getByLabel('lid closed').uncheck()
  await page.getByRole('button', { name: 'Keep this reading' }).click()
  const onPhone = page.getByRole('table', { name: 'Kept readings' })
  await expect(onPhone.locator('tbody tr').first()).toContainText('lid open')
  await onPhone.getByRole('button', { name: 'Remove the reading of 150 W' }).click()
  await expect(onPhone.locator('tbody tr')).toHaveCount(1)
  await expectNothingFound(page)
})

test('the simulated meter is listened to, says that it is simulated, and its mean is kept', async ({
  house,
  quietPage: page,
}) => {
  await openPower(page, house)
  const measured = page.getByRole('region', { name: 'Measured' })
  await choose(page, 'Listen to', 'the simulated meter')
  await expect(measured.locator('[data-live="simulated"]')).toContainText('simulated, starting')
  await measured.getByRole('button', { name: /^Keep the mean of \d+ reading/ }).click()
  await expect(measured.getByRole('table', { name: 'Kept readings' })).toContainText(
    'from a meter; simulated',
  )
})

test('a piece that was pulled is taken over as measured', async ({ house, quietPage: page }) => {
  await openPower(page, house)
  const measured = page.getByRole('region', { name: 'Measured' })
  await measured.getByText('What does one piece draw?').click()
  await choose(page, 'Taken out', 'Lockrow Sixteen')
  await measured.getByLabel('With it', { exact: true }).fill('105')
  await measured.getByLabel('Without it', { exact: true }).fill('84')
  await expect(measured).toContainText('9 W more are the CPU')
  await measured.getByRole('button', { name: 'Take it over as measured' }).click()
  await expect(measured.getByRole('table', { name: 'Kept readings' })).toContainText(
    'without Lockrow Sixteen, 105 W with it',
  )
})
