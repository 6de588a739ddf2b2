import { bay, expect, figure, openDesign, saved, test } from './support/test'

test('by mouse: from the shelf to drives, a layout and another model', async ({
  house,
  quietPage: page,
}) => {
  await page.goto(house.url)
  await expect(page.getByRole('listitem')).toHaveCount(3)
  await openDesign(page, house, 'Warm-room shelf')
  await expect(figure(page, 'working')).toHaveText('11.6')
  await expect(figure(page, 'survived')).toHaveText('any 1')
  await expect(figure(page, 'idle')).toHaveText('27')
  await expect(figure(page, 'cost')).toHaveText('€1,235')

  // All four bays as one double-parity group: seen before it is chosen, then chosen.
  await bay(page, 1).click()
  await bay(page, 4).click({ modifiers: ['Shift'] })
  await page.getByRole('combobox', { name: 'Family' }).click()
  await page.getByRole('option', { name: 'ZFS pool' }).click()
  const layout = page.locator('[data-layout="raidz2x1x4"]')
  await layout.hover()
  await expect(page.getByRole('region', { name: 'Ledger' })).toContainText('→ any 2')
  await expect(figure(page, 'survived')).toHaveText('any 1')
  await layout.click()
  await expect(figure(page, 'survived')).toHaveText('any 2')
  await expect(page.getByRole('heading', { name: 'Group A' })).toBeVisible()
  await expect(page.getByText('double parity, 4 wide').first()).toBeVisible()

  // Another model in the same bays: capacity and cost answer, the layout stays.
  await page.getByRole('button', { name: 'Drive model' }).click()
  await page.getByLabel('Find a drive').fill('keep 16')
  await page.locator('[data-model="quillon-keep-16"]').click()
  await expect(bay(page, 4)).toHaveAccessibleName(/16 TB drive, group A, member 4/)
  await expect(figure(page, 'working')).toHaveText('22.5')

  await expect(saved(page)).toContainText(/revision [23]/)
  await page.reload()
  await expect(figure(page, 'working')).toHaveText('22.5')
  await expect(bay(page, 1)).toHaveAccessibleName(
    'bay 1, row 1 of 4, 16 TB drive, group A, member 1',
  )
})

test('by dragging: a model into a bay, a drive to another bay, a drive to the bench', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  const drag = async (from: string, to: string): Promise<void> => {
    const [start, target] = [page.locator(from).first(), page.locator(to)]
    const middle = async (place: typeof target) => {
      const box = await place.boundingBox()
      if (!box) throw new Error('nothing to drag')
      return [box.x + box.width / 2, box.y + box.height / 2] as const
    }
    // Hovering waits until the place no longer moves. The release waits until the drawing shows where
    // the drive would land, as a hand does: on a busy machine it comes later than eight mouse moves.
    await start.hover()
    const [x, y] = await middle(start)
    await page.mouse.down()
    await page.mouse.move(x + 12, y + 12, { steps: 3 })
    await expect(async () => {
      const [endX, endY] = await middle(target)
      await page.mouse.move(endX - 3, endY - 3)
      await page.mouse.move(endX, endY, { steps: 4 })
      await expect(target).toHaveAttribute('data-over', 'true', { timeout: 500 })
    }).toPass({ timeout: 20_000 })
    await page.mouse.up()
  }

  await drag('[data-model="quillon-keep-20"]', '[data-bay="chassis-1/2"]')
  await expect(bay(page, 2)).toHaveAccessibleName(/20 TB drive, group A, member 2/)

  await drag('[data-bay="chassis-1/2"]', '[data-bay="chassis-1/4"]')
  await expect(bay(page, 4)).toHaveAccessibleName(/20 TB drive, group A, member 2/)
  await expect(bay(page, 2)).toHaveAccessibleName(/8 TB drive, group A, member 4/)

  await bay(page, 4).click()
  await page.getByRole('button', { name: 'Take out, keep' }).click()
  await expect(bay(page, 4)).toHaveAccessibleName(/empty/)
  await expect(page.locator('[data-finding="member-on-the-bench"]')).toContainText('taken out')
  await drag('section[aria-label="Taken out"] .figure', '[data-bay="chassis-1/4"]')
  await expect(bay(page, 4)).toHaveAccessibleName(/20 TB drive/)
  await expect(page.locator('[data-finding="member-on-the-bench"]')).toHaveCount(0)
})

