import type { Locator } from '@playwright/test'
import { choose, expect, openDesign, test } from './support/test'

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
  await choose(page, 'Add a part of your own', 'fan')
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

test('bays and slots are entered as rows of fields: copied, taken out, none, or not known', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(`${house.url}/parts/tindrel-middle-m`)
  await page.getByRole('button', { name: 'Copy as your own' }).click()
  await page.getByLabel(/^model/).fill('Middle M, ours')
  const slots = page.getByRole('group', { name: 'slots', exact: true })
  const third = slots.getByRole('group', { name: 'slots 3' })
  await expect(third.getByRole('combobox', { name: 'electrical lanes' })).toHaveText('4')
  // The next one is like the last.
  await slots.getByRole('button', { name: /^Add one/ }).click()
  await slots
    .getByRole('group', { name: 'slots 4' })
    .getByRole('combobox', { name: 'origin' })
    .click()
  await page.getByRole('option', { name: 'CPU', exact: true }).click()
  await slots.getByRole('button', { name: 'Remove slots 2' }).click()
  await slots.getByRole('group', { name: 'slots 1' }).getByLabel('PCIe generation').fill('fast')
  await expect(slots).toContainText('PCIe generation: “fast” is not a number')
  // The complaint stands under its row, so that the fields stay in line; nothing hidden makes the page longer.
  const first = slots.getByRole('group', { name: 'slots 1' })
  const bottomOf = async (field: Locator): Promise<number> => {
    const box = await field.boundingBox()
    return box ? Math.round(box.y + box.height) : NaN
  }
  expect(await bottomOf(first.getByLabel('PCIe generation'))).toBe(
    await bottomOf(first.getByRole('combobox', { name: 'open end' })),
  )
  expect(
    await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight),
  ).toBe(0)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Not kept yet: one value cannot be taken.')).toBeVisible()
  await slots.getByRole('group', { name: 'slots 1' }).getByLabel('PCIe generation').fill('4')
  await slots.getByRole('button', { name: /^Add one/ }).click()
  const plain = slots.getByRole('group', { name: 'slots 4' })
  await plain.getByLabel('PCIe generation').fill('third')
  await plain.getByRole('combobox', { name: 'bus' }).click()
  await page.getByRole('option', { name: 'PCI', exact: true }).click()
  // What cannot be read stays to be seen until it is corrected; else plain PCI has neither lanes nor generations.
  await expect(plain).toContainText('“third” is not a number')
  await plain.getByLabel('PCIe generation').fill('3')
  await expect(plain.getByRole('combobox')).toHaveCount(1)
  await expect(plain.getByRole('textbox')).toHaveCount(0)
  const sharing = page.getByRole('group', { name: 'sharing', exact: true })
  await sharing.getByRole('button', { name: /^There are none/ }).click()
  await page
    .getByRole('group', { name: 'network ports', exact: true })
    .getByRole('button', { name: /^Not known/ })
    .click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('article', { name: /Middle M, ours/ })).toBeVisible()
  const response = await fetch(`${house.url}/api/parts`)
  const { parts } = (await response.json()) as { parts: { slug: string; sheet: object }[] }
  expect(parts.find(({ slug }) => slug === 'tindrel-middle-m-ours')?.sheet).toMatchObject({
    slots: [
      { physicalLanes: 16, electricalLanes: 16, pcieGeneration: 4, origin: 'CPU' },
      { physicalLanes: 16, electricalLanes: 4, pcieGeneration: 3, origin: 'chipset' },
      { physicalLanes: 16, electricalLanes: 4, pcieGeneration: 3, origin: 'CPU' },
      { bus: 'PCI' },
    ],
    sharing: [],
    networkPorts: null,
    memoryMaxBytes: 2 ** 37,
  })
})

test('a data sheet is pasted, the bays are drawn while they are typed, and what contradicts itself is refused', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(`${house.url}/parts`)
  await choose(page, 'Add a part of your own', 'chassis')
  await page.getByRole('button', { name: 'Paste a data sheet' }).click()
  await page
    .getByLabel('A data sheet')
    .fill('Model: Broad 10\nWidth: 25 cm\nHeight: 44 cm\nDepth: 460\nWarranty: 3 years')
  await page.getByRole('button', { name: 'Read it' }).click()
  await expect(page.getByText('4 values read. Not understood: Warranty: 3 years.')).toBeVisible()
  await page.getByLabel('maker').first().fill('Ours')
  await choose(page, /^form$/, 'desktop')
  await page.getByRole('button', { name: 'Add one to bay blocks' }).click()
  const bays = page.getByRole('group', { name: 'bay blocks 1' })
  const fields = {
    Rows: '5',
    Columns: '2',
    'Bay width': '102',
    'Bay height': '26',
    Gap: '6',
    Left: '60',
    Top: '100',
  }
  for (const [label, value] of Object.entries(fields)) {
    await bays.getByLabel(label, { exact: false }).first().fill(value)
  }
  await expect(page.getByText('5 of 10 bays reach beyond the front.')).toBeVisible()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Block 1 would reach 270 mm to the right')).toBeVisible()
  await bays.getByLabel('Left', { exact: false }).first().fill('20')
  await expect(page.getByText('10 bays on a front of 250 × 440 mm')).toBeVisible()
  await page.getByLabel('price', { exact: true }).fill('89')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByRole('article', { name: 'Ours Broad 10' })).toBeVisible()
})
