import { minorPerMajor } from '@flint/core/drawing'
import { NumberField } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './brief.module.css'

const MOST_BANDS = 12

/** Hours of the day with another price of power. */
export function PriceBands() {
  const priceBands = useAppSelector((state) => selectDesign(state).brief.priceBands)
  const currency = useAppSelector((state) => selectDesign(state).brief.currency)
  const perKilowattHourMinor = useAppSelector(
    (state) => selectDesign(state).brief.pricePerKilowattHourMinor,
  )
  const edit = useEdit()
  const perMajor = minorPerMajor(currency)
  const change = (bands: typeof priceBands, coalesce = false): void => {
    edit({ do: 'change-brief', change: { priceBands: bands } }, coalesce)
  }
  const changeBand = (index: number, part: Partial<(typeof priceBands)[number]>): void => {
    const bands = priceBands.map((band, at) => (at === index ? { ...band, ...part } : band))
    // A band that ends before it begins is no band; the field that was not typed in gives way.
    const right = bands.map(({ fromHour, toHour, minor }) =>
      fromHour < toHour
        ? { fromHour, toHour, minor }
        : part.fromHour === undefined
          ? { fromHour: Math.max(0, toHour - 1), toHour: Math.max(1, toHour), minor }
          : { fromHour: Math.min(23, fromHour), toHour: Math.min(23, fromHour) + 1, minor },
    )
    change(right, true)
  }
  return (
    <div>
      {priceBands.map(({ fromHour, toHour, minor }, index) => (
        <div key={index} className={styles.band}>
          <NumberField
            label="From"
            unit="h"
            min={0}
            max={23}
            whole
            value={fromHour}
            onChange={(value) => {
              if (value !== null) changeBand(index, { fromHour: value })
            }}
          />
          <NumberField
            label="To"
            unit="h"
            min={1}
            max={24}
            whole
            value={toHour}
            onChange={(value) => {
              if (value !== null) changeBand(index, { toHour: value })
            }}
          />
          <NumberField
            label="A kWh"
            unit={currency}
            min={0}
            max={1_000}
            value={minor / perMajor}
            onChange={(value) => {
              if (value !== null) changeBand(index, { minor: value * perMajor })
            }}
          />
          <button
            type="button"
            className="plain-button"
            aria-label={`Remove the price from ${fromHour} to ${toHour}`}
            onClick={() => {
              change(priceBands.filter((_, at) => at !== index))
            }}
          >
            remove
          </button>
        </div>
      ))}
      {priceBands.length < MOST_BANDS && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            change([...priceBands, { fromHour: 0, toHour: 6, minor: perKilowattHourMinor }])
          }}
        >
          Add hours with another price
        </button>
      )}
    </div>
  )
}
