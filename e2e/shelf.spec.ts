import { readFile, writeFile } from 'node:fs/promises'
import { bay, expect, openDesign, test } from './support/test'

test('copy, remove and put back', async ({ house, quietPage: page }) => {
  await page.goto(house.url)
  await page.getByRole('button', { name: 'Copy Cabin archive' }).click()
  await expect(page.getByRole('link', { name: 'Cabin archive, copy' })).toBeVisible()
  await page.getByRole('button', { name: 'Remove Cabin archive', exact: true }).click()
  await expect(page.getByRole('link', { name: 'Cabin archive', exact: true })).toHaveCount(0)
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(page.getByRole('link', { name: 'Cabin archive', exact: true })).toBeVisible()
})

test('a design that was removed long ago can be put back', async ({ house, quietPage: page }) => {
  await page.goto(house.url)
  await page.getByRole('button', { name: 'Remove Drawer of drives' }).click()
  await expect(page.getByRole('link', { name: 'Drawer of drives' })).toHaveCount(0)
  await page.reload()
  await page.getByText('1 removed design').click()
  await page.getByRole('button', { name: 'Put Drawer of drives back' }).click()
  await expect(page.getByRole('link', { name: 'Drawer of drives' })).toBeVisible()
  await expect(page.getByText('1 removed design')).toHaveCount(0)
})

test('export and import give the same design', async ({ house, quietPage: page }, testInfo) => {
  await page.goto(house.url)
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export Drawer of drives' }).click()
  const path = testInfo.outputPath('drawer.json')
  await (await download).saveAs(path)
  await page.getByLabel('Design file').setInputFiles(path)
  await expect(page.getByText('Imported Drawer of drives.')).toBeVisible()
  const rows = page.getByRole('listitem').filter({ hasText: 'Drawer of drives' })
  await expect(rows).toHaveCount(2)
  expect(await rows.nth(0).locator('dl').innerText()).toBe(
    await rows.nth(1).locator('dl').innerText(),
  )
})

test('a file that is no design is refused with the field, and the shelf stays', async ({
  house,
  quietPage: page,
}, testInfo) => {
  await page.goto(house.url)
  const path = testInfo.outputPath('bad.json')
  const good = JSON.parse(await readFile('demo/designs/warm-room-shelf.json', 'utf8')) as object
  await writeFile(path, JSON.stringify({ ...good, colour: 'red' }))
  await page.getByLabel('Design file').setInputFiles(path)
  await expect(page.getByText('colour is not a known field.')).toBeVisible()
  await writeFile(path, 'no json')
  await page.getByLabel('Design file').setInputFiles(path)
  await expect(page.getByText('bad.json is not JSON.')).toBeVisible()
  await expect(page.getByRole('listitem')).toHaveCount(3)
})

test('a design that cannot be read or drawn is named, can be taken along, and leaves the others alone', async ({
  house,
  page,
}) => {
  await page.route('**/api/designs', async (route) => {
    const response = await route.fetch()
    const [first, ...others] = (await response.json()) as { document: object }[]
    const newer = {
      id: 'a',
      revision: 1,
      savedAt: '2026-01-01T00:00:00Z',
      name: 'From tomorrow',
      unread: 'It was made by a newer Flint Shelf.',
      document: { version: 99 },
    }
    const broken = { ...first, document: { ...first?.document, name: 'Broken', fitted: null } }
    await route.fulfill({ response, json: [newer, broken, ...others] })
  })
  await page.goto(house.url)
  const row = (name: string) => page.getByRole('listitem').filter({ hasText: name })
  await expect(row('From tomorrow')).toContainText('made by a newer Flint Shelf')
  await expect(row('Broken')).toContainText('cannot be drawn')
  await expect(page.getByRole('link', { name: 'Drawer of drives' })).toBeVisible()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export From tomorrow' }).click()
  expect(JSON.parse(await readFile(await (await download).path(), 'utf8'))).toEqual({ version: 99 })
})

test('a step that cannot be drawn leaves the ledger and the other steps alone', async ({
  house,
  page,
}) => {
  await page.route('**/api/parts', (route) => route.fulfill({ json: [{ slug: 'x', sheet: null }] }))
  await openDesign(page, house, 'Warm-room shelf')
  await expect(page.getByRole('alert').first()).toContainText('cannot be drawn')
  await expect(page.getByRole('link', { name: 'Flint Shelf' }).first()).toBeVisible()
  await expect(page.getByText('usable', { exact: false }).first()).toBeVisible()
})

test('the demo can be restored from the shelf', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Warm-room shelf')
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-save="saved"]')).toContainText('revision 2')
  await page.goto(house.url)
  await page.getByRole('button', { name: 'Restore the demo' }).click()
  await expect(page.getByText('The demo designs are as shipped.')).toBeVisible()
  await openDesign(page, house, 'Warm-room shelf')
  await expect(bay(page, 1)).toHaveAccessibleName(/8 TB/)
})

test('a new design starts with a chassis and teaches what to do', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(house.url)
  await page.getByRole('button', { name: 'New design' }).click()
  await page.getByLabel('Name').fill('Loft')
  await page.getByLabel('Chassis').click()
  await page.getByRole('option', { name: 'Pellworth Drystone 4U-24' }).click()
  await page.getByRole('button', { name: 'Create' }).click()
  await expect(page.getByRole('heading', { name: 'What is it for?' })).toBeVisible()
  await page.locator('body').press('d')
  await expect(page.getByRole('gridcell')).toHaveCount(24)
  await expect(page.getByText('No drive is fitted, so nothing can hold data.')).toBeVisible()
  await page.locator('[data-model="quillon-keep-20"]').click()
  await expect(bay(page, 1)).toHaveAccessibleName(/20 TB drive, in no group/)
})

test('many designs and a very long name', async ({ house, quietPage: page }) => {
  const document = JSON.parse(await readFile('demo/designs/cabin-archive.json', 'utf8')) as object
  for (let count = 0; count < 30; count += 1) {
    const name = `Attic ${count} ${'of a very long name '.repeat(5)}`.trim().slice(0, 120)
    await page.request.post(`${house.url}/api/designs`, {
      data: { document: { ...document, name } },
    })
  }
  await page.goto(house.url)
  await expect(page.getByRole('listitem')).toHaveCount(33)
  const overflow = await page.evaluate(
    () => window.document.documentElement.scrollWidth - innerWidth,
  )
  expect(overflow).toBeLessThanOrEqual(0)
})
