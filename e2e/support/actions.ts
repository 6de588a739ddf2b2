import type { Locator, Page } from '@playwright/test'

/**
 * What a user does, counted: every click, every field that is filled and every key that does something is one
 * action; walking with Tab and arrow keys is none, since it chooses nothing.
 */
export class Actions {
  count = 0
  readonly #page: Page

  constructor(page: Page) {
    this.#page = page
  }

  async click(target: Locator): Promise<void> {
    this.count += 1
    await target.click()
  }

  async fill(target: Locator, text: string): Promise<void> {
    this.count += 1
    await target.fill(text)
  }

  async press(key: string): Promise<void> {
    this.count += 1
    await this.#page.keyboard.press(key)
  }

  async type(text: string): Promise<void> {
    this.count += 1
    await this.#page.keyboard.type(text)
  }

  /** Walks with a key until the keyboard is on the target. */
  async walkTo(target: Locator, key: 'Tab' | 'ArrowDown', most = 40): Promise<void> {
    for (let step = 0; step < most; step += 1) {
      if (await target.evaluate((element) => element === document.activeElement)) return
      await this.#page.keyboard.press(key)
    }
    throw new Error(`The keyboard did not reach it in ${most} steps.`)
  }
}
