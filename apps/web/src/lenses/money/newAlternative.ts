import type { Alternative, AlternativeKind, MoneyChoices } from '@flint/core/editing'
import { nextId } from '@flint/core/editing'

const RISING = { risePercent: 0, rise: 'yearly steps' } as const

/** Something to stand against, before anybody has said what it costs: round figures to begin with, of no source. */
export function newAlternative(
  { alternatives }: Pick<MoneyChoices, 'alternatives'>,
  kind: AlternativeKind,
): Alternative {
  const id = nextId(
    'alternative',
    alternatives.map((one) => one.id),
  )
  switch (kind) {
    case 'subscriptions':
      return { id, kind, name: 'What is paid now', minorPerMonth: 5_000, ...RISING }
    case 'rented space':
      return {
        id,
        kind,
        name: 'Space elsewhere',
        minorPerTerabyteMonth: 500,
        terabytes: null,
        ...RISING,
      }
    case 'bought box':
      return { id, kind, name: 'A box from a shop', onceMinor: 80_000, meanWatts: null }
    case 'present machine':
      return { id, kind, name: 'The old one', meanWatts: null, minorPerYear: 0, ...RISING }
  }
}
