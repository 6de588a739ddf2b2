import { readFile } from 'node:fs/promises'
import { bay, expect, figure, openDesign, saved, test } from './support/test'

test('the pile: everything the drives could be, sorted, looked at and applied', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Drawer of drives')
  await expect(figure(page, 'working')).toHaveText('13.1')
  await page.getByRole('button', { name: 'What could these drives be?' }).click()
  const pile = page.getByRole('region', { name: 'What these drives could be' })
  const rows = pile.locator('[data-candidate]')
  await expect(pile).toContainText(/\d+ layouts of 8 drives/)
  await expect(rows.first()).toContainText('13.8 TiB')

  // Without the filter there are more, and fewer once two failures must be survived.
  const shown = async (): Promise<number> => await rows.count()
  const unbeaten = await shown()
  await page.getByLabel(/Only the best trade-offs/).uncheck()
  await expect.poll(shown).toBeGreaterThan(unbeaten)
  const all = await shown()
  await page.getByLabel('Survives any').fill('2')
  await expect.poll(shown).toBeLessThan(all)
  await page.getByRole('combobox', { name: 'Family' }).click()
  await page.getByRole('option', { name: 'ZFS pool' }).click()
  await page.getByRole('button', { name: 'Small reads' }).click()
  await expect(page.getByRole('columnheader', { name: 'Small reads' })).toHaveAttribute(
    'aria-sort',
    'descending',
  )

  // Pointing shows what the design would become, choosing makes it.
  const wide = pile.locator('[data-candidate="zfs/raidz2x1x8"]')
  await wide.hover()
  await expect(page.getByRole('region', { name: 'Ledger' })).toContainText('→ any 2')
  await expect(figure(page, 'survived')).toHaveText('any 1')
  await wide.getByRole('button').click()
  await expect(figure(page, 'survived')).toHaveText('any 2')
  await expect(wide).toHaveAttribute('aria-current', 'true')
  await expect(saved(page)).toContainText('revision 2')
  await page.keyboard.press('Control+z')
  await expect(figure(page, 'survived')).toHaveText('any 1')
  await page.getByRole('button', { name: 'Front' }).click()
  await expect(bay(page, 1)).toHaveAccessibleName(/group A, member 1/)
})

test('bays are painted by a rectangle, by row and by key', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Cabin archive')
  const middle = async (number: number): Promise<[number, number]> => {
    const box = await bay(page, number).boundingBox()
    if (!box) throw new Error('no bay')
    return [box.x + box.width / 2, box.y + box.height / 2]
  }
  const title = (text: string) => page.getByRole('heading', { name: text })
  await page.keyboard.down('Shift')
  await page.mouse.move(...(await middle(1)))
  await page.mouse.down()
  await page.mouse.move(...(await middle(6)), { steps: 6 })
  await expect(title('4 bays chosen: 1 to 2, 5 to 6')).toBeVisible()
  await page.mouse.up()
  await page.keyboard.up('Shift')
  await expect(title('4 bays chosen: 1 to 2, 5 to 6')).toBeVisible()
  await expect(bay(page, 2)).toHaveAccessibleName(/12 TB drive, group A, member 2/)

  await page.getByRole('button', { name: 'Choose row 2, 4 bays' }).click()
  await expect(title('4 bays chosen: 5 to 8')).toBeVisible()
  await bay(page, 9).focus()
  await page.keyboard.press('r')
  await expect(title('4 bays chosen: 9 to 12')).toBeVisible()

  // What cannot work is shown with its reason; spares join the pool that is left.
  await bay(page, 12).click()
  await page.getByRole('button', { name: 'Layout', exact: true }).click()
  await expect(page.locator('[data-layout^="raidz2"]')).toContainText(
    'Double parity needs at least three drives.',
  )
  await page.locator('[data-layout="spare"]').click()
  await expect(bay(page, 12)).toHaveAccessibleName(/group C, member 1/)
  await expect(page.getByText('Takes the place of the next drive that fails.')).toBeVisible()
})

test('drives readable alone: what a failure too many costs', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Drawer of drives')
  await bay(page, 2).focus()
  await page.keyboard.press('x')
  const pulled = page.getByRole('region', { name: 'Failures tried' })
  await expect(pulled).toContainText('runs on, degraded; one more of the 6 drives')
  await bay(page, 3).focus()
  await page.keyboard.press('x')
  await expect(pulled).toContainText('keeps the files of its other drives')
  await expect(pulled).toContainText('what lay on the failed ones is gone, up to 8 TB')
})

test('how a pool behaves, and what can be set of it', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Drawer of drives')
  await page.getByRole('button', { name: 'How it behaves' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('Any drive at least as large as the largest data drive')
  await dialog.getByLabel('Parity run every').fill('6')
  await expect(dialog).toContainText('since the last run, up to 6 h, are not covered')
  await dialog.getByLabel('Name of the pool').fill('old ones')
  await dialog.getByRole('button', { name: 'Close' }).click()
  await expect(page.getByRole('region', { name: 'Pool old ones' })).toBeVisible()
  await expect(page.locator('[data-finding="write-hole"]')).toContainText('up to 6 h')

  await openDesign(page, house, 'Cabin archive')
  await page.getByRole('button', { name: 'How it behaves' }).click()
  const blocks = page.getByRole('row', { name: /^A / })
  await expect(blocks).toContainText('8 KiB padding')
})

test('the whole design as pages, and its part list as a file', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await page.getByRole('link', { name: 'print' }).click()
  await expect(page.getByRole('heading', { name: 'Cabin archive' })).toBeVisible()
  for (const section of [
    'Figures',
    'Drawing',
    'Limits',
    'Findings',
    'Part list',
    'Drives',
    'Cables',
  ]) {
    await expect(page.getByRole('region', { name: section, exact: true })).toBeVisible()
  }
  await expect(page.getByRole('region', { name: 'Figures' })).toContainText('69.7 TiB')
  await expect(page.getByRole('region', { name: 'Drives' }).getByRole('row')).toHaveCount(13)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('Cabin archive parts.csv')
  const csv = await readFile(await download.path(), 'utf8')
  // What came first once stays first; what has come since stands behind it.
  expect(csv.split('\r\n')[0]).toMatch(
    /^Part,To buy,Owned already,Comes with another part,Price each,Shipping of the line,Total,Currency,/,
  )
  expect(csv).toContain('Quillon Keep 12,6,6,0,229.00,4.90,1378.90,EUR,')
  // Saved as PDF by the browser it has a few pages, and nothing of the screen's tools.
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print, or save as PDF' })).toBeHidden()
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1')
  expect(pdf.match(/\/Type\s*\/Page\b/g)?.length).toBeGreaterThan(1)
  expect(pdf.match(/\/Type\s*\/Page\b/g)?.length).toBeLessThan(8)
})
