import { letteredGroups } from '@flint/core/editing'
import { readersOf, type Scenario, type ScenarioChoice, scenarios } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import styles from './paths.module.css'

/** As many readers as the list offers; more than a house has. */
const MOST_READERS = 12

interface ScenarioChooserProps {
  scenario: Scenario
  choice: ScenarioChoice
  onScenario: (id: string) => void
  onChoice: (choice: ScenarioChoice) => void
}

/** Which kind of work, and what can be chosen about it. */
export function ScenarioChooser({ scenario, choice, onScenario, onChoice }: ScenarioChooserProps) {
  const design = useAppSelector(selectDesign)
  const { asks } = scenario
  return (
    <div className={tray.switch}>
      {scenarios.map(({ id, title }) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === scenario.id}
          onClick={() => {
            onScenario(id)
          }}
        >
          {title}
        </button>
      ))}
      {asks.group !== undefined && (
        <label className={styles.ask}>
          of group{' '}
          <select
            value={choice.groupId ?? ''}
            onChange={({ target }) => {
              onChoice({ ...choice, groupId: target.value || null })
            }}
          >
            <option value="">{asks.group}</option>
            {letteredGroups(design).map(({ letter, group }) => (
              <option key={group.id} value={group.id}>
                {letter}, {format.counted(group.driveIds.length, 'drive')}
              </option>
            ))}
          </select>
        </label>
      )}
      {asks.pool !== undefined && design.pools.length > 1 && (
        <label className={styles.ask}>
          pool{' '}
          <select
            value={choice.poolId ?? ''}
            onChange={({ target }) => {
              onChoice({ ...choice, poolId: target.value || null })
            }}
          >
            <option value="">{asks.pool}</option>
            {design.pools.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      {asks.readers !== undefined && (
        <label className={styles.ask}>
          {asks.readers}{' '}
          <select
            value={choice.readers ?? ''}
            onChange={({ target }) => {
              onChoice({ ...choice, readers: target.value ? Number(target.value) : null })
            }}
          >
            <option value="">as in the brief, {readersOf(design.brief, null).length}</option>
            {Array.from({ length: MOST_READERS }, (_, index) => (
              <option key={index} value={index + 1}>
                {index + 1}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  )
}