test('by keyboard alone: the same job', async ({ house, quietPage: page }) => {
  await page.goto(house.url)
  await expect(page.getByRole('link', { name: 'Warm-room shelf' })).toBeVisible()
  const press = async (...keys: string[]): Promise<void> => {
    for (const key of keys) await page.keyboard.press(key)
  }
  const focused = () => page.locator(':focus')

  // Tab from the top of the page to the design and open it.
  for (let tabs = 0; tabs < 30; tabs += 1) {
    await press('Tab')
    if ((await focused().textContent()) === 'Warm-room shelf') break
  }
  await press('Enter')
  await expect(page.getByRole('region', { name: 'Ledger' })).toBeVisible()
  for (let tabs = 0; tabs < 30; tabs += 1) {
    await press('Tab')
    if ((await focused().getAttribute('data-bay')) !== null) break
  }
  await expect(bay(page, 1)).toBeFocused()

  // Arrow keys walk, Shift chooses a run, Enter goes to the tray.
  await press('ArrowDown', 'ArrowDown')
  await expect(bay(page, 3)).toBeFocused()
  await press('ArrowUp', 'ArrowUp', 'Shift+ArrowDown', 'Shift+ArrowDown', 'Shift+ArrowDown')
  await expect(page.getByRole('heading', { name: '4 bays chosen: 1 to 4' })).toBeVisible()
  await press('Enter')
  await expect(focused()).toHaveAttribute('data-layout', 'single')
  await press('ArrowDown', 'ArrowDown')
  await expect(page.getByRole('region', { name: 'Ledger' })).toContainText('→ any 2')
  await press('Enter')
  await expect(figure(page, 'survived')).toHaveText('any 2')
  await press('Escape')
  await expect(bay(page, 4)).toBeFocused()

  // Take a drive out, undo, redo, undo.
  await press('Escape', 'Delete')
  await expect(bay(page, 4)).toHaveAccessibleName(/empty/)
  await press('Control+z')
  await expect(bay(page, 4)).toHaveAccessibleName(/8 TB drive/)
  await press('Control+Shift+z')
  await expect(bay(page, 4)).toHaveAccessibleName(/empty/)

  // The empty bay: Enter leads to drive models, one is taken, / finds another.
  await bay(page, 4).focus()
  await press('Enter')
  await expect(focused()).toHaveAttribute('data-model', 'quillon-keep-24')
  await press('ArrowDown', 'ArrowDown', 'ArrowDown', 'Enter')
  await expect(bay(page, 4)).toHaveAccessibleName(/16 TB drive, in no group/)

  // Carry the drive from bay 4 to bay 1.
  await bay(page, 4).focus()
  await press('m', 'ArrowUp', 'ArrowUp', 'ArrowUp', 'm')
  await expect(bay(page, 1)).toHaveAccessibleName(/16 TB drive, in no group/)
  await expect(bay(page, 4)).toHaveAccessibleName(/8 TB drive, group A, member 1/)

  // Letters switch lenses, a number in the brief changes the ledger as it is typed.
  await press('b')
  await expect(page.getByRole('heading', { name: 'What is it for?' })).toBeVisible()
  await page.getByLabel('Projects, now').focus()
  await press('Control+a', '8')
  await expect(page.getByRole('region', { name: 'Ledger' })).toContainText('of 12 TiB wanted')
  await expect(saved(page)).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Projects, now')).toHaveValue('8')

  await page.locator('body').press('d')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible()
  await press('Escape')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeHidden()
})

test('every figure of the ledger says how it was worked out', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  const expected = {
    working: ['Fill ceiling', 'OpenZFS 2.1.11', '95,747,034,841,088 B'],
    survived: ['180 of 220 (81.8 %)', 'enumeration'],
    idle: ['Efficiency of Emberlin Steady 550', 'common practice, no source'],
    cost: ['6 × €229.00 + €4.90', 'Of this, shipping'],
  }
  for (const [id, words] of Object.entries(expected)) {
    await page.locator(`[data-figure="${id}"]`).click()
    const dialog = page.getByRole('dialog')
    for (const word of words) await expect(dialog).toContainText(word)
    await page.keyboard.press('Escape')
    await expect(dialog).toHaveCount(0)
  }
})

test('a finding leads to its parts and a fix does away with it', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await bay(page, 1).click()
  await bay(page, 4).click({ modifiers: ['Shift'] })
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  const finding = page.locator('[data-finding="pool-cannot-be-made"]')
  await expect(finding).toContainText('a raidz2 needs at least 3 members, not 2')
  await expect(figure(page, 'working')).toHaveText('0')
  await finding.getByRole('button', { name: 'Ungroup 2 drives' }).click()
  await expect(finding).toHaveCount(0)
  await expect(figure(page, 'working')).toHaveText('34.8')
})

test('M.2 drives have places of their own and become a pool; a drive that is sent back leaves its pool weaker', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  const find = page.getByRole('searchbox', { name: 'Find a drive' })
  await find.fill('Shard 1 M')
  await page.locator('[data-model="quillon-shard-1m"]').click()
  const socket = page.locator('[data-socket="M.2 1"]')
  await socket.focus()
  await page.keyboard.press('Space')
  await expect(socket).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Layout', exact: true }).click()
  await page.getByRole('combobox', { name: 'Family' }).click()
  await page.getByRole('option', { name: /^ZFS/ }).click()
  await page.getByRole('button', { name: /^no redundancy/ }).click()
  await expect(socket).toContainText('B1')
  await bay(page, 2).click()
  await page.getByRole('button', { name: 'Send back' }).click()
  await expect(page.getByRole('region', { name: 'Sent back' })).toContainText('A2')
  await expect(page.getByRole('complementary', { name: 'Tray' })).toContainText(
    'Pool nights: 1 member is sent back',
  )
  await page.getByRole('button', { name: 'it is back' }).click()
  await page.getByRole('button', { name: /^to bay 2/ }).click()
  await expect(bay(page, 2)).toContainText('A2')
})
