import { RACK_UNIT_MM } from '@flint/core/drawing'
import { type Edit, partSheet } from '@flint/core/editing'
import { fittedOne } from '@flint/core/editing'
import { shallowEqual } from 'react-redux'
import { Link } from 'react-router'
import { NumberField } from '../../controls/NumberField'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { BriefNumber } from './BriefNumber'
import styles from './brief.module.css'

const SIDES = [
  { field: 'widthMm', label: 'Width, mm' },
  { field: 'heightMm', label: 'Height, mm' },
  { field: 'depthMm', label: 'Depth, mm' },
] as const

/** Where it stands: how much room there is, how warm it gets and how loud it may be. */
export function PlaceSection() {
  // Found anew for each design, and the same as long as its piece and its data sheet are.
  const place = useAppSelector((state) => fittedOne(selectDesign(state), 'place'), shallowEqual)
  const edit = useEdit()
  return (
    <>
      {place ? (
        <>
          <p>
            {place.sheet.model}{' '}
            <Link to="../shell" relative="path">
              choose another
            </Link>
          </p>
          <div className={styles.three}>
            {SIDES.map(({ field, label }) => (
              <NumberField
                key={field}
                label={label}
                min={1}
                max={5_000}
                optional
                value={place.sheet[field]}
                onChange={(value) => {
                  const { snapshotId } = place.part
                  edit({ do: 'change-sheet', snapshotId, change: { [field]: value } }, true)
                }}
              />
            ))}
          </div>
          <p className="soft">Room for the machine, plugs behind it included.</p>
          {place.sheet.form === 'rack' && place.sheet.heightMm !== null && (
            <p className="soft">
              {format.number(Math.floor(place.sheet.heightMm / RACK_UNIT_MM))} rack units of{' '}
              {format.number(RACK_UNIT_MM, 2)} mm.
            </p>
          )}
        </>
      ) : (
        <p>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit(OWN_PLACE)
            }}
          >
            Give the room there is
          </button>{' '}
          or{' '}
          <Link to="../shell" relative="path">
            choose a place
          </Link>
          .
        </p>
      )}
      <BriefNumber
        field="plugRoomMm"
        label="Room behind it for plugs"
        unit="mm"
        min={0}
        max={500}
        optional
        placeholder="60"
        help="A mains plug with its cable bent wants about 60 mm."
      />
      <div className={styles.pair}>
        <BriefNumber
          field="roomCelsius"
          label="Room on a hot day"
          unit="°C"
          min={-20}
          max={60}
          optional
        />
        <BriefNumber
          field="noiseLimitDecibels"
          label="Noise, at most"
          unit="dB(A)"
          min={0}
          max={100}
          optional
        />
      </div>
    </>
  )
}

/** A place of the builder's own, with its room still to be given. */
const OWN_PLACE: Edit = {
  do: 'fit',
  part: {
    slug: 'own-place',
    version: 1,
    sheet: partSheet.parse({ kind: 'place', maker: 'Own', model: 'Own place', form: 'shelf' }),
    price: null,
  },
  beside: false,
}
