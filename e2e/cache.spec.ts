import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { dragTo } from './support/dragTo'
import type { House } from './support/house'
import { choose, expect, figure, openDesign, test } from './support/test'

async function openCache(page: Page, house: House): Promise<void> {
  await openDesign(page, house, 'Cabin archive')
  await page.locator('body').press('a')
}

test('a write log is added to the stick, told what it lacks, and taken away again', async ({
  house,
  quietPage: page,
}) => {
  await openCache(page, house)
  const main = page.getByRole('main', { name: 'Cache' })
  const stick = main.locator('[data-device]').first()
  // 15 TB over twice 5 GB a day: 4.1 years.
  await expect(stick).toContainText('5 GB a day: lasts about 4.1 years (2.1 to 8.2)')
  await choose(page, 'Add a job', 'write log')
  const log = main.locator('[data-service="write log"]')
  await log.getByRole('checkbox').first().check()
  await log.getByLabel('Size on Stub 32').fill('16')
  await expect(log).toContainText('Holds 16 GB, 1.8 GB wanted.')
  const findings = page.getByRole('complementary')
  await expect(findings).toContainText('Nothing of the brief waits for the write log of')
  await expect(findings).toContainText('is not mirrored')
  await findings.getByRole('button', { name: /^Remove a service/ }).click()
  await expect(log).toHaveCount(0)
  // What was taken for granted before is said now, so that it stays where it was.
  await expect(main.locator('[data-service="system"]')).toHaveCount(1)
})

test('a read cache has nothing to mirror, and what wears out soon is told', async ({
  house,
  quietPage: page,
}) => {
  await openCache(page, house)
  const main = page.getByRole('main', { name: 'Cache' })
  for (const slug of ['quillon-spark-250m', 'quillon-spark-120']) {
    await page.locator(`[data-part="${slug}"]`).click()
  }
  await choose(page, 'Add a job', 'read cache')
  const cache = main.locator('[data-service="read cache"]')
  await cache.getByRole('checkbox', { name: /Spark 250 M/ }).check()
  await cache.getByRole('checkbox', { name: /Spark 120/ }).check()
  await expect(cache.getByRole('combobox', { name: 'Its devices' })).toHaveCount(0)
  await expect(cache).toContainText('of memory')
  await cache.getByLabel('Written a day').fill('500')
  await expect(page.getByRole('complementary')).toContainText(
    /Spark 120 is rated for about \d+ months/,
  )
})

test('data that is placed on a pool has to fit there', async ({ house, quietPage: page }) => {
  await openCache(page, house)
  const tenants = page.getByRole('region', { name: 'Who lives where' })
  const pool = tenants.getByRole('row', { name: /^plates/ })
  await expect(pool).toContainText('nothing')
  await tenants.getByRole('combobox').first().click()
  await page.getByRole('option', { name: 'plates' }).click()
  await expect(pool).not.toContainText('nothing')
  await pool.getByRole('checkbox', { name: 'scratch only' }).check()
  await expect(figure(page, 'working')).toHaveText('0')
  await expect(figure(page, 'survived')).toHaveText('no pool')
})

test('data is taken to a pool by the mouse, and back to wherever there is room', async ({
  house,
  quietPage: page,
}) => {
  await openCache(page, house)
  const tenants = page.getByRole('region', { name: 'Who lives where' })
  const pool = tenants.locator('[data-pool="pool-1"]')
  const projects = tenants.getByRole('rowheader', { name: 'projects', exact: true })
  const home = tenants.getByRole('combobox', { name: 'Where projects live' })
  await dragTo(page, projects, pool, tenants.locator('[data-over]'))
  await expect(home).toHaveText('plates')
  await expect(pool).toContainText('projects')
  await expect(pool).toContainText('any 2')
  await expect(pool).toContainText('runs on')
  const head = tenants.getByRole('columnheader', { name: 'At the end' })
  await dragTo(page, projects, head, tenants.locator('[data-over]'))
  await expect(home).toHaveText('wherever there is room')
})

test('what guests take of the memory is taken off what is left for files', async ({
  house,
  quietPage: page,
}) => {
  await openCache(page, house)
  const memory = page.getByRole('region', { name: 'Memory', exact: true })
  // 32 GiB less 2 for the system and a tenth that may wait.
  await expect(memory).toContainText('26.8 GiB')
  await memory.getByLabel('Memory of guests').fill('8')
  await expect(memory).toContainText('18.8 GiB')
})

test('a read cache says what its user takes it to find, and that memory comes first', async ({
  house,
  quietPage: page,
}) => {
  await openCache(page, house)
  await page.locator('[data-part="quillon-spark-250m"]').click()
  await choose(page, 'Add a job', 'read cache')
  const cache = page.locator('[data-service="read cache"]')
  await cache.getByRole('checkbox', { name: /Spark 250 M/ }).check()
  await cache.getByLabel('Found in it').fill('60')
  await expect(cache).toContainText('the drives serve 2.5 times as many reads')
  await expect(page.getByRole('complementary')).toContainText(
    'Memory first: there is 32 GiB and the board takes 128 GiB',
  )
})

test('the commands that make the pools are read here and saved, and name no disk', async ({
  house,
  quietPage: page,
}, testInfo) => {
  await openCache(page, house)
  const section = page.getByRole('region', { name: 'Commands that make the pools' })
  await section.getByText('Read them here').click()
  await expect(section.getByLabel('The script')).toContainText(
    "A1='' # Quillon Keep 12, bay 1, 7K2Q",
  )
  const download = page.waitForEvent('download')
  await section.getByRole('button', { name: 'Save as a shell script' }).click()
  const path = testInfo.outputPath('pools.sh')
  await (await download).saveAs(path)
  const script = await readFile(path, 'utf8')
  expect(script).toContain('zpool create -o ashift=12 plates raidz2 "$A1"')
  expect(script).not.toContain('/dev/sd')
})
