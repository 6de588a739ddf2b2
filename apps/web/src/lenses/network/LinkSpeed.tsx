import type { ReaderWay } from '@flint/core/editing'
import { LINK_SPEEDS } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'

const MBIT = 1e6

interface LinkSpeedProps {
  way: ReaderWay
  bitsPerSecond: number | null
  onChange: (bitsPerSecond: number | null) => void
}

/** How fast a reader's own link is: one of those that are sold, or of Wi-Fi what it really carries. */
export function LinkSpeed({ way, bitsPerSecond, onChange }: LinkSpeedProps) {
  if (way === 'Wi-Fi') {
    return (
      <NumberField
        label="Carries"
        unit="Mb/s"
        width={105}
        optional
        min={0.1}
        max={100_000}
        value={bitsPerSecond === null ? null : bitsPerSecond / MBIT}
        onChange={(value) => {
          onChange(value === null ? null : value * MBIT)
        }}
      />
    )
  }
  const speeds = LINK_SPEEDS.map((bits): number => bits)
  const all =
    bitsPerSecond === null || speeds.includes(bitsPerSecond) ? speeds : [...speeds, bitsPerSecond]
  return (
    <SmallChoice
      label="Its link"
      value={bitsPerSecond === null ? '' : String(bitsPerSecond)}
      width={105}
      options={[
        { value: '', text: 'not known' },
        ...all.map((bits) => ({
          value: String(bits),
          text: `${format.number(bits / 1e9, 2)} Gb/s`,
        })),
      ]}
      onChange={(value) => {
        onChange(value === '' ? null : Number(value))
      }}
    />
  )
}
