import { letteredGroups } from '@flint/core/editing'
import { readersOf, type Scenario, type ScenarioChoice, scenarios } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'

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
        <SmallChoice
          label="of group"
          width={150}
          value={choice.groupId ?? ''}
          options={[
            { value: '', text: asks.group },
            ...letteredGroups(design).map(({ letter, group }) => ({
              value: group.id,
              text: `${letter}, ${format.counted(group.driveIds.length, 'drive')}`,
            })),
          ]}
          onChange={(groupId) => {
            onChoice({ ...choice, groupId: groupId || null })
          }}
        />
      )}
      {asks.pool !== undefined && design.pools.length > 1 && (
        <SmallChoice
          label="pool"
          width={150}
          value={choice.poolId ?? ''}
          options={[
            { value: '', text: asks.pool },
            ...design.pools.map(({ id, name }) => ({ value: id, text: name })),
          ]}
          onChange={(poolId) => {
            onChoice({ ...choice, poolId: poolId || null })
          }}
        />
      )}
      {asks.readers !== undefined && (
        <SmallChoice
          label={asks.readers}
          width={170}
          value={String(choice.readers ?? '')}
          options={[
            { value: '', text: `as in the brief, ${readersOf(design.brief, null).length}` },
            ...Array.from({ length: MOST_READERS }, (_, index) => ({
              value: String(index + 1),
              text: format.number(index + 1),
            })),
          ]}
          onChange={(readers) => {
            onChoice({ ...choice, readers: readers ? Number(readers) : null })
          }}
        />
      )}
    </div>
  )
}
