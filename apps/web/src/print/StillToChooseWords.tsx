import { choiceText, type OpenChoice } from '@flint/core/figures'
import { format } from '../controls/locale'

/** What is still to be chosen, as one sentence. */
export function StillToChooseWords({ choices }: { choices: readonly OpenChoice[] }) {
  return <p>Still to choose: {choices.map((one) => choiceText(one, format)).join(', ')}.</p>
}
