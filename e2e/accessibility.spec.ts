import type { Page } from '@playwright/test'
import type { House } from './support/house'
import { COLOUR_RULES, expectNothingFound } from './support/axe'
import { bay, choose, expect, openDesign, test } from './support/test'

type Visit = (page: Page, house: House) => Promise<void>

/** How to get to each screen; each is checked by itself. */
const screens: Record<string, Visit> = {
  shelf: async (page, house) => {
    await page.goto(house.url)
    await expect(page.getByRole('listitem')).toHaveCount(3)
  },
  drives: async (page, house) => {
    await openDesign(page, house, 'Drawer of drives')
    await bay(page, 1).click()
    await bay(page, 4).click({ modifiers: ['Shift'] })
    await page.locator('[data-layout="scheduled-parity-2"]').focus()
  },
  'what drives could be': async (page, house) => {
    await openDesign(page, house, 'Drawer of drives')
    await page.getByRole('button', { name: 'What could these drives be?' }).click()
    await expect(page.locator('[data-candidate]').first()).toBeVisible()
  },
  'how a pool behaves': async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('button', { name: 'How it behaves' }).click()
    await expect(page.getByRole('dialog')).toBeVisible()
  },
  paths: async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('link', { name: 'Paths' }).click()
    await page.getByRole('button', { name: 'Way of bay 3' }).focus()
  },
  'paths as a tree': async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('link', { name: 'Paths' }).click()
    await page.getByRole('button', { name: 'All ways' }).click()
    await page.locator('[data-end="drive-3"]').focus()
  },
  'cable list': async (page, house) => {
    await openDesign(page, house, 'Drawer of drives')
    await page.getByRole('link', { name: 'Paths' }).click()
    await page.getByRole('button', { name: 'Cable list' }).click()
    await expect(page.getByRole('region', { name: 'Power leads' })).toBeVisible()
  },
  cache: async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('link', { name: 'Cache' }).click()
    await choose(page, 'Add a job', 'write log')
    await page
      .getByRole('list', { name: 'Devices of the write log' })
      .getByRole('checkbox')
      .first()
      .check()
    await expect(page.locator('[data-device]').first()).toBeVisible()
  },
  power: async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('link', { name: 'Power' }).click()
    await expect(page.getByRole('region', { name: 'Efficiency of the supply' })).toBeVisible()
  },
  network: async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('link', { name: 'Network' }).click()
    await expect(page.locator('[data-part]').first()).toBeVisible()
  },
  'drive models': async (page, house) => {
    await openDesign(page, house, 'Drawer of drives')
    await bay(page, 1).click()
    await page.getByRole('button', { name: 'Drive model' }).click()
    await expect(page.locator('[data-model]').first()).toBeVisible()
  },
  shell: async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('link', { name: 'Shell' }).click()
    await expect(page.locator('[data-part]').first()).toBeVisible()
  },
  core: async (page, house) => {
    await openDesign(page, house, 'Drawer of drives')
    await page.getByRole('link', { name: 'Core' }).click()
    await expect(page.locator('[data-part]').first()).toBeVisible()
  },
  brief: async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('link', { name: /Brief/ }).click()
    await expect(page.getByRole('heading', { name: 'What is it for?' })).toBeVisible()
    await page.getByRole('button', { name: 'Add hours with another price' }).click()
  },
  workings: async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.locator('[data-figure="idle"]').click()
    await expect(page.getByRole('dialog')).toBeVisible()
  },
  'a part': async (page, house) => {
    await page.goto(`${house.url}/parts/tindrel-wide-atx`)
    await expect(page.getByRole('article', { name: 'Tindrel Wide ATX' })).toBeVisible()
  },
  'a new design': async (page, house) => {
    await page.goto(house.url)
    await page.getByRole('button', { name: 'New design' }).click()
    await page.locator('[data-household="old-computer"]').click()
    await page.getByLabel('Drives that are there').fill('two')
  },
  'sets of drives': async (page, house) => {
    await page.goto(house.url)
    await page.getByRole('button', { name: 'New design' }).click()
    await page.locator('[data-household="living-room"]').click()
    await page.getByRole('region', { name: 'Next to choose' }).getByRole('button').click()
    await page.locator('[data-part="ashgrove-tall-10"]').click()
    await page.getByRole('link', { name: /Drives/ }).click()
    await expect(page.locator('[data-set]').first()).toBeVisible()
  },
  'what would help': async (page, house) => {
    await openDesign(page, house, 'Cabin archive')
    await page.getByRole('button', { name: /limits kept/ }).click()
    await page.getByRole('button', { name: 'What would help? Room where it stands' }).click()
    await expect(page.locator('[data-help]').first()).toBeVisible()
  },
  'nearly found': async (page, house) => {
    await page.goto(`${house.url}/parts`)
    await page
      .getByRole('searchbox', { name: 'Find parts' })
      .fill('chassis, at least 12 bays, depth under 400')
    await expect(page.getByRole('list', { name: 'Nearly' })).toBeVisible()
  },
  'a part of one’s own': async (page, house) => {
    await page.goto(`${house.url}/parts/tindrel-wide-atx`)
    await page.getByRole('button', { name: 'Copy as your own' }).click()
    await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeVisible()
  },
}

