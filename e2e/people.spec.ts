import type { Page } from '@playwright/test'
import { expectNothingFound } from './support/axe'
import { House } from './support/house'
import { bay, expect, saved, test as base } from './support/test'

const PASSWORD = 'a long enough one'

/** A house that can be reached from elsewhere, with a keeper who is signed in. */
const test = base.extend<{ open: House }>({
  // oxlint-disable-next-line no-empty-pattern
  open: async ({}, use) => {
    const house = await House.open({
      FLINT_ACCOUNTS: '1',
      FLINT_FIRST_CODE: 'ABCD-EFGH',
      FLINT_SESSION_SECRET: 'of a test',
    })
    await use(house)
    await house.kill()
  },
})

async function makeFirst(page: Page, house: House): Promise<void> {
  await page.goto(house.url)
  await page.getByLabel('Code').fill('abcd-efgh')
  await page.getByLabel('Your name').fill('Ines')
  await page.getByLabel('Password').fill(PASSWORD)
  await page.getByRole('button', { name: 'Make the account' }).click()
  await expect(page.getByRole('link', { name: 'Ines' })).toBeVisible()
}

test('the first account keeps the house: it makes others, shares a design with one, and sees who changed it', async ({
  open: house,
  browser,
  page,
}) => {
  await makeFirst(page, house)
  await page.getByRole('link', { name: 'Ines' }).click()
  await page.getByLabel('Name of a new account').fill('Otto')
  await page.getByLabel('Its first password').fill(PASSWORD)
  await page.getByRole('button', { name: 'Make the account' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Otto' }).first()).toBeVisible()
  await page.goto(house.url)
  await page.getByRole('button', { name: 'Copy Cabin archive' }).click()
  await page.getByRole('button', { name: 'Share Cabin archive, copy' }).click()
  await expect(page.getByText('It belongs to Ines.')).toBeVisible()
  await page.getByRole('combobox', { name: 'What Otto may do' }).click()
  await page.getByRole('option', { name: 'may look' }).click()

  const other = await browser.newPage()
  await other.goto(house.url)
  await other.getByLabel('Name').fill('otto')
  await other.getByLabel('Password').fill('wrong password')
  await other.getByRole('button', { name: 'Sign in' }).click()
  await expect(other.getByRole('alert')).toHaveText('The name or the password is not right.')
  await other.getByLabel('Password').fill(PASSWORD)
  await other.getByRole('button', { name: 'Sign in' }).click()
  const row = other.getByRole('listitem').filter({ hasText: 'Cabin archive, copy' })
  await expect(row).toContainText('you may look at it')
  await expect(row.getByRole('button', { name: /Remove/ })).toHaveCount(0)
  await row.getByRole('link').click()
  await expect(other.locator('[data-save="looking"]')).toBeVisible()
  await bay(other, 1).click()
  await other.keyboard.press('Delete')
  await expect(other.locator('[data-save="looking"]')).toContainText('changes are not saved')

  await page.getByRole('combobox', { name: 'What Otto may do' }).click()
  await page.getByRole('option', { name: 'may change' }).click()
  await expect(page.getByRole('combobox', { name: 'What Otto may do' })).toHaveText('may change')
  await other.reload()
  await bay(other, 1).click()
  await other.keyboard.press('Delete')
  await expect(saved(other)).toContainText('revision 2')
  await page.reload()
  await page.getByRole('button', { name: 'Share Cabin archive, copy' }).click()
  await expect(
    page.getByRole('dialog').getByRole('listitem').filter({ hasText: 'Otto' }).last(),
  ).toContainText('saved')
  await other.close()
})

test('a link opens one design to look at, and leads nowhere once it is taken back', async ({
  open: house,
  browser,
  page,
}) => {
  await makeFirst(page, house)
  await page.getByRole('button', { name: 'Share Warm-room shelf' }).click()
  await page.getByRole('button', { name: 'Make a link' }).click()
  const link = await page.getByText(/\/link#/).innerText()

  const visitor = await browser.newPage()
  await visitor.goto(link)
  await expect(visitor.getByRole('region', { name: 'Ledger' })).toBeVisible()
  await expect(visitor.locator('[data-save="looking"]')).toBeVisible()
  expect(visitor.url()).not.toContain('#')
  await visitor.reload()
  await expect(visitor.getByRole('region', { name: 'Ledger' })).toBeVisible()

  await page.getByRole('button', { name: 'take it back' }).click()
  await expect(page.getByRole('button', { name: 'take it back' })).toHaveCount(0)
  await visitor.reload()
  await expect(visitor.getByText('This link does not lead anywhere any more')).toBeVisible()
  await visitor.close()
})

test('who is signed out at work signs in again on top of it, and nothing of it is lost', async ({
  open: house,
  page,
}) => {
  await makeFirst(page, house)
  await page.getByRole('link', { name: 'Warm-room shelf' }).click()
  await expect(bay(page, 1)).toBeVisible()
  // As when the keeper of the house sets a new password elsewhere.
  await page.request.delete(`${house.url}/api/session`, { data: {} })
  await bay(page, 1).click()
  await page.keyboard.press('Delete')
  const dialog = page.getByRole('dialog', { name: 'Sign in again' })
  await expect(dialog).toBeVisible()
  await dialog.getByLabel('Name').fill('Ines')
  await dialog.getByLabel('Password').fill(PASSWORD)
  await dialog.getByRole('button', { name: 'Sign in' }).click()
  await expect(dialog).toHaveCount(0)
  await expect(saved(page)).toContainText('revision 2')
  await page.getByRole('link', { name: 'Flint Shelf, to the shelf' }).click()
  await page.getByRole('link', { name: 'Ines' }).click()
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
})

test('axe finds nothing at the door, in an account and where a design is shared', async ({
  open: house,
  page,
}) => {
  await page.goto(house.url)
  await expect(page.getByLabel('Code')).toBeVisible()
  await expectNothingFound(page)
  await makeFirst(page, house)
  await page.getByRole('button', { name: 'Share Warm-room shelf' }).click()
  await page.getByRole('button', { name: 'Make a link' }).click()
  await expect(page.getByText(/\/link#/)).toBeVisible()
  await expectNothingFound(page)
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: 'Ines' }).click()
  await expect(page.getByRole('heading', { name: 'People' })).toBeVisible()
  await expectNothingFound(page)
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
  await expectNothingFound(page)
})
