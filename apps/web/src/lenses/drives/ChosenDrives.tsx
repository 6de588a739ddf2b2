import { goesIntoBay } from '@flint/core/editing'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { NumberField } from '../../controls/NumberField'
import { TextLine } from '../../controls/TextLine'
import { selectChosenDrives, selectPulledDrives } from '../../sheet/selectors'
import { drivesPulled } from '../../store/sheetSlice'
import { useEdit } from '../../sheet/useEdit'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import styles from '../../tray/tray.module.css'

/** What is noted about the drives in the chosen bays, and where else they could go. */
export function ChosenDrives() {
  const drives = useAppSelector(selectChosenDrives)
  const edit = useEdit()
  const dispatch = useAppDispatch()
  const pulled = useAppSelector(selectPulledDrives)
  const ids = drives.map(({ part }) => part.id)
  const [first] = drives
  if (!first) return null
  const allOwned = drives.every(({ part }) => part.owned)
  const sameAge = drives.every(({ part }) => part.ageYears === first.part.ageYears)
  return (
    <div style={{ marginBottom: 10 }}>
      <div className={styles.actions}>
        {drives.some(({ member }) => member) && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit({ do: 'ungroup-drives', driveIds: ids })
            }}
          >
            Ungroup
          </button>
        )}
        {drives.some(({ sheet }) => goesIntoBay(sheet)) && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit({ do: 'take-out', driveIds: ids })
            }}
          >
            Take out, keep
          </button>
        )}
        <button
          type="button"
          className="plain-button"
          title="They stay members of their groups, which run without them"
          onClick={() => {
            edit({ do: 'send-back', driveIds: ids })
          }}
        >
          Send back
        </button>
        <button
          type="button"
          className="plain-button"
          title="See what is survived without them (X)"
          onClick={() => dispatch(drivesPulled(ids))}
        >
          {ids.every((id) => pulled.includes(id)) ? 'Put back' : 'Try a failure'}
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            edit({ do: 'remove', partIds: ids })
          }}
        >
          Remove
        </button>
      </div>
      <div className={styles.fields}>
        <FormControlLabel
          label="Owned"
          control={
            <Checkbox
              size="small"
              checked={allOwned}
              indeterminate={!allOwned && drives.some(({ part }) => part.owned)}
              onChange={(_event, owned) => {
                edit({ do: 'note-pieces', partIds: ids, change: { owned } })
              }}
            />
          }
        />
        {drives.every(({ member, part }) => member && part.bay !== null) && (
          <FormControlLabel
            label="Being rebuilt"
            title="Put in anew: the pool is still writing its share of everything onto it"
            control={
              <Checkbox
                size="small"
                checked={drives.every(({ part }) => part.rebuilding)}
                indeterminate={
                  drives.some(({ part }) => part.rebuilding) &&
                  !drives.every(({ part }) => part.rebuilding)
                }
                onChange={(_event, rebuilding) => {
                  edit({ do: 'note-pieces', partIds: ids, change: { rebuilding } })
                }}
              />
            }
          />
        )}
        <NumberField
          label="Age"
          unit="years"
          width={112}
          placeholder={sameAge ? '' : 'mixed'}
          value={sameAge ? first.part.ageYears : null}
          min={0}
          max={40}
          optional
          onChange={(ageYears) => {
            edit({ do: 'note-pieces', partIds: ids, change: { ageYears } }, true)
          }}
        />
        {drives.length === 1 && (
          <TextLine
            label="Label"
            width={84}
            maxLength={40}
            value={first.part.label}
            onChange={(label) => {
              edit({ do: 'note-pieces', partIds: ids, change: { label } }, true)
            }}
          />
        )}
      </div>
    </div>
  )
}
