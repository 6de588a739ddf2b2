import type { DesignDocument } from '../../design/document'
import type { Flow } from '../maxMinFair'
import type { Topology } from '../topology'

/** What is going on, as flows over the links. */
export interface ScenarioFlows {
  flows: Flow[]
  /** Bytes that each flow has to move, when the job has an end. */
  bytesOf: ReadonlyMap<string, number>
}

/** One kind of work. A new one is a file here and a line in `scenarios.ts`. */
export interface Scenario {
  id: string
  title: string
  /** What is being done, one sentence. */
  about: string
  flowsOf: (document: DesignDocument, topology: Topology) => ScenarioFlows
}
