import { kindOf, type MoneyChoices } from '@flint/core/editing'
import { NumberField } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { useMoney } from './useMoney'

/** How many pieces of each data sheet a bundle holds. */
export function BundleHolds({ bundleId }: { bundleId: string }) {
  const { snapshots } = useAppSelector(selectDesign)
  const { money, change } = useMoney()
  const bundle = money.bundles.find(({ id }) => id === bundleId)
  if (!bundle) return null
  const hold = (snapshotId: string, pieces: number): void => {
    change((now) => withHold(now, bundleId, snapshotId, pieces), true)
  }
  return (
    <fieldset>
      <legend>What is in it</legend>
      {snapshots
        .filter(({ sheet }) => kindOf(sheet).stands !== 'nowhere')
        .map(({ id, sheet }) => (
          <NumberField
            key={id}
            label={sheet.model}
            whole
            min={0}
            max={1_024}
            value={bundle.holds.find(({ snapshotId }) => snapshotId === id)?.pieces ?? 0}
            onChange={(pieces) => {
              if (pieces !== null) hold(id, pieces)
            }}
          />
        ))}
    </fieldset>
  )
}

function withHold(
  { bundles }: MoneyChoices,
  bundleId: string,
  snapshotId: string,
  pieces: number,
): Partial<MoneyChoices> {
  return {
    bundles: bundles.map((bundle) => {
      if (bundle.id !== bundleId) return bundle
      const others = bundle.holds.filter((one) => one.snapshotId !== snapshotId)
      return { ...bundle, holds: pieces === 0 ? others : [...others, { snapshotId, pieces }] }
    }),
  }
}
