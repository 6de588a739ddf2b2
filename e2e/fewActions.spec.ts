import { Actions } from './support/actions'
import { bay, expect, figure, saved, test } from './support/test'

/** A whole machine of the demo catalogue that keeps the brief of the family in a flat. */
const FAMILY = [
  'ashgrove-hearth-4',
  'emberlin-slim-300',
  'tindrel-plain-itx',
  'varnholt-low-4',
  'hollin-flat-47',
  'siltstone-16',
  'quillon-spark-250m',
] as const

test('a first design, from the brief to done, in under 25 actions', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(house.url)
  const user = new Actions(page)
  const next = page.getByRole('region', { name: 'Next to choose' })
  const hello = page.getByRole('region', { name: 'The first time here' })
  await user.click(hello.getByRole('button', { name: 'Start a design' }))
  await user.click(page.locator('[data-household="living-room"]'))
  await user.fill(page.getByLabel('Where is it?'), 'The old box at my sister’s')
  await user.fill(page.getByLabel('Made every'), '24')
  for (const slug of FAMILY) {
    await user.click(next.getByRole('button', { name: 'Choose' }))
    await user.click(page.locator(`[data-part="${slug}"]`))
  }
  await expect(next).toContainText('Drives')
  await user.click(next.getByRole('button', { name: 'Choose' }))
  await user.click(page.locator('[data-set="quillon-overlap-8"]'))
  await expect(figure(page, 'limits')).toHaveText('10 of 10')
  await expect(figure(page, 'still-to-choose')).toHaveText('Done')
  await expect(next).toHaveCount(0)
  expect(user.count).toBeLessThan(25)
  await expect(saved(page)).toBeVisible()
  // Who has been here is not told again.
  await page.goto(house.url)
  await expect(page.getByRole('heading', { name: 'On the shelf' })).toBeVisible()
  await expect(hello).toHaveCount(0)
})

test('the same by keyboard alone', async ({ house, quietPage: page }) => {
  await page.goto(house.url)
  const user = new Actions(page)
  await user.walkTo(page.getByRole('button', { name: 'New design' }), 'Tab')
  await user.press('Enter')
  await user.walkTo(page.locator('[data-household="living-room"]'), 'Tab')
  await user.press('Enter')
  await expect(page.getByLabel('Where is it?')).toBeVisible()
  await user.walkTo(page.getByLabel('Where is it?'), 'Tab', 60)
  await user.type('The old box at my sister’s')
  await user.walkTo(page.getByLabel('Made every'), 'Tab')
  await user.type('24')
  // Out of the field, so that letters are keys again.
  await user.press('Escape')
  for (const slug of FAMILY) {
    await user.press('g')
    const offer = page.locator(`[data-part="${slug}"]`)
    await expect(offer).toBeVisible()
    await expect(page.locator('[data-offer]:focus')).toHaveCount(1)
    await user.walkTo(offer, 'ArrowDown')
    await user.press('Enter')
    await expect(offer).toHaveAttribute('aria-current', 'true')
  }
  await user.press('g')
  await expect(page.locator('[data-offer]:focus')).toHaveCount(1)
  await user.walkTo(page.locator('[data-set="quillon-overlap-8"]'), 'ArrowDown')
  await user.press('Enter')
  await expect(figure(page, 'still-to-choose')).toHaveText('Done')
  expect(user.count).toBeLessThan(25)
})

test('an old computer with six drives, in under 35 actions', async ({ house, quietPage: page }) => {
  await page.goto(house.url)
  const user = new Actions(page)
  await user.click(page.getByRole('button', { name: 'New design' }))
  await user.fill(page.getByLabel('Name'), 'From the attic')
  await user.click(page.locator('[data-household="old-computer"]'))
  await user.fill(page.getByLabel('Places for 3.5" drives'), '6')
  await user.fill(page.getByLabel('SATA ports on the board'), '6')
  await user.fill(page.getByLabel('Memory'), '8')
  await user.fill(page.getByLabel('Power supply'), '350 W')
  const drives = page.getByLabel('Drives that are there')
  await user.fill(drives, '4 × 2 TB, 2 big ones')
  await expect(page.getByText('“2 big ones” is not a size.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Create' })).toBeDisabled()
  await user.fill(drives, '4 × 2 TB, 2 × 500 GB')
  await expect(page.getByText('6 drives, 9 TB in all')).toBeVisible()
  await user.click(page.getByRole('button', { name: 'Create' }))
  await expect(bay(page, 6)).toHaveAccessibleName(/500 GB drive, in no group/)

  // The four equal ones with any two of them spare; the system starts from one of the small ones.
  await user.click(bay(page, 1))
  await bay(page, 4).click({ modifiers: ['Shift'] })
  user.count += 1
  await user.click(page.locator('[data-layout="raidz2x1x4"]'))
  await expect(figure(page, 'survived')).toHaveText('any 2')
  await expect(figure(page, 'still-to-choose')).toHaveText('Done')
  // What it draws is not known, and no zero is made of that.
  await expect(figure(page, 'idle')).toContainText('at least')
  expect(user.count).toBeLessThan(35)
})

test('cables and adapters are added in one go, and a limit says what would help', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(house.url)
  await page.getByRole('link', { name: 'Drawer of drives', exact: true }).click()
  const next = page.getByRole('region', { name: 'Next to choose' })
  await expect(next).toContainText('power adapters')
  await next.getByRole('button', { name: 'Add the cheapest that serve' }).click()
  await expect(next).toHaveCount(0)

  await page.goto(house.url)
  await page.getByRole('link', { name: 'Cabin archive', exact: true }).click()
  await page.getByRole('button', { name: /limits kept/ }).click()
  await page.getByRole('button', { name: 'What would help? Room where it stands' }).click()
  await page.locator('[data-help="cellar-rack"]').click()
  await expect(page.locator('[data-limit="place"]').first()).toHaveAttribute(
    'data-standing',
    'kept',
  )

  await page.goto(house.url)
  await page.getByRole('link', { name: 'Warm-room shelf', exact: true }).click()
  await page.getByRole('button', { name: /limits kept/ }).click()
  await page.getByRole('button', { name: 'Would fewer or cheaper drives do? Usable space' }).click()
  const cheaper = page.getByRole('list', { name: 'Sets that cost less' }).getByRole('button')
  await expect(cheaper.first()).toContainText(/\d × .*saves €\d+.*in place of all drives/)
  const before = await figure(page, 'cost').innerText()
  await cheaper.first().click()
  await expect(figure(page, 'cost')).not.toHaveText(before)
  await expect(page.locator('[data-limit="space"]').first()).toHaveAttribute(
    'data-standing',
    'kept',
  )
})
