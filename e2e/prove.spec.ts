import type { Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { expectNothingFound } from './support/axe'
import type { House } from './support/house'
import { choose, expect, openDesign, saved, test } from './support/test'

async function openProve(page: Page, house: House): Promise<void> {
  await openDesign(page, house, 'Cabin archive')
  await page.locator('body').press('v')
  await expect(page.getByRole('main', { name: 'Prove' })).toBeVisible()
}
const ask = (page: Page) => page.getByRole('button', { name: 'Ask the simulated machine' }).click()

test('a bad cable is found by the drives behind it, and a swap tells cable from port', async ({
  house,
  quietPage: page,
}) => {
  await openProve(page, house)
  await expect(page.getByText('Nothing has been gathered on the machine yet.')).toBeVisible()
  await choose(page, 'Simulated machine', 'faulty: Cable from Sixteen port 1 to bays 1 to 4')
  await ask(page)
  const trace = page.getByRole('region', { name: 'Whose fault is it' })
  const suspects = trace.getByRole('table', { name: 'Suspects' })
  await expect(suspects.locator('tbody tr').first()).toContainText(
    /Cable .* or Port .*bays 1 to 4over 99 %/,
  )
  await expect(trace.getByRole('status')).toContainText('Put another one in the place of the cable')
  await trace.getByRole('button', { name: 'The errors went with it' }).click()
  await expect(suspects.locator('tbody tr').first()).toContainText(
    /^Cable from Sixteen port 1 to bays 1 to 4bays/,
  )
  await expect(page.getByText('1 swap noted.')).toBeVisible()
  await expectNothingFound(page)
})

test('a drive that is not plugged in is missing; serial numbers are noted and kept', async ({
  house,
  quietPage: page,
}) => {
  await openProve(page, house)
  await choose(page, 'Simulated machine', /^not plugged in/)
  await ask(page)
  const seen = page.getByRole('region', { name: 'Seen against fitted' })
  await expect(seen.getByRole('status')).toContainText('11 of 12 drives seen.')
  await expect(seen.getByRole('table', { name: 'Drives seen' })).toContainText(
    'not seen: look at its plugs',
  )
  await seen.getByRole('button', { name: 'Note 11 serial numbers' }).click()
  await expect(saved(page)).toBeVisible()
  await choose(page, 'Simulated machine', 'nothing wrong')
  await ask(page)
  await expect(seen.getByRole('status')).toContainText('12 of 12 drives seen.')
  await expect(seen.getByRole('row').filter({ hasText: 'bay 2' }).first()).toContainText('serial')
  await page.reload()
  await expect(seen.getByRole('status')).toContainText('12 of 12 drives seen.')
})

test('a file that is none is refused, one from the script is read', async ({
  house,
  quietPage: page,
}) => {
  await openProve(page, house)
  const give = (name: string, text: string) =>
    page
      .getByLabel('Collected file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) })
  await give('a.json', 'no json')
  await expect(page.getByText('a.json is not JSON.')).toBeVisible()
  const lsblk = JSON.stringify({
    blockdevices: [
      { name: 'sda', type: 'disk', size: 4e12, model: 'Other', serial: 'X1', fstype: 'ntfs' },
    ],
  })
  const head = { format: 'flint-shelf/collected', version: 1, at: '2026-11-27T20:00:00Z' }
  await give('b.json', JSON.stringify({ ...head, files: { lsblk } }))
  const seen = page.getByRole('region', { name: 'Seen against fitted' })
  await expect(seen.getByRole('status')).toContainText(
    '0 of 12 drives seen, 1 that nobody planned.',
  )
})

test('the checklist is ticked at the bench, on a phone too, and the burn-in goes into a calendar', async ({
  house,
  quietPage: page,
}) => {
  await page.setViewportSize({ width: 390, height: 800 })
  await openProve(page, house)
  const list = page.getByRole('region', { name: 'Checklist' })
  await list.getByText('hand over').click()
  const step = list.getByRole('checkbox', { name: 'No share is open to everyone' })
  await step.check()
  await expect(list).toContainText('1 of 48 steps')
  await expect(saved(page)).toBeVisible()
  const wide = await page.evaluate(() => document.documentElement.scrollWidth)
  expect(wide).toBeLessThanOrEqual(390)
  const saving = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save for a calendar' }).click()
  const text = readFileSync(await (await saving).path(), 'utf8')
  expect(text).toContain('BEGIN:VEVENT')
  await expectNothingFound(page)
})

test('burn-in: a batch is begun, looked up and ended, and its bays say how far they are', async ({
  house,
  quietPage: page,
}) => {
  await openProve(page, house)
  const burnIn = page.getByRole('region', { name: 'Burn-in' })
  await expect(burnIn.getByRole('status')).toContainText(/^The supply carries .* at once; /)
  await burnIn.getByRole('button', { name: 'It has begun' }).first().click()
  await expect(burnIn.getByText(/drives? burning in, 0 ended\./)).toBeVisible()
  await expect(saved(page)).toBeVisible()
  const front = page.getByRole('region', { name: 'Front' })
  await expect(front.getByText('↻ 0 %').first()).toBeVisible()
  const runs = burnIn.getByRole('table', { name: 'Burn-in of each drive' })
  const first = runs.getByRole('row').nth(1)
  await expect(first).toContainText('by the clock alone')
  await first.getByRole('textbox', { name: /^Per cent done of/ }).fill('40')
  await page.keyboard.press('Tab')
  await expect(first).toContainText('as it was looked up')
  await expect(front.getByText('↻ 40 %')).toBeVisible()
  await first.getByRole('button', { name: 'It has ended' }).click()
  await expect(first).toContainText(/ended /)
  await expect(front.getByText('↻ 40 %')).toBeHidden()
  await expectNothingFound(page)
})

test('answers of tools are pasted; another drive than planned is noted where one is missing', async ({
  house,
  quietPage: page,
}) => {
  await openProve(page, house)
  await page.getByText('Paste what the tools say').click()
  const field = page.getByRole('textbox', { name: 'Answers of the tools' })
  const take = page.getByRole('button', { name: 'Take what was pasted' })
  await field.fill('hello')
  await take.click()
  await expect(page.getByText('Nothing in it is known')).toBeVisible()
  const lsblk = JSON.stringify({
    blockdevices: [
      { name: 'sda', type: 'disk', size: 14e12, model: 'Other 14', serial: 'X14', rota: true },
    ],
  })
  await field.fill(lsblk)
  await take.click()
  const seen = page.getByRole('region', { name: 'Seen against fitted' })
  await expect(seen.getByRole('status')).toContainText('1 that nobody planned')
  await choose(page, 'was fitted in the place of', /bay 1$/)
  const instead = page.getByRole('region', { name: 'Fitted instead of planned' })
  await expect(instead.getByRole('table')).toContainText(
    /Quillon Keep 12.*Seen Other 14.*2 TB more/,
  )
  await expect(seen.getByRole('status')).toContainText('1 of 12 drives seen.')
  await expect(saved(page)).toBeVisible()
  await instead.getByRole('button', { name: 'Planned one fitted' }).click()
  await expect(instead).toContainText('Everything is as it was planned')
  await instead.getByText('Note another part by hand').click()
  await choose(page, 'Piece of the plan', /Siltstone 16.*memory-2/)
  await instead.getByRole('combobox', { name: 'Fitted there' }).click()
  await page.getByRole('option').first().click()
  await expect(instead.getByRole('table')).toContainText('Siltstone 16')
  await instead.getByRole('button', { name: 'This is the plan now' }).click()
  await expect(instead).toContainText('Everything is as it was planned')
})
