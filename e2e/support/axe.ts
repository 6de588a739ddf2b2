import { AxeBuilder } from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']

/** The rules that depend on the theme. */
export const COLOUR_RULES = ['color-contrast', 'link-in-text-block']

/**
 * Source: WCAG 2.2 levels A and AA as axe-core checks them.
 * @param rules only these; all of them where none are given
 */
export async function expectNothingFound(page: Page, rules?: readonly string[]): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    // Without a page of its own for what several frames say together: there are no frames, and it takes three
    // times as long.
    .setLegacyMode()
    .options({
      runOnly: rules ? { type: 'rule', values: [...rules] } : { type: 'tag', values: TAGS },
      // What passes need not be told: that takes longer than looking.
      resultTypes: ['violations'],
    })
    .analyze()
  const found = violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`,
  )
  expect(found).toEqual([])
}
