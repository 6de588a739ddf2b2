import type { Service } from '@flint/core/editing'
import type { ServiceDevice } from '@flint/core/figures'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './cache.module.css'

const GB = 1e9

interface ServiceDevicesProps {
  service: Service
  /** All devices that could do it. */
  devices: readonly ServiceDevice[]
  onParts: (parts: Service['parts']) => void
}

/** Which devices do a job, how much of each it has, and how worn each is. */
export function ServiceDevices({
  service: { role, parts },
  devices,
  onParts,
}: ServiceDevicesProps) {
  return (
    <ul className={styles.devices} aria-label={`Devices of the ${role}`}>
      {devices.map(({ id, dataSheet: { maker, model, capacityBytes } }) => {
        const part = parts.find(({ pieceId }) => pieceId === id)
        return (
          <li key={id}>
            <FormControlLabel
              label={`${maker} ${model}, ${format.drive(capacityBytes)}`}
              control={
                <Checkbox
                  size="small"
                  checked={part !== undefined}
                  onChange={(_event, wanted) => {
                    onParts(
                      wanted
                        ? [...parts, { pieceId: id, bytes: null }]
                        : parts.filter(({ pieceId }) => pieceId !== id),
                    )
                  }}
                />
              }
            />
            {part && (
              <>
                <NumberField
                  label={`Size on ${model}`}
                  unit="GB"
                  width={150}
                  optional
                  min={0.001}
                  max={capacityBytes / GB}
                  value={part.bytes === null ? null : part.bytes / GB}
                  placeholder="what is left"
                  onChange={(value) => {
                    const bytes = value === null ? null : Math.round(value * GB)
                    onParts(parts.map((one) => (one.pieceId === id ? { ...one, bytes } : one)))
                  }}
                />
                <Wear pieceId={id} model={model} />
              </>
            )}
          </li>
        )
      })}
      {devices.length === 0 && <li className="soft">No boot device or free flash is there.</li>}
    </ul>
  )
}

/** How much of a device's life is used up; it is the device's own, whatever it does. */
function Wear({ pieceId, model }: { pieceId: string; model: string }) {
  const { fitted } = useAppSelector(selectDesign)
  const edit = useEdit()
  const share = fitted.find(({ id }) => id === pieceId)?.wornShare ?? null
  return (
    <NumberField
      label={`Wear of ${model}`}
      unit="%"
      width={150}
      optional
      min={0}
      max={100}
      value={share === null ? null : share * 100}
      placeholder="taken as new"
      onChange={(value) => {
        const wornShare = value === null ? null : value / 100
        edit({ do: 'note-pieces', partIds: [pieceId], change: { wornShare } }, true)
      }}
    />
  )
}
