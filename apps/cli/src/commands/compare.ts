import { formatterFor } from '@flint/core/drawing'
import { type Compared, compareDesigns, evaluate } from '@flint/core/figures'
import { designOf } from './designOf'

/** Two designs give what is different between them. */
export function compare(...inputs: readonly unknown[]): unknown {
  const compared = inputs.map((input): Compared => {
    const design = designOf(input)
    return { design, evaluation: evaluate(design) }
  })
  return {
    names: compared.map(({ design }) => design.name),
    ...compareDesigns(compared, formatterFor('en')),
  }
}
