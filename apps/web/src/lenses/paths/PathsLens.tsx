import type { Design } from '@flint/core/editing'
import { NO_CHOICE, resolveMachine, scenarioRates, scenarios } from '@flint/core/figures'
import { useMemo, useState } from 'react'
import { RearView } from '../../drawing/RearView'
import { useWidth } from '../../drawing/useWidth'
import { format } from '../../controls/locale'
import { LensFrame } from '../../sheet/LensFrame'
import { selectDesign, selectBayPlan, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { CableTable } from './CableTable'
import { EndPicker } from './EndPicker'
import { endWords } from './endWords'
import { LeadTable } from './LeadTable'
import { HighlightedWay } from './HighlightedWay'
import { linkClass } from './loadClass'
import { LoadLegend } from './LoadLegend'
import { PathsDrawing } from './PathsDrawing'
import { PathsPlan } from './PathsPlan'
import { PathsTray } from './PathsTray'
import { leadRuns, planDrawing } from '../../drawing/planRuns'
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
  const design = useAppSelector(selectDesign)
  const bays = useAppSelector(selectBayPlan)
  const machine = useAppSelector(selectMachine)
  const [scenarioId, setScenarioId] = useState(scenarios[0]?.id ?? '')
  const [choice, setChoice] = useState(NO_CHOICE)
  const [view, setView] = useState<View>('above')
  const [highlightedId, setHighlightedId] = useState<string | null>(null)
  const [moving, setMoving] = useState(false)
  const [trial, setTrial] = useState<Design | null>(null)
  const [widthRef, widthPx] = useWidth()
  const { scenario, rates } = useScenarioRates(design, machine, scenarioId, choice)
  const wouldBe = useMemo(
    () => trial && scenarioRates(trial, resolveMachine(trial, machine), scenario, choice),
    [trial, machine, scenario, choice],
  )
  const wordsOf = useMemo(() => endWords(bays, machine, rates), [bays, machine, rates])
  const drawing = useMemo(() => planDrawing(machine, rates), [machine, rates])
  const highlightedNetwork = machine.networkPaths.find(({ id }) => id === highlightedId)
  const highlightedLinks = new Set(
    machine.drivePaths.find(({ driveId }) => driveId === highlightedId)?.links ??
      highlightedNetwork?.links ??
      [],
  )
  const hasWays = machine.drivePaths.length > 0
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
        {machine.wiring.data.unreachedIds.length > 0 && (
          <p>
            △ {format.counted(machine.wiring.data.unreachedIds.length, 'drive has', 'drives have')}{' '}
            no port and so no way.
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
              machine={machine}
              drawing={drawing}
              leads={view === 'leads' ? leadRuns(machine) : null}
              widthPx={widthPx - BESIDE_PX}
              highlightedLinks={highlightedLinks}
              moving={moving}
              onLight={setHighlightedId}
              onTry={setTrial}
            />
            {view === 'above' && (
              <div className={styles.side}>
                <EndPicker
                  plan={bays}
                  machine={machine}
                  highlightedId={highlightedId}
                  onLight={setHighlightedId}
                />
                <HighlightedWay machine={machine} rates={rates} highlightedId={highlightedId} />
                <LoadLegend />
                <RearView
                  machine={machine}
                  pointedPartIds={highlightedNetwork ? [highlightedNetwork.port.partId] : []}
                  links={rearLinks(machine, rates, (share, id) =>
                    linkClass(share, id === highlightedId),
                  )}
                />
              </div>
            )}
          </div>
        )}
        {hasWays && view === 'leads' && <LeadTable />}
        {hasWays && view === 'ways' && (
          <>
            <PathsDrawing
              machine={machine}
              rates={rates}
              wordsOf={wordsOf}
              highlightedId={highlightedId}
              onLight={setHighlightedId}
            />
            <HighlightedWay machine={machine} rates={rates} highlightedId={highlightedId} />
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