/** Both themes take their colours from the same names, so these few show them all. */
const IN_DARK_TOO = [
  'shelf',
  'drives',
  'what drives could be',
  'paths',
  'cache',
  'power',
  'brief',
  'a part of one’s own',
]

for (const [name, visit] of Object.entries(screens)) {
  const inDark = IN_DARK_TOO.includes(name)
  test(`axe finds nothing: ${name}${inDark ? ', light and dark' : ''}`, async ({
    house,
    quietPage: page,
  }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' })
    await visit(page, house)
    await expectNothingFound(page)
    if (!inDark) return
    const paper = (): Promise<string> =>
      page.evaluate(() => getComputedStyle(document.body).backgroundColor)
    const inLight = await paper()
    await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' })
    await expect.poll(paper).not.toBe(inLight)
    // Everything but the colours is the same as before.
    await expectNothingFound(page, COLOUR_RULES)
  })
}

test('the narrowest window that is promised shows everything', async ({
  house,
  quietPage: page,
}) => {
  await page.setViewportSize({ width: 1024, height: 768 })
  await openDesign(page, house, 'Cabin archive')
  const overflow = await page.evaluate(() => [
    document.documentElement.scrollWidth - innerWidth,
    document.documentElement.scrollHeight - innerHeight,
  ])
  expect(Math.max(...overflow)).toBeLessThanOrEqual(0)
  await expect(bay(page, 12)).toBeInViewport()
})

test('at twice the size nothing is cut off at the side', async ({ house, page }) => {
  // Source: WCAG 2.2, 1.4.10: 1280 × 800 at 200 % leaves half of each.
  await page.setViewportSize({ width: 640, height: 400 })
  await openDesign(page, house, 'Cabin archive')
  for (const lens of ['Brief', 'Shell', 'Core', 'Drives', 'Paths', 'Cache', 'Network']) {
    await page.getByRole('navigation', { name: 'Steps' }).getByText(lens).click()
    await expect(page.getByRole('main', { name: lens })).toBeVisible()
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    )
    expect(over, lens).toBeLessThanOrEqual(0)
  }
})

test('on narrow windows the tray lies below the drawing, and nothing lies over anything else', async ({
  house,
  page,
}) => {
  for (const width of [820, 390]) {
    await page.setViewportSize({ width, height: 900 })
    await openDesign(page, house, 'Cabin archive')
    for (const lens of ['Brief', 'Shell', 'Core', 'Drives', 'Paths', 'Cache', 'Network']) {
      await page.getByRole('navigation', { name: 'Steps' }).getByText(lens).click()
      await expect(page.getByRole('main', { name: lens })).toBeVisible()
      await expect(page.getByRole('complementary')).toBeAttached()
      const main = await page.getByRole('main').boundingBox()
      const tray = await page.getByRole('complementary').boundingBox()
      const ledger = await page.getByRole('region', { name: 'Ledger' }).boundingBox()
      expect((main?.y ?? 0) + (main?.height ?? 0), `${width} px, ${lens}`).toBeLessThanOrEqual(
        (tray?.y ?? 0) + 1,
      )
      expect((ledger?.y ?? 0) + (ledger?.height ?? 0)).toBeLessThanOrEqual(900)
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      )
      expect(overflow, `${width} px, ${lens}`).toBeLessThanOrEqual(0)
    }
  }
})

