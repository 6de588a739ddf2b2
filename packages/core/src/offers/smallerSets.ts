import type { CataloguePart } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { Evaluator } from '../evaluate'
import { type Asked, type HelpfulChange, putIntoDesign, setsInPlace } from './putIn'

/** Less than this share of the price of the whole is no reason to begin again. */
const WORTH_WHILE = 0.01

/**
 * Which sets of drives hold what the brief asks for, for less, where the design holds more than that?
 *
 * Each takes the place of all drives in bays, in thought, and everything is worked out anew. Nothing may block that
 * did not block before, and no limit may stand worse. Sets that bring a risk say so.
 *
 * @returns at most `most`, those that bring no risk first, of these what saves most; empty while the space that is wanted is not held, or a price is missing
 */
export function smallerSets(
  design: Design,
  parts: readonly CataloguePart[],
  most = 3,
): HelpfulChange[] {
  const evaluator = new Evaluator()
  const machine = evaluator.machineOf(design)
  const now = evaluator.evaluate(design, machine)
  const space = now.limits.find(({ id }) => id === 'space')
  if (space?.status !== 'kept') return []
  const asked: Asked = { now, limitId: 'space', evaluator }
  const least = WORTH_WHILE * now.cost.total.likely
  const saved = ({ costMinor }: HelpfulChange): number => -(costMinor ?? 0)
  return setsInPlace(design, machine, parts)
    .flatMap((set) => putIntoDesign(design, [set], asked) ?? [])
    .filter((change) => saved(change) > least)
    .toSorted(
      (one, other) => Number(one.isRiskier) - Number(other.isRiskier) || saved(other) - saved(one),
    )
    .slice(0, most)
}
