import type { StoredDesign } from '@flint/contract'
import type { Design } from '@flint/core/editing'
import { type Evaluation, Evaluator } from '@flint/core/figures'
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query'
import { expose } from 'comlink'
import type { EvaluatedRole } from '../store/evaluatedSlice'
import { warmUp } from './warmUp'

interface Last {
  evaluator: Evaluator
  design: Design
}
const lasts = new Map<EvaluatedRole, Last>()
let isWarm = false

/** Once, before the first design comes. */
function getWarm(): void {
  if (!isWarm && lasts.size === 0) warmUp()
  isWarm = true
}

const designEvaluator = {
  /**
   * Works out a design as it is stored, for a page that is still starting and will ask for it.
   *
   * @throws TypeError when the server cannot be reached
   */
  async open(designId: string): Promise<void> {
    const asked = fetch(`/api/designs/${designId}`)
    getWarm()
    const answer = await asked
    if (!answer.ok || lasts.has('present')) return
    const { document } = (await answer.json()) as StoredDesign
    if (!lasts.has('present')) designEvaluator.evaluate('present', document)
  },

  /** Answers as soon as all of this is read. */
  answer(): true {
    getWarm()
    return true
  },

  /** Works a design out away from the page; each role has its last one at hand, as edits follow each other. */
  evaluate(role: EvaluatedRole, design: Design): Evaluation {
    const last = lasts.get(role)
    // What is sent arrives as a copy. Only what is the very same object need not be worked out anew.
    const shared = copyWithStructuralSharing<Design>(last?.design, design)
    const evaluator = last?.evaluator ?? new Evaluator()
    lasts.set(role, { evaluator, design: shared })
    return evaluator.evaluate(shared)
  },
}

export type DesignEvaluator = typeof designEvaluator

expose(designEvaluator)
