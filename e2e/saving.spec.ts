import { execFileSync } from 'node:child_process'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { bay, expect, figure, openDesign, saved, test } from './support/test'

/** Keys of the copies that this browser keeps. */
function keptHere(): Promise<string[]> {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open('flint-shelf')
    opening.onerror = () => {
      reject(new Error('no database'))
    }
    opening.onsuccess = () => {
      const keys = opening.result.transaction('copies').objectStore('copies').getAllKeys()
      keys.onsuccess = () => {
        opening.result.close()
        resolve(keys.result.map(String))
      }
    }
  })
}

for (const seconds of [0.2, 1, 5]) {
  test(`what is said to be kept outlives the browser, killed ${seconds} s later`, async ({
    house,
    playwright,
  }, testInfo) => {
    const profile = await mkdtemp(join(tmpdir(), 'flint-profile-'))
    const { launchOptions } = testInfo.project.use
    const open = async () => {
      const context = await playwright.chromium.launchPersistentContext(profile, {
        ...launchOptions,
        locale: 'en-GB',
        viewport: { width: 1280, height: 800 },
      })
      const page = await context.newPage()
      // The server is there, and takes no save.
      await page.route('**/api/designs/*', (route) =>
        route.request().method() === 'PUT' ? route.abort() : route.continue(),
      )
      return { context, page }
    }
    const first = await open()
    await openDesign(first.page, house, 'Warm-room shelf')
    const address = first.page.url()
    for (const number of [4, 3]) {
      await bay(first.page, number).click()
      await first.page.keyboard.press('Delete')
    }
    await expect(first.page.locator('[data-save="unsaved"]')).toHaveText(
      'not saved, kept in this browser',
    )
    await first.page.waitForTimeout(seconds * 1_000)
    execFileSync('pkill', ['-KILL', '-f', `user-data-dir=${profile}`])

    const second = await open()
    await second.page.goto(address)
    await expect(bay(second.page, 3)).toHaveAccessibleName(/empty/)
    await expect(bay(second.page, 4)).toHaveAccessibleName(/empty/)
    await second.context.close()
    await rm(profile, { recursive: true, force: true })
  })
}

test('the server dies: work is kept, said truthfully, and saved when it is back', async ({
  house,
  page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await expect(saved(page)).toContainText('revision 1')
  await house.kill()

  await bay(page, 4).click()
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-save="unsaved"]')).toHaveText('not saved, kept in this browser')
  await bay(page, 3).click()
  await page.keyboard.press('Delete')
  await expect(bay(page, 3)).toHaveAccessibleName(/empty/)
  await expect(page.locator('[data-save="unsaved"]')).toBeVisible()

  // Without a server even the page cannot be fetched; what was done must outlive that too.
  const address = page.url()
  await expect(page.reload()).rejects.toThrow('ERR_CONNECTION_REFUSED')
  await house.start()
  await page.goto(address)
  await expect(bay(page, 3)).toHaveAccessibleName(/empty/)
  await expect(bay(page, 4)).toHaveAccessibleName(/empty/)
  await expect(saved(page)).toContainText('revision 2')

  await expect.poll(() => page.evaluate(keptHere)).toEqual([])
})

test('the shelf names designs with kept work, also one that another window removed', async ({
  house,
  page,
}) => {
  await page.route('**/api/designs/*', (route) =>
    route.request().method() === 'PUT' ? route.abort() : route.continue(),
  )
  await openDesign(page, house, 'Warm-room shelf')
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-save="unsaved"]')).toHaveText('not saved, kept in this browser')
  await page.goto(house.url)
  const row = page.getByRole('listitem').filter({ hasText: 'Warm-room shelf' })
  await expect(row).toContainText('not saved yet is kept in this browser')
  await row.getByRole('button', { name: 'Remove Warm-room shelf' }).click()
  await expect(row).toContainText('not on the shelf any more')
  await row.getByRole('button', { name: 'put back' }).click()
  await page.getByRole('link', { name: 'Warm-room shelf' }).click()
  await expect(bay(page, 1)).toHaveAccessibleName(/empty/)
})

test('the server comes back while the sheet is open: the work is saved without a hand', async ({
  house,
  page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await house.kill()
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-save="unsaved"]')).toBeVisible()
  await house.start()
  await expect(saved(page)).toContainText('revision 2')
})

test('a change made just before leaving the sheet is saved too', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await page.getByRole('link', { name: 'Shelf', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'On the shelf' })).toBeVisible()
  await expect(page.getByRole('listitem').filter({ hasText: 'Warm-room shelf' })).toContainText(
    '€1,070',
  )
})

