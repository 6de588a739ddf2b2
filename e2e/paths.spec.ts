import { readFile } from 'node:fs/promises'
import type { Locator, Page } from '@playwright/test'
import { dragTo } from './support/dragTo'
import type { House } from './support/house'
import { choose, expect, figure, openDesign, saved, test } from './support/test'

async function openPaths(page: Page, house: House, name: string): Promise<Locator> {
  await openDesign(page, house, name)
  await page.locator('body').press('p')
  return page.getByRole('main', { name: 'Paths' })
}

test('the way of a drive, the narrow link by name, and another kind of work', async ({
  house,
  quietPage: page,
}) => {
  const main = await openPaths(page, house, 'Cabin archive')
  await expect(main).toContainText('3,000 MB/s together, 17.8 hours when the pools are full')
  await expect(main).toContainText('Held back by 12 drives, as Keep 12')

  // Focus lights the whole way to the CPU, every link with its rate and its reason.
  await page.getByRole('button', { name: 'Way of bay 3' }).focus()
  await expect(page.getByRole('row', { name: /^slot 1 · Sixteen/ })).toContainText(
    '×8 of generation 3, from the CPU',
  )
  await page.getByRole('button', { name: 'All ways' }).click()
  await page.locator('[data-end="drive-5"]').focus()
  await expect(page.getByRole('row', { name: /^port 2 of Sixteen/ })).toContainText('552 MB/s')

  await page.getByRole('button', { name: 'Rebuild of one drive' }).click()
  await choose(page, 'of group', 'B, 6 drives')
  await expect(main).toContainText('250 MB/s together')
  await page.getByRole('button', { name: 'Readers', exact: true }).click()
  await expect(main).toContainText('114 MB/s together')
  await expect(main).toContainText('Held back by network port of Middle M')
})

test('what would widen it, by how much, and done with one key', async ({
  house,
  quietPage: page,
}) => {
  const main = await openPaths(page, house, 'Cabin archive')
  await page.getByRole('button', { name: 'Readers', exact: true }).click()
  const offer = page.getByRole('button', { name: /^Ten added/ })
  await expect(offer).toContainText('× 10')
  await offer.focus()
  await page.keyboard.press('Enter')
  await expect(main).toContainText('1,139 MB/s together')
  await expect(saved(page)).toContainText('revision 2')
  await page.keyboard.press('Control+z')
  await expect(main).toContainText('114 MB/s together')
})

test('a card is dragged to another slot, which is told before it is let go', async ({
  house,
  quietPage: page,
}) => {
  const main = await openPaths(page, house, 'Cabin archive')
  const slots = page.getByRole('combobox', { name: /Sixteen/ })
  await expect(slots).toHaveText(/^automatic/)
  await dragTo(
    page,
    page.locator('[data-card="controller-1"]'),
    page.locator('[data-slot="3"]'),
    main.getByText('→ 3,000 MB/s here'),
  )
  await expect(slots).toHaveText('slot 3, set by you')
  await expect(page.getByRole('complementary', { name: 'Tray' })).toContainText('3,348 MB/s')
  await page.getByRole('button', { name: 'Let all be worked out' }).click()
  await expect(slots).toHaveText(/^automatic/)
})

test('a plug is dragged to another port, and chosen from the list', async ({
  house,
  quietPage: page,
}) => {
  const main = await openPaths(page, house, 'Cabin archive')
  await dragTo(
    page,
    page.locator('[data-plug="backplane chassis-1 1 1"]'),
    page.locator('[data-port="controller-1:4"]'),
    main.getByText('→ 3,000 MB/s here'),
  )
  await page.getByRole('button', { name: 'Cable list' }).click()
  const port = page.getByRole('combobox', { name: /^Port for backplane plug 1/ })
  await expect(port).toHaveText('Sixteen 4, set by you')
  await choose(page, /^Port for backplane plug 1/, 'Sixteen 2, set by you')
  await expect(page.getByRole('row', { name: /backplane plug 2/ })).toContainText('Straight 43')
  await expect(port).toHaveText('Sixteen 2, set by you')
  await port.click()
  await page.getByRole('option', { name: /automatic$/ }).click()
  await expect(port).toHaveText(/automatic$/)
})

