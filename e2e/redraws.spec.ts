import { countRedraws, redrawsSince } from './support/redraws'
import { expect, openDesign, test } from './support/test'

/** Figures are worked out and the design saved by then. */
const SETTLED_MS = 1_500

test('a digit and a choice pointed at draw only what they change', async ({ house, page }) => {
  await countRedraws(page)
  await openDesign(page, house, 'Cabin archive')
  await page.keyboard.press('b')
  const field = page.getByLabel('Projects, now')
  await field.click()
  await page.keyboard.press('Control+a')
  await page.waitForTimeout(SETTLED_MS)
  expect(await redrawsSince(page)).toBeGreaterThan(300)

  // The field, the figures and findings that become others, and the words on saving; not the other forty fields.
  await page.keyboard.press('7')
  await page.waitForTimeout(SETTLED_MS)
  const ofDigit = await redrawsSince(page)
  expect(ofDigit).toBeGreaterThan(20)
  expect(ofDigit).toBeLessThan(153)

  await page.keyboard.press('Escape')
  await page.keyboard.press('c')
  const offers = page.locator('[data-offer]')
  await offers.nth(1).waitFor()
  await page.waitForTimeout(SETTLED_MS)
  await redrawsSince(page)
  // A part that is chosen already changes neither drawing nor offers: only what follows the pointer is drawn.
  const place = await page.locator('[data-offer][aria-current=true]').first().boundingBox()
  if (!place) throw new Error('No part is chosen.')
  await page.mouse.move(place.x + 20, place.y + 8)
  await page.mouse.move(place.x + 24, place.y + 10)
  await page.waitForTimeout(SETTLED_MS)
  const ofPointing = await redrawsSince(page)
  expect(ofPointing).toBeGreaterThan(0)
  expect(ofPointing).toBeLessThan(20)
})
