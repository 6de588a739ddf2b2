import { readFile } from 'node:fs/promises'
import { applyEdit, catalogueFile, type Edit, parseDesign } from '@flint/core/editing'
import type { Locator } from '@playwright/test'
import { expect, openDesign, test } from './support/test'

/** The cabin with 24 drives and four cards in a case of another depth, everything at its rear moved along. */
async function madeOfDepth(house: { url: string }, depthMm: number): Promise<string> {
  const read = async (path: string): Promise<unknown> => JSON.parse(await readFile(path, 'utf8'))
  const parsed = parseDesign(await read('demo/designs/cabin-archive.json'))
  const { parts } = catalogueFile.parse(await read('demo/catalogue.json'))
  if (!('design' in parsed)) throw new Error('The demo cannot be read.')
  const part = (slug: string) => {
    const found = parts.find((one) => one.slug === slug)
    if (!found) throw new Error(`There is no part ${slug}.`)
    return found
  }
  const drystone = parsed.design.snapshots.find(({ sheet }) => sheet.kind === 'chassis')
  if (drystone?.sheet.kind !== 'chassis') throw new Error('The demo has no case.')
  const { bayBlocks, boardAt, supplyAt } = drystone.sheet
  const [block] = bayBlocks
  const change = {
    depthMm,
    heightMm: 188,
    boardAt: boardAt && { ...boardAt, frontMm: depthMm - 6 },
    supplyAt: supplyAt && { ...supplyAt, frontMm: depthMm - 4 },
    bayBlocks: block ? [block, { ...block, topMm: block.topMm + 100 }] : [],
  }
  const edits: Edit[] = [
    { do: 'rename', name: `Depth ${depthMm}` },
    { do: 'change-sheet', snapshotId: drystone.id, change },
    { do: 'fit', part: part('tindrel-watch-atx'), beside: false },
    ...['lockrow-sixteen', 'wickmere-four', 'wickmere-ten'].map((slug): Edit => ({
      do: 'fit',
      part: part(slug),
      beside: true,
    })),
    {
      do: 'put-drives',
      model: part('quillon-keep-12'),
      bays: Array.from({ length: 12 }, (_, bay) => `chassis-1/${bay + 13}`),
    },
  ]
  const response = await fetch(`${house.url}/api/designs`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ document: edits.reduce(applyEdit, parsed.design) }),
  })
  expect(response.status).toBe(201)
  return ((await response.json()) as { id: string }).id
}

test('no words of the drawing lie over others or beyond it, however deep the case and wide the window', async ({
  house,
  page,
}) => {
  // Every depth and every width, and the narrowest of both, where there is least room.
  const views = new Map([
    [250, [1_024, 1_920]],
    [538, [1_280]],
    [800, [1_024, 1_920]],
  ])
  for (const [depthMm, widths] of views) {
    const id = await madeOfDepth(house, depthMm)
    for (const width of widths) {
      await page.setViewportSize({ width, height: 800 })
      await page.goto(`${house.url}/designs/${id}/paths`)
      const drawing = page.getByRole('main', { name: 'Paths' }).locator('figure').first()
      await expect(drawing.locator('[data-plan-label="CPU"]')).toBeVisible()
      const boxes = await drawing.locator('[data-plan-label] text').evaluateAll((texts) =>
        texts.map((text) => {
          const { left, top, right, bottom } = text.getBoundingClientRect()
          return { words: text.textContent, left, top, right, bottom }
        }),
      )
      // Bays, board, supply, CPU, chipset and four cards at least.
      expect(boxes.length, `${depthMm} mm deep, ${width} px wide`).toBeGreaterThanOrEqual(9)
      const whole = await drawing.boundingBox()
      for (const [at, one] of boxes.entries()) {
        expect(one.left).toBeGreaterThanOrEqual(whole?.x ?? 0)
        const over = boxes
          .slice(at + 1)
          .filter(
            (other) =>
              one.left < other.right &&
              other.left < one.right &&
              one.top < other.bottom &&
              other.top < one.bottom,
          )
        expect(over, `${depthMm} mm deep, ${width} px wide: ${one.words}`).toEqual([])
      }
    }
  }
})

test('what is touched in the drawing is opened in the tray, whatever is sketched on it', async ({
  house,
  page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await page.keyboard.press('c')
  const drawing = page.getByRole('region', { name: 'Plan' }).getByRole('img')
  const touch = async (part: Locator, at: { x: number; y: number }): Promise<void> => {
    const box = await part.boundingBox()
    if (!box) throw new Error('It is not drawn.')
    await page.mouse.click(box.x + at.x * box.width, box.y + at.y * box.height)
  }
  const chosen = (title: string) =>
    page
      .getByRole('complementary', { name: 'Tray' })
      .getByRole('button', { name: title, exact: true })
  // Its fan lies over its middle.
  await touch(drawing.locator('[data-plan-part="supply-1"]'), { x: 0.6, y: 0.5 })
  await expect(chosen('Supply')).toHaveAttribute('aria-pressed', 'true')
  const named = (model: string) =>
    drawing.locator('rect', { has: page.locator('title', { hasText: model }) })
  await touch(named('Pass 64').last(), { x: 0.5, y: 0.5 })
  await expect(chosen('Cooler')).toHaveAttribute('aria-pressed', 'true')
  await touch(named('16 GiB module').first(), { x: 0.5, y: 0.9 })
  await expect(chosen('Memory')).toHaveAttribute('aria-pressed', 'true')
  // What the case comes with opens the case, in its own step.
  await touch(named('fan of the case').first(), { x: 0.5, y: 0.1 })
  await expect(chosen('Chassis')).toHaveAttribute('aria-pressed', 'true')
  await touch(drawing.locator('rect', { has: page.locator('title', { hasText: /A1/ }) }).first(), {
    x: 0.5,
    y: 0.5,
  })
  await expect(page).toHaveURL(/drives/)
})