test('the cable list: what is missing is added, and the list saved', async ({
  house,
  quietPage: page,
}) => {
  const main = await openPaths(page, house, 'Drawer of drives')
  await page.getByRole('button', { name: 'Cable list' }).click()
  await expect(main).toContainText('8 cables, 8 to get')
  await expect(figure(page, 'cost')).toHaveText('€98')
  await page.getByRole('button', { name: 'Add the missing from the catalogue' }).click()
  await expect(main).toContainText('8 cables, 0 to get')
  await expect(figure(page, 'cost')).not.toHaveText('€98')
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as CSV' }).click(),
  ])
  const lines = (await readFile(await download.path(), 'utf8')).trim().split('\r\n')
  expect(lines).toHaveLength(1 + 8)
  expect(lines[0]).toContain('No.,From,Ports,Plug at the port')
  // Amperes of each lead, and a lead chosen by hand.
  const leads = page.getByRole('region', { name: 'Power leads' })
  const lead = leads.getByRole('combobox', { name: 'Lead for drive in bay 1', exact: true })
  await lead.click()
  await page.getByRole('option', { name: 'four-pole lead 1, set by you' }).click()
  await expect(lead).toHaveText('four-pole lead 1, set by you')
})

test('the network: ports, readers over joined ports, and copy times', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await page.locator('body').press('n')
  const main = page.getByRole('main', { name: 'Network' })
  await expect(main.getByRole('row', { name: /^Plain ITX/ }).first()).toContainText('119 MB/s')
  await page.locator('[data-part="wickmere-four"]').click()
  await expect(main.getByRole('heading', { name: /^Readers at once/ })).toContainText('joined')
  // One reader never gets more than one link, however many are joined.
  await expect(main.getByRole('row', { name: /^1 114 MB\/s 114 MB\/s 114 MB\/s/ })).toBeVisible()
  const times = main.getByRole('region', { name: 'Copy times' })
  await expect(times.getByRole('row', { name: /^a project of 100 GB/ })).toContainText('14.6 min')
  await page.getByRole('radio', { name: /9,000 bytes/ }).check()
  await expect(times.getByRole('row', { name: /^a project of 100 GB/ })).toContainText('14 min')
})

test('machines that read: each with its own link, a cable of its own with its addresses, and what it gets', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await page.locator('body').press('n')
  const main = page.getByRole('main', { name: 'Network' })
  await page.locator('[data-part="wickmere-ten"]').click()
  const readers = main.getByRole('region', { name: 'Machines that read' })
  await readers.getByRole('button', { name: 'Add a machine' }).click()
  await readers.getByLabel('Name').fill('Cutting desk')
  await expect(readers.getByRole('listitem')).toContainText(
    'limited by the network port of Cutting desk (1 Gb/s)',
  )
  await readers.getByRole('combobox', { name: 'Reached' }).click()
  await page.getByRole('option', { name: 'by its own cable' }).click()
  await readers.getByRole('combobox', { name: 'Port of this machine' }).click()
  await page.getByRole('option', { name: /^Ten, port 1/ }).click()
  await readers.getByRole('combobox', { name: 'Its link' }).click()
  await page.getByRole('option', { name: '10 Gb/s' }).click()
  await readers.getByLabel('Cable').fill('60')
  await expect(readers.getByRole('listitem')).toContainText(
    '60 m: copper, category 6A, up to 100 m.',
  )
  await expect(readers.getByRole('img')).toHaveAccessibleName(
    /Cutting desk straight to port 1 of Ten/,
  )
  const plan = main.getByRole('region', { name: 'Addresses of direct cables' })
  await expect(plan.getByRole('row', { name: /^Cutting desk/ })).toContainText('10.2.0.110.2.0.2')
  const own = plan.getByLabel('Networks in the house')
  await own.fill('10.2.0.0/99')
  await expect(plan).toContainText('10.2.0.0/99 is no network')
  await own.fill('10.2.0.0/16')
  await expect(plan.getByRole('row', { name: /^Cutting desk/ })).toContainText('10.3.0.1')
  await readers.getByRole('button', { name: 'Remove Cutting desk' }).click()
  await expect(plan).toHaveCount(0)
})

test('a port is taken out of those that are joined', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Cabin archive')
  await page.locator('body').press('n')
  const ports = page.getByRole('region', { name: 'Network ports' })
  await expect(ports).toContainText(
    'Ports of a switch: 3 (1 of this machine, 1 of the machines that read, 1 for Wi-Fi)',
  )
  await page.locator('[data-part="wickmere-four"]').click()
  await expect(ports).toContainText('It must join ports too.')
  const first = ports.getByRole('combobox', { name: 'What port 1 of Four is for' })
  await first.click()
  await page.getByRole('option', { name: 'its own address' }).click()
  await expect(first).toHaveText('its own address')
  await expect(page.getByRole('heading', { name: /^Readers at once/ })).toContainText(
    '3 ports of 1 Gb/s joined',
  )
})
