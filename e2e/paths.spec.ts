import { expect, openDesign, test } from './support/test'

test('the way of a drive, the narrow link by name, and another kind of work', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await page.locator('body').press('p')
  const main = page.getByRole('main', { name: 'Paths' })
  await expect(main).toContainText('3,000 MB/s together, 17.8 hours in all')
  await expect(main).toContainText('Held back by 12 drives, as Keep 12')

  // Focus lights the whole way to the CPU, every link with its rate and its reason.
  await page.locator('[data-end="drive-3"]').focus()
  await expect(page.getByRole('row', { name: /^slot 1, Sixteen/ })).toContainText(
    '×8 of generation 3, from the CPU',
  )
  await page.getByRole('button', { name: 'Readers', exact: true }).click()
  await expect(main).toContainText('114 MB/s together')
  await expect(main).toContainText('Held back by network port of Middle M')
  const tray = page.getByRole('complementary', { name: 'Tray' })
  await expect(tray).toContainText('Sixteen in slot 1: ×8 of generation 3, 6,695 MB/s')
  await expect(tray).toContainText('Another way, 1')
})
