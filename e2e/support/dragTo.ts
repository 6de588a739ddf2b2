import type { Locator, Page } from '@playwright/test'
import { expect } from './test'

/** Drags with the mouse, and waits over the target until the page has seen it there. */
export async function dragTo(page: Page, from: Locator, to: Locator, seen: Locator): Promise<void> {
  const [start, end] = [await from.boundingBox(), await to.boundingBox()]
  if (!start || !end) throw new Error('nothing to drag, or nowhere to drag it')
  await page.mouse.move(start.x + start.width / 2, start.y + start.height / 2)
  await page.mouse.down()
  await page.mouse.move(end.x + end.width / 2, end.y + end.height / 2, { steps: 8 })
  await expect(seen).toBeVisible()
  await page.mouse.up()
}
