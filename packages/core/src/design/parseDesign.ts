import { type Design, designSchema } from './design'
import { type Problem, problemsOf } from '../catalogue/problem'
import { brokenReferences } from './brokenReferences'
import { newerSentence, newerVersionOf } from './newerDesign'
import { upgradeDesign } from './upgrades/upgradeDesign'

export type ParsedDesign = { design: Design } | { problems: Problem[] }

/**
 * Reads anything as a design document: upgrades old versions, checks every field against the schema
 * and every reference against what it points at.
 *
 * @returns the document, or what is wrong with it; never throws
 */
export function parseDesign(raw: unknown): ParsedDesign {
  const newer = newerVersionOf(raw)
  if (newer !== null) return { problems: [{ field: 'version', sentence: newerSentence(newer) }] }
  const checked = designSchema.safeParse(upgradeDesign(raw), { reportInput: true })
  if (!checked.success) return { problems: problemsOf(checked.error.issues) }
  const problems = brokenReferences(checked.data)
  return problems.length > 0 ? { problems } : { design: checked.data }
}
