import {
  bayPlan,
  type DesignDocument,
  NO_CHOICE,
  scenarioRates,
  scenarios,
  topologyOf,
} from '@flint/core'
import { useMemo, useState } from 'react'
import { RearView } from '../../drawing/RearView'
import { useWidth } from '../../drawing/useWidth'
import { say } from '../../controls/locale'
import { LensFrame } from '../../sheet/LensFrame'
import {
  selectDocument,
  selectEvaluation,
  selectTopology,
  selectWiring,
} from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { CableTable } from './CableTable'
import { EndPicker } from './EndPicker'
import { endWords } from './endWords'
import { LeadTable } from './LeadTable'
import { LitWay } from './LitWay'
import { linkClass } from './loadClass'
import { LoadLegend } from './LoadLegend'
import { PathsDrawing } from './PathsDrawing'
import { PathsPlan } from './PathsPlan'
import { PathsTray } from './PathsTray'
import { leadRuns, planDrawing } from './planRuns'
import { rearLinks } from './rearLinks'
import { ScenarioChooser } from './ScenarioChooser'
import { ScenarioWords } from './ScenarioWords'
import { useScenarioRates } from './useScenarioRates'
import styles from './paths.module.css'

const VIEWS = [
  ['above', 'From above'],
  ['leads', 'Power leads from above'],
  ['ways', 'All ways'],
  ['cables', 'Cable list'],
] as const
/** What stands beside the drawing. */
const BESIDE_PX = 270
type View = (typeof VIEWS)[number][0]

/** Which way every drive has to the CPU, over which cable and card, and what is narrow on it. */
export function PathsLens() {
  const document = useAppSelector(selectDocument)
  const { bays } = useAppSelector(selectEvaluation)
  const topology = useAppSelector(selectTopology)
  const wiring = useAppSelector(selectWiring)
  const [scenarioId, setScenarioId] = useState(scenarios[0]?.id ?? '')
  const [choice, setChoice] = useState(NO_CHOICE)
  const [view, setView] = useState<View>('above')
  const [litId, setLitId] = useState<string | null>(null)
  const [moving, setMoving] = useState(false)
  const [trial, setTrial] = useState<DesignDocument | null>(null)
  const [widthRef, widthPx] = useWidth()
  const { scenario, rates } = useScenarioRates(document, topology, scenarioId, choice)
  const wouldBe = useMemo(
    () => trial && scenarioRates(trial, topologyOf(trial, bayPlan(trial)), scenario, choice),
    [trial, scenario, choice],
  )
  const wordsOf = useMemo(() => endWords(bays, topology, rates), [bays, topology, rates])
  const drawing = useMemo(
    () => planDrawing(document, wiring, topology, rates),
    [document, wiring, topology, rates],
  )
  const litNetwork = topology.network.find(({ id }) => id === litId)
  const litLinks = new Set(
    topology.drives.find(({ driveId }) => driveId === litId)?.links ?? litNetwork?.links ?? [],
  )
  const hasWays = topology.drives.length > 0
  return (
    <LensFrame title="Paths" tray={<PathsTray scenario={scenario} choice={choice} />}>
      <div ref={widthRef}>
        <ScenarioChooser
          scenario={scenario}
          choice={choice}
          onScenario={setScenarioId}
          onChoice={setChoice}
        />
        {!hasWays && (
          <p>
            No drive has a way yet. Choose a board in Core, and put drives into bays, then see here
            what they can move.
          </p>
        )}
        {hasWays && <ScenarioWords scenario={scenario} rates={rates} wouldBe={wouldBe} />}
        {topology.unreachedIds.length > 0 && (
          <p>
            △ {say.counted(topology.unreachedIds.length, 'drive has', 'drives have')} no port and so
            no way.
          </p>
        )}
        {hasWays && (
          <div className={styles.views} role="group" aria-label="View">
            {VIEWS.map(([id, title]) => (
              <button
                key={id}
                type="button"
                aria-pressed={id === view}
                onClick={() => {
                  setView(id)
                }}
              >
                {title}
              </button>
            ))}
            {view === 'above' && (
              <label className={styles.ask}>
                <input
                  type="checkbox"
                  checked={moving}
                  onChange={({ target }) => {
                    setMoving(target.checked)
                  }}
                />{' '}
                show movement
              </label>
            )}
          </div>
        )}
        {hasWays && (view === 'above' || view === 'leads') && !drawing && (
          <p className="soft">
            No data sheet says where the board lies in the case, so it cannot be drawn from above.
            All ways shows the same as a tree.
          </p>
        )}
        {hasWays && (view === 'above' || view === 'leads') && drawing && (
          <div className={styles.besides}>
            <PathsPlan
              document={document}
              drawing={drawing}
              leads={view === 'leads' ? leadRuns(document, wiring) : null}
              widthPx={widthPx - BESIDE_PX}
              litLinks={litLinks}
              moving={moving}
              onLight={setLitId}
              onTry={setTrial}
            />
            {view === 'above' && (
              <div className={styles.side}>
                <EndPicker bays={bays.bays} topology={topology} litId={litId} onLight={setLitId} />
                <LitWay topology={topology} rates={rates} litId={litId} />
                <LoadLegend />
                <RearView
                  document={document}
                  pointedPartIds={litNetwork ? [litNetwork.port.partId] : []}
                  links={rearLinks(topology, rates, (share, id) => linkClass(share, id === litId))}
                />
              </div>
            )}
          </div>
        )}
        {hasWays && view === 'leads' && <LeadTable />}
        {hasWays && view === 'ways' && (
          <>
            <PathsDrawing
              topology={topology}
              rates={rates}
              wordsOf={wordsOf}
              litId={litId}
              onLight={setLitId}
            />
            <LitWay topology={topology} rates={rates} litId={litId} />
          </>
        )}
        {hasWays && view === 'cables' && (
          <>
            <CableTable />
            <LeadTable />
          </>
        )}
      </div>
    </LensFrame>
  )
}
