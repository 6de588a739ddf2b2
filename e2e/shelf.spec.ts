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

test('after a month a removed design can be deleted for good, once that was asked', async ({
  house,
  quietPage: page,
}) => {
  await page.clock.install()
  await page.goto(house.url)
  await page.getByRole('button', { name: 'Remove Drawer of drives' }).click()
  await page.getByText('1 removed design').click()
  await expect(page.getByRole('button', { name: /for good/ })).toHaveCount(0)
  await page.clock.setSystemTime(Date.now() + 31 * 24 * 60 * 60 * 1_000)
  await page.reload()
  await page.getByText('1 removed design, 1 for more than 30 days').click()
  await page.getByRole('button', { name: 'Delete Drawer of drives for good?' }).click()
  await page.getByRole('button', { name: 'Keep it' }).click()
  await page.getByRole('button', { name: 'Delete Drawer of drives for good?' }).click()
  await page.getByRole('button', { name: 'Delete for good' }).click()
  await expect(page.getByText('Deleted Drawer of drives for good.')).toBeVisible()
  await expect(page.getByText('1 removed design')).toHaveCount(0)
})

test('everything in one file, and back from it', async ({ house, quietPage: page }, testInfo) => {
  await page.goto(house.url)
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Save all' }).click()
  const path = testInfo.outputPath('everything.json')
  await (await download).saveAs(path)
  await page.getByLabel('Design file').setInputFiles(path)
  await expect(page.getByText('Imported 3 designs and 0 parts.')).toBeVisible()
  await expect(page.getByRole('list', { name: 'Designs' }).getByRole('listitem')).toHaveCount(6)
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
  await page.route('**/api/designs?*', async (route) => {
    const response = await route.fetch()
    const { total, rows } = (await response.json()) as { total: number; rows: object[] }
    const [first, ...others] = rows as { id: string; summary: object }[]
    const newer = {
      ...first,
      name: 'From tomorrow',
      unread: 'It was made by a newer Flint Shelf.',
      summary: null,
    }
    const broken = { ...others[0], name: 'Broken', summary: { front: null } }
    await route.fulfill({ response, json: { total, rows: [newer, broken, ...others.slice(1)] } })
  })
  await page.route('**/api/designs/*/document', (route) => route.fulfill({ json: { version: 99 } }))
  await page.goto(house.url)
  const row = (name: string) => page.getByRole('listitem').filter({ hasText: name })
  await expect(row('From tomorrow')).toContainText('made by a newer Flint Shelf')
  await expect(row('Broken')).toContainText('cannot be drawn')
  await expect(page.getByRole('link', { name: 'Drawer of drives' })).toBeVisible()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Export From tomorrow' }).click()
  expect(JSON.parse(await readFile(await (await download).path(), 'utf8'))).toEqual({ version: 99 })
})

test('a design that takes long to work out leaves the page alone, and is waited for when that is wanted', async ({
  house,
  quietPage: page,
}) => {
  // A thread that says that it is there, and nothing else, stands for a design without end.
  const body = `addEventListener('message', ({ data }) => {
    if (data.path?.[0] === 'answer') postMessage({ id: data.id, type: 'RAW', value: true })
  })`
  await page.route('**/evaluationWorker*', (route) =>
    route.fulfill({ contentType: 'text/javascript', body }),
  )
  await page.clock.install()
  await page.goto(house.url)
  await page.getByRole('link', { name: 'Warm-room shelf' }).click()
  await expect(page.getByText('Working out the design')).toBeVisible()
  await page.clock.fastForward(11_000)
  await expect(page.getByText('Its figures were given up after ten seconds')).toBeVisible()
  await expect(page.getByRole('region', { name: 'Ledger' })).toHaveCount(0)
  await page.unroute('**/evaluationWorker*')
  await page.getByRole('button', { name: 'Wait for them' }).click()
  await expect(page.getByRole('region', { name: 'Ledger' })).toBeVisible()
})

test('a step that cannot be drawn leaves the ledger and the other steps alone', async ({
  house,
  page,
}) => {
  await page.route('**/api/parts', (route) =>
    route.fulfill({ json: { parts: [{ slug: 'x', sheet: null }], next: null } }),
  )
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

test('an empty design teaches what to do', async ({ house, quietPage: page }) => {
  await page.goto(house.url)
  await page.getByRole('button', { name: 'New design' }).click()
  await page.getByLabel('Name').fill('Loft')
  await page.locator('[data-household="blank"]').click()
  await expect(page.getByRole('region', { name: 'Next to choose' })).toContainText('Case')
  await page.locator('body').press('g')
  await page.locator('[data-part="pellworth-drystone-4u24"]').click()
  await page.locator('body').press('d')
  await expect(page.getByRole('gridcell')).toHaveCount(24)
  await expect(page.getByText('No drive is fitted, so nothing can hold data.')).toBeVisible()
  await page.locator('[data-model="quillon-keep-20"]').click()
  await expect(bay(page, 1)).toHaveAccessibleName(/20 TB drive, in no group/)
})

test('many designs are found, ordered and shown page by page', async ({
  house,
  quietPage: page,
}) => {
  const document = JSON.parse(await readFile('demo/designs/warm-room-shelf.json', 'utf8')) as object
  for (let count = 0; count < 55; count += 1) {
    await page.request.post(`${house.url}/api/designs`, {
      data: { document: { ...document, name: `Barn ${String(count).padStart(2, '0')}` } },
    })
  }
  await page.goto(house.url)
  const rows = page.getByRole('list', { name: 'Designs' }).getByRole('listitem')
  await expect(rows).toHaveCount(50)
  await page.getByRole('button', { name: 'Show more (8 left)' }).click()
  await expect(rows).toHaveCount(58)
  await page.getByLabel('Find a design').fill('barn 07')
  await expect(rows).toHaveCount(1)
  await page.getByLabel('Find a design').fill('nothing like it')
  await expect(page.getByText('No design has these words.')).toBeVisible()
  await page.getByLabel('Find a design').fill('')
  await expect(rows).toHaveCount(58)
  await page.getByRole('combobox', { name: 'Order' }).click()
  await page.getByRole('option', { name: 'most usable space first' }).click()
  await expect(rows.first()).toContainText('Cabin archive')
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