test.describe('two windows on one design', () => {
  test.beforeEach(async ({ house, page, context }) => {
    await openDesign(page, house, 'Warm-room shelf')
    const other = await context.newPage()
    await openDesign(other, house, 'Warm-room shelf')
    await bay(other, 1).click()
    await other.keyboard.press('Delete')
    await expect(saved(other)).toContainText('revision 2')
    // This window does not know of revision 2 yet.
    await bay(page, 4).click()
    await page.keyboard.press('Delete')
    await expect(page.getByRole('alert')).toContainText('Both versions are kept.')
  })

  test('the later one is told and can be kept as a design of its own', async ({ house, page }) => {
    await page.getByRole('button', { name: 'Keep mine as a design of its own' }).click()
    await expect(page.getByLabel('Name of the design')).toHaveValue(
      'Warm-room shelf, other version',
    )
    await expect(bay(page, 4)).toHaveAccessibleName(/empty/)
    await expect(bay(page, 1)).toHaveAccessibleName(/8 TB/)
    await openDesign(page, house, 'Warm-room shelf')
    await expect(bay(page, 1)).toHaveAccessibleName(/empty/)
    await expect(bay(page, 4)).toHaveAccessibleName(/8 TB/)
  })

  test('or put on top', async ({ page }) => {
    await page.getByRole('button', { name: 'Put mine on top' }).click()
    await expect(saved(page)).toContainText('revision 3')
    await expect(bay(page, 4)).toHaveAccessibleName(/empty/)
    await expect(bay(page, 1)).toHaveAccessibleName(/8 TB/)
  })

  test('or given up for the other, one undo away', async ({ page }) => {
    await page.getByRole('button', { name: 'Go on from theirs' }).click()
    await expect(bay(page, 1)).toHaveAccessibleName(/empty/)
    await expect(bay(page, 4)).toHaveAccessibleName(/8 TB/)
    await page.getByRole('button', { name: 'undo' }).click()
    await expect(bay(page, 4)).toHaveAccessibleName(/empty/)
    await expect(saved(page)).toContainText('revision 3')
  })

  test('what was given up can be taken up again later', async ({ page }) => {
    await page.getByRole('button', { name: 'Go on from theirs' }).click()
    await expect(bay(page, 4)).toHaveAccessibleName(/8 TB/)
    await page.getByRole('button', { name: 'revisions' }).click()
    const aside = page.getByRole('region', { name: 'Set aside' })
    await aside.getByRole('button', { name: 'Take it up' }).click()
    await expect(bay(page, 4)).toHaveAccessibleName(/empty/)
    await expect(saved(page)).toContainText('revision 3')
  })

  test('and survives a reload without a decision', async ({ page }) => {
    await page.reload()
    await expect(page.getByRole('alert')).toContainText('Both versions are kept.')
    await expect(bay(page, 4)).toHaveAccessibleName(/empty/)
    await expect(figure(page, 'cost')).toHaveText('€1,070')
  })
})

test('an earlier revision can be reopened', async ({ house, quietPage: page }) => {
  await openDesign(page, house, 'Warm-room shelf')
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await expect(saved(page)).toContainText('revision 2')
  await page.getByRole('button', { name: 'revisions' }).click()
  await page.getByRole('button', { name: 'Go back to it' }).click()
  await expect(bay(page, 1)).toHaveAccessibleName(/8 TB/)
  await expect(saved(page)).toContainText('revision 3')
})

test('what was done is told by its revision, and can be undone after the design was left', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await expect(saved(page)).toContainText('revision 2')
  await page.getByRole('link', { name: 'Shelf', exact: true }).click()
  await page.getByRole('link', { name: 'Warm-room shelf', exact: true }).click()
  await expect(bay(page, 1)).toHaveAccessibleName(/empty/)
  await page.getByRole('button', { name: 'revisions' }).click()
  await expect(page.getByRole('dialog')).toContainText('remove Marrowby Hush 8')
  await page.getByRole('button', { name: 'Close' }).click()
  await page.getByRole('button', { name: 'undo' }).click()
  await expect(bay(page, 1)).toHaveAccessibleName(/8 TB/)
  await expect(saved(page)).toContainText('revision 3')
})

test('what was done can be undone after the page was loaded anew, step by step', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await bay(page, 2).click()
  await page.keyboard.press('Delete')
  await expect(saved(page)).toContainText(/revision [23]/)
  await page.reload()
  await expect(bay(page, 2)).toHaveAccessibleName(/empty/)
  await page.getByRole('button', { name: 'undo' }).click()
  await expect(bay(page, 2)).toHaveAccessibleName(/8 TB/)
  await expect(bay(page, 1)).toHaveAccessibleName(/empty/)
  await expect(saved(page)).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: 'undo' }).click()
  await expect(bay(page, 1)).toHaveAccessibleName(/8 TB/)
  await page.getByRole('button', { name: 'redo' }).click()
  await expect(bay(page, 1)).toHaveAccessibleName(/empty/)
})

test('a revision has a name of its own, and the ledger counts from any of them', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await expect(saved(page)).toContainText('revision 2')
  await page.getByRole('button', { name: 'checkpoint' }).click()
  const space = page.locator('[data-figure="working"]')
  const unchanged = await space.innerText()
  await page.getByRole('button', { name: 'revisions' }).click()
  await page.getByRole('button', { name: 'Name revision 1' }).click()
  await page.getByLabel('Name of revision 1').fill('As ordered')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'As ordered: rename revision 1' })).toBeVisible()
  await page.getByRole('button', { name: 'Compare with 1' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  // What the drive that is gone held.
  await expect(space).not.toHaveText(unchanged)
})

test('a browser whose storage is full says that it cannot keep the work', async ({
  house,
  page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  const browser = await page.context().newCDPSession(page)
  await browser.send('Storage.overrideQuotaForOrigin', { origin: house.url, quotaSize: 1 })
  await house.kill()
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-save="unsaved"]')).toHaveText(
    'not saved, and this browser cannot keep it',
  )
  await browser.send('Storage.overrideQuotaForOrigin', { origin: house.url })
  await bay(page, 2).click()
  await page.keyboard.press('Delete')
  await expect(page.locator('[data-save="unsaved"]')).toHaveText('not saved, kept in this browser')
})
