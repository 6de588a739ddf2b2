import { type AirChoices, fanDutyOf, FILTER_STATES } from '@flint/core/editing'
import FormControlLabel from '@mui/material/FormControlLabel'
import Slider from '@mui/material/Slider'
import Switch from '@mui/material/Switch'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { useId } from 'react'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './heat.module.css'

const FILTER_WORDS: Record<AirChoices['filters'], string> = {
  clean: 'clean',
  half: 'half full',
  clogged: 'clogged',
}

/** How fast the fans run, how full the filters are, whether the cover is on and the gap beside the fans closed. */
export function AirSettings({ hasFilter, hasGap }: { hasFilter: boolean; hasGap: boolean }) {
  const { air } = useAppSelector(selectDesign)
  const edit = useEdit()
  const ids = { duty: useId(), filter: useId(), cover: useId() }
  const duty = fanDutyOf(air)
  const change = (what: Partial<AirChoices>): void => {
    edit({ do: 'change-air', change: what }, true)
  }
  return (
    <>
      <div className={styles.setting}>
        <span id={ids.duty}>
          Fans at {format.percent(duty)} of full speed
          {air.fanDuty === null && <span className="soft"> (as they come)</span>}
        </span>
        <Slider
          size="small"
          value={Math.round(duty * 100)}
          min={20}
          max={100}
          step={5}
          aria-labelledby={ids.duty}
          getAriaValueText={(value) => `${value} %`}
          onChange={(_, value) => {
            change({ fanDuty: value / 100 })
          }}
        />
      </div>
      {hasFilter && (
        <div className={styles.setting}>
          <span id={ids.filter}>Filter</span>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={air.filters}
            aria-labelledby={ids.filter}
            onChange={(_, filters: AirChoices['filters'] | null) => {
              if (filters) change({ filters })
            }}
          >
            {FILTER_STATES.map((state) => (
              <ToggleButton key={state} value={state}>
                {FILTER_WORDS[state]}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </div>
      )}
      <div className={styles.setting}>
        <span id={ids.cover}>Cover</span>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={air.cover}
          aria-labelledby={ids.cover}
          onChange={(_, cover: AirChoices['cover'] | null) => {
            if (cover) change({ cover })
          }}
        >
          <ToggleButton value="on">on</ToggleButton>
          <ToggleButton value="off">off</ToggleButton>
        </ToggleButtonGroup>
      </div>
      <AirSwitch
        label="Vents at the rear covered"
        isOn={air.ventsCovered}
        onChange={(ventsCovered) => {
          change({ ventsCovered })
        }}
      />
      {hasGap && (
        <AirSwitch
          label="Gap beside the fans closed"
          isOn={air.gapClosed}
          onChange={(gapClosed) => {
            change({ gapClosed })
          }}
        />
      )}
    </>
  )
}

interface AirSwitchProps {
  label: string
  isOn: boolean
  onChange: (isOn: boolean) => void
}

function AirSwitch({ label, isOn, onChange }: AirSwitchProps) {
  return (
    <FormControlLabel
      label={label}
      control={
        <Switch
          size="small"
          checked={isOn}
          onChange={(_, next) => {
            onChange(next)
          }}
        />
      }
    />
  )
}
