import type { Locator, Page } from '@playwright/test'
import { expect } from './test'

/** Drags with the mouse, and waits over the target until the page has seen it there. */
export async function dragTo(page: Page, from: Locator, to: Locator, seen: Locator): Promise<void> {
  const start = await middleOf(page, from)
  await page.mouse.move(start.x, start.y)
  await page.mouse.down()
  // What is dragged over may move out of the way; a hand follows it.
  await expect(async () => {
    const end = await middleOf(page, to)
    await page.mouse.move(end.x, end.y, { steps: 8 })
    await expect(seen).toBeVisible({ timeout: 2_000 })
  }).toPass({ timeout: 20_000 })
  await page.mouse.up()
}

/** Where the middle of something is, once it stays there: a page that has just opened still moves. */
async function middleOf(page: Page, target: Locator): Promise<{ x: number; y: number }> {
  let before = ''
  for (;;) {
    const box = await target.boundingBox()
    if (!box) throw new Error('nothing to drag, or nowhere to drag it')
    const now = JSON.stringify(box)
    if (now === before) return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
    before = now
    await page.waitForTimeout(50)
  }
}
