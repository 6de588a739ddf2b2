import { scenarios } from '@flint/core'
import { useMemo, useState } from 'react'
import { say } from '../../controls/locale'
import { LensFrame } from '../../sheet/LensFrame'
import { selectDocument, selectEvaluation, selectTopology } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import { endWords } from './endWords'
import { LitWay } from './LitWay'
import { PathsDrawing } from './PathsDrawing'
import { PathsTray } from './PathsTray'
import { ScenarioWords } from './ScenarioWords'
import { useScenarioRates } from './useScenarioRates'

/** Which way every drive has to the CPU, and what is narrow on it. */
export function PathsLens() {
  const document = useAppSelector(selectDocument)
  const { bays } = useAppSelector(selectEvaluation)
  const topology = useAppSelector(selectTopology)
  const [scenarioId, setScenarioId] = useState(scenarios[0]?.id ?? '')
  const [litId, setLitId] = useState<string | null>(null)
  const { scenario, rates } = useScenarioRates(document, topology, scenarioId)
  const wordsOf = useMemo(() => endWords(bays, topology, rates), [bays, topology, rates])
  return (
    <LensFrame title="Paths" tray={<PathsTray />}>
      <div className={tray.switch}>
        {scenarios.map(({ id, title }) => (
          <button
            key={id}
            type="button"
            aria-pressed={id === scenarioId}
            onClick={() => {
              setScenarioId(id)
            }}
          >
            {title}
          </button>
        ))}
      </div>
      {topology.drives.length === 0 ? (
        <p>
          No drive has a way yet. Choose a board in Core, and put drives into bays, then see here
          what they can move.
        </p>
      ) : (
        <>
          <ScenarioWords scenario={scenario} rates={rates} />
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
      {topology.unreachedIds.length > 0 && (
        <p>
          {say.counted(topology.unreachedIds.length, 'drive has', 'drives have')} no port and so no
          way.
        </p>
      )}
    </LensFrame>
  )
}
