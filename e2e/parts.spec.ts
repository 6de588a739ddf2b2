import { readFile } from 'node:fs/promises'
import { expect, figure, openDesign, saved, test } from './support/test'

test('what fits comes first, what does not says why, and pointing at it shows what would be', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Warm-room shelf')
  await page.getByRole('link', { name: /Core/ }).click()
  await page.getByRole('button', { name: 'Cooler', exact: true }).click()
  const tall = page.locator('[data-part="hollin-pass-64"]')
  await expect(tall).toContainText(
    'does not fit: The cooler is 64 mm tall and touches the supply over the board, 56 mm over the board.',
  )
  await expect(page.locator('[data-part]').first()).toHaveAttribute('data-verdict', 'fits')
  await expect(page.locator('[data-part]').last()).toHaveAttribute('data-verdict', 'does not fit')

  const section = page.getByRole('img', { name: /Cooler/ })
  await expect(section).toHaveAccessibleName('Cooler 47 mm, 9 mm below the supply over the board.')
  await tall.hover()
  await expect(section).toHaveAccessibleName(
    'Cooler 64 mm: 8 mm too tall for the supply over the board.',
  )
  await expect(page.getByRole('region', { name: 'Ledger' })).toContainText('→ €1,245')
  await expect(figure(page, 'cost')).toHaveText('€1,235')

  await tall.click()
  await expect(page.locator('[data-finding="cooler-too-tall"]')).toBeVisible()
  await expect(figure(page, 'cost')).toHaveText('€1,245')
  await page.keyboard.press('Control+z')
  await expect(page.locator('[data-finding="cooler-too-tall"]')).toHaveCount(0)
})

test('by keyboard: another board, a card, and the case that is too deep for its rack', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await page.locator('body').press('s')
  await expect(page.locator('[data-finding="no-plug-room"]')).toContainText('22 mm are left')
  await page.getByRole('button', { name: 'Place', exact: true }).focus()
  await page.keyboard.press('Enter')
  await page.keyboard.press('/')
  await page.keyboard.type('cellar')
  await page.keyboard.press('Tab')
  await expect(page.locator(':focus')).toHaveAttribute('data-part', 'cellar-rack')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-finding="no-plug-room"]')).toHaveCount(0)
  await expect(page.getByRole('row', { name: /Cellar floor rack/ })).toBeVisible()

  await page.getByLabel('Find a place').press('Escape')
  await page.locator('body').press('c')
  await page.getByRole('button', { name: 'Cards', exact: true }).focus()
  await page.keyboard.press('Enter')
  await page.locator('[data-part="wickmere-ten"]').focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('row', { name: /Wickmere Ten/ })).toBeVisible()
  await expect(saved(page)).toBeVisible()
  await page.reload()
  await expect(page.getByRole('row', { name: /Wickmere Ten/ })).toBeVisible()
  await page.getByRole('button', { name: 'Remove Wickmere Ten' }).click()
  await expect(page.getByRole('row', { name: /Wickmere Ten/ })).toHaveCount(0)
})

test('a design keeps its own data sheet until the new values are taken, field by field or all', async ({
  house,
  quietPage: page,
}) => {
  const text = await readFile('demo/designs/warm-room-shelf.json', 'utf8')
  const old = text
    .replace('"name": "Warm-room shelf"', '"name": "Older shelf"')
    .replace('"idleWatts": 5.5', '"idleWatts": 15.5')
    .replace('"fanHeaders": 2', '"fanHeaders": 4')
  const document = JSON.parse(old) as object
  await page.request.post(`${house.url}/api/designs`, { data: { document } })
  await openDesign(page, house, 'Older shelf')
  const changes = page.getByRole('region', { name: 'Changed data sheets' })
  await expect(changes).toContainText('idle power: 15.5 → 5.5')
  await expect(figure(page, 'idle')).not.toHaveText('27')
  await page.getByRole('button', { name: 'Take idle power of Tindrel Plain ITX' }).click()
  await expect(figure(page, 'idle')).toHaveText('27')
  await expect(changes).toContainText('fan headers: 4 → 2')
  await page.getByRole('button', { name: 'undo' }).click()
  await page.getByRole('button', { name: 'take all 2' }).click()
  await expect(changes).toHaveCount(0)
  await expect(figure(page, 'idle')).toHaveText('27')
})
