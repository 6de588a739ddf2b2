import { bay, expect, figure, openDesign, saved, test } from './support/test'

test('pull a drive: runs on, then one too many; the design stays as it is', async ({
  house,
  quietPage: page,
}) => {
  await openDesign(page, house, 'Cabin archive')
  await expect(page.getByText('Smallest loss: any 3 of group A or of B.')).toBeVisible()
  await page.getByRole('button', { name: 'Show it' }).click()
  await expect(page.getByRole('region', { name: 'Failures tried' })).toContainText(
    '3 drives taken as failed',
  )
  await expect(bay(page, 3)).toHaveAccessibleName(/taken as failed$/)
  await page.getByRole('button', { name: 'Put all back' }).click()
  await bay(page, 1).click()
  await bay(page, 2).click({ modifiers: ['Shift'] })
  await page.getByRole('button', { name: 'Try a failure', exact: true }).click()
  const pulled = page.getByRole('region', { name: 'Failures tried' })
  await expect(pulled).toContainText('2 drives taken as failed')
  await expect(pulled).toContainText('runs on, degraded; one more of the 4 drives')
  await expect(bay(page, 1)).toHaveAccessibleName(/taken as failed$/)
  await expect(bay(page, 3)).toHaveAccessibleName(/fatal next$/)
  await expect(bay(page, 7)).not.toHaveAccessibleName(/fatal next$/)

  // By keyboard: a third one of the same group, and back again.
  await bay(page, 3).focus()
  await page.keyboard.press('Escape')
  await page.keyboard.press('x')
  await expect(pulled).toContainText('is lost with all its data')
  await expect(pulled).toContainText('group A: 3 gone, too many')
  await page.keyboard.press('x')
  await expect(pulled).toContainText('runs on, degraded')
  await page.getByRole('button', { name: 'Put all back' }).click()
  await expect(pulled).toHaveCount(0)
  await expect(figure(page, 'survived')).toHaveText('any 2')
  await expect(saved(page)).toContainText('revision 1')
  await expect(page.getByRole('button', { name: 'undo' })).toBeDisabled()
})