test('the keyboard stays near what it did: entries that go leave it to their neighbours', async ({
  house,
  page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  const here = () =>
    page.evaluate(() => {
      const at = document.activeElement
      return at === document.body || at === null
        ? 'nowhere'
        : (at.getAttribute('aria-label') ?? at.textContent)
    })
  await page.getByRole('link', { name: /Core/ }).click()
  await page.getByRole('button', { name: 'Remove Hollin Pass 64' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Remove Hollin Pass 64' })).toHaveCount(0)
  expect(await here()).toBe('Choose a cooler')
  // Undo switches itself off when there is nothing left to undo.
  const undo = page.getByRole('button', { name: 'undo' })
  await undo.focus()
  await page.keyboard.press('Enter')
  await expect(undo).toBeDisabled()
  expect(await here()).not.toBe('nowhere')
  // A fix that is made takes its finding along.
  await page.getByRole('link', { name: /Brief/ }).click()
  const next = page.getByRole('region', { name: 'Next to choose' })
  // What is next is worked out beside the page; before, it was another choice with a button of its own.
  await expect(next).toContainText('Rails')
  await next.getByRole('button', { name: 'Add the cheapest that serve' }).focus()
  await page.keyboard.press('Enter')
  await expect(next).toHaveCount(0)
  expect(await here()).not.toBe('nowhere')
  // Another page.
  await page.getByRole('link', { name: 'Shelf', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'On the shelf' })).toBeVisible()
  expect(await here()).not.toBe('nowhere')
})

test('single letters can be turned off as keys', async ({ house, page }) => {
  await openDesign(page, house, 'Cabin archive')
  await page.getByRole('button', { name: 'keys ?' }).click()
  await page.getByLabel('Single letters and signs are keys').uncheck()
  await page.getByRole('button', { name: 'Close' }).click()
  await page.locator('body').press('b')
  await page.locator('body').press('g')
  await page.locator('body').press('?')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page).toHaveURL(/drives$/)
  await page.reload()
  await page.getByRole('button', { name: 'keys ?' }).click()
  await page.getByLabel('Single letters and signs are keys').check()
  await page.getByRole('button', { name: 'Close' }).click()
  await page.locator('body').press('b')
  await expect(page).toHaveURL(/brief$/)
})

test('a drive is carried by a finger that rests on it, and one that moves at once scrolls', async ({
  house,
  page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await page.locator('[data-model="quillon-keep-20"]').scrollIntoViewIfNeeded()
  const middle = async (selector: string) => {
    const box = await page.locator(selector).boundingBox()
    if (!box) throw new Error('nothing to touch')
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 }
  }
  const [from, to] = [
    await middle('[data-model="quillon-keep-20"]'),
    await middle('[data-bay="chassis-1/2"]'),
  ]
  const session = await page.context().newCDPSession(page)
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: { x: number; y: number }) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [at] : [] })
  await touch('touchStart', from)
  await page.waitForTimeout(400)
  for (let step = 1; step <= 8; step += 1) {
    const share = step / 8
    await touch('touchMove', {
      x: from.x + (to.x - from.x) * share,
      y: from.y + (to.y - from.y) * share,
    })
  }
  await expect(page.locator('[data-bay="chassis-1/2"]')).toHaveAttribute('data-over', 'true')
  await touch('touchEnd')
  await expect(bay(page, 2)).toHaveAccessibleName(/20 TB drive/)
})

test('where the system chooses the colours, what is chosen is outlined', async ({
  house,
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' })
  await openDesign(page, house, 'Cabin archive')
  await bay(page, 1).click()
  const outlineOf = (selector: string) =>
    page
      .locator(selector)
      .first()
      .evaluate((element) => getComputedStyle(element).outlineStyle)
  expect(await outlineOf('[data-bay][aria-selected="true"]')).toBe('solid')
  expect(await outlineOf('[aria-current="page"]')).toBe('solid')
  expect(await outlineOf('[data-bay][aria-selected="false"]')).toBe('none')
})

test('in the tray of Drives, what can be put in stands before what was found', async ({
  house,
  page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  const first = await page.locator('[data-model]').first().boundingBox()
  const findings = await page.locator('[data-finding]').first().boundingBox()
  expect(first?.y).toBeLessThan(400)
  expect(findings?.y).toBeGreaterThan(first?.y ?? Infinity)
})
