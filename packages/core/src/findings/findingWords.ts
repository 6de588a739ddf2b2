import { isLack } from '../judging/finding'
import type { Rule } from '../judging/rule'
import { missingWords, type Words } from '../judging/words'
import { type AnyFinding, rules } from './rules'

/** A finding as a person reads it. */
export interface FindingWords {
  sentence: string
  /** The house rule that spoke, where builders disagree. */
  houseRule: string | null
}

/** Looked up by code; each rule is only ever given what it found itself. */
const byCode = new Map(
  rules.map((rule) => [rule.code as string, rule as unknown as Rule<string, object>]),
)

/** Writes what is shown of a finding. */
export function findingWords(finding: AnyFinding, words: Words): FindingWords {
  const rule = byCode.get(finding.code)
  if (rule) {
    const { facts } = finding
    return { sentence: rule.sentence(facts, words), houseRule: rule.houseRule?.(facts) ?? null }
  }
  if (!isLack(finding)) throw new Error(`There is no rule ${finding.code}.`)
  const { missing } = finding.facts
  const question = byCode.get(finding.code.replace(/-not-known$/, ''))?.question ?? 'this'
  return { sentence: `Not known ${question}: ${missingWords(missing, words)}.`, houseRule: null }
}
