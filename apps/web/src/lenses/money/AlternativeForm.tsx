import { minorPerMajor } from '@flint/core/drawing'
import { type Alternative, RISES } from '@flint/core/editing'
import { rentedTerabytes } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { TextLine } from '../../controls/TextLine'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { RISE_WORDS } from './moneyWords'
import { useMoney } from './useMoney'
import styles from './money.module.css'

const MOST_MONEY = 100_000_000

/** What of each alternative is said, by its field. */
const MONEY_FIELDS = {
  minorPerMonth: 'A month',
  minorPerTerabyteMonth: 'A TB each month',
  onceMinor: 'Its price',
  minorPerYear: 'Repairs a year',
} as const

/** What something that the machine stands against costs. */
export function AlternativeForm({ alternative }: { alternative: Alternative }) {
  const { brief } = useAppSelector(selectDesign)
  const { change } = useMoney()
  const { currency } = brief
  const perMajor = minorPerMajor(currency)
  const say = (wanted: Record<string, unknown>): void => {
    change(
      ({ alternatives }) => ({
        alternatives: alternatives.map((one) =>
          // Each field is one of its own kind, since only those are drawn.
          one.id === alternative.id ? { ...one, ...wanted } : one,
        ),
      }),
      true,
    )
  }
  const fields = Object.entries(MONEY_FIELDS).flatMap(([field, label]) =>
    field in alternative
      ? [{ field, label, minor: (alternative as unknown as Record<string, number>)[field] ?? 0 }]
      : [],
  )
  return (
    <div className={styles.fields}>
      <TextLine
        label="Name"
        width={180}
        maxLength={120}
        value={alternative.name}
        onChange={(name) => {
          if (name.trim() !== '') say({ name })
        }}
      />
      {fields.map(({ field, label, minor }) => (
        <NumberField
          key={field}
          label={label}
          unit={currency}
          width={140}
          min={0}
          max={MOST_MONEY}
          value={minor / perMajor}
          onChange={(value) => {
            if (value !== null) say({ [field]: Math.round(value * perMajor) })
          }}
        />
      ))}
      {'terabytes' in alternative && (
        <NumberField
          label="Terabytes"
          unit="TB"
          optional
          width={130}
          min={0.001}
          max={100_000}
          placeholder={format.number(rentedTerabytes(null, brief))}
          value={alternative.terabytes}
          onChange={(terabytes) => {
            say({ terabytes })
          }}
        />
      )}
      {'meanWatts' in alternative && (
        <NumberField
          label="It draws, on average"
          unit="W"
          optional
          width={160}
          min={0}
          max={10_000}
          value={alternative.meanWatts}
          onChange={(meanWatts) => {
            say({ meanWatts })
          }}
        />
      )}
      {'rise' in alternative && (
        <>
          <NumberField
            label="Rises by"
            unit="% a year"
            width={130}
            min={-50}
            max={100}
            value={alternative.risePercent}
            onChange={(risePercent) => {
              if (risePercent !== null) say({ risePercent })
            }}
          />
          <SmallChoice
            label="It rises"
            width={180}
            value={alternative.rise}
            options={RISES.map((value) => ({ value, text: RISE_WORDS[value] }))}
            onChange={(rise) => {
              say({ rise: rise })
            }}
          />
        </>
      )}
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          change(({ alternatives }) => ({
            alternatives: alternatives.filter(({ id }) => id !== alternative.id),
          }))
        }}
      >
        Remove {alternative.name}
      </button>
    </div>
  )
}
