import type { Rule } from '../../judging/rule'
import { type SurgeFacts, surgeFindings, surgeSentence } from './startSurgeTooHigh'

/** Drives that start together ask more of the 5 V rail than it carries, which small and redundant supplies make weak. */
export const fiveVoltSurge: Rule<'five-volt-surge', SurgeFacts> = {
  code: 'five-volt-surge',
  step: 'power',
  find: (given) => surgeFindings(given, 'five'),
  sentence: (facts, { format }) => surgeSentence(facts, format, '5 V', 'another'),
  question: 'whether the 5 V rail can start all drives at once',
}
