import { frontsExtent, frontsOf } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'
import { DimensionArrow } from './DimensionArrow'
import { RUN_PX, type SharedRun, SharedRunLines } from './SharedRunLines'
import styles from './plan.module.css'

/** Where it says something about each bay there has to be room for the words. */
const LARGEST_PX = { plain: { wide: 240, high: 170 }, worded: { wide: 430, high: 210 } }

/** What a lens has to say about a bay of the front. */
export interface BayLook {
  className: string | undefined
  words: string
}

/** A bay's words need this much room. */
const WORDS_PX = { across: 62, down: 13 }

interface PlainFrontProps {
  machine: Machine
  pointedPartIds: readonly string[]
  /** Null for a bay of which there is nothing to say. */
  lookOf?: (bayId: string) => BayLook | null
  /** What that is, below the drawing. */
  caption?: string
  /** The likeliest first. */
  shared?: readonly SharedRun[]
}

/** The front with its bays by kind, to scale; drives are put in elsewhere. */
export function PlainFront({
  machine,
  pointedPartIds,
  lookOf,
  caption,
  shared = [],
}: PlainFrontProps) {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return null
  const { openings525 } = chassis.dataSheet
  const fronts = frontsOf(machine.ofKind)
  const { widthMm, heightMm } = frontsExtent(fronts)
  const most = lookOf ? LARGEST_PX.worded : LARGEST_PX.plain
  const pxPerMm = Math.min(most.wide / widthMm, most.high / heightMm)
  const kinds = new Map<string, number>()
  for (const { formFactor, access } of machine.bays) {
    const kind = `${formFactor}" ${access}`
    kinds.set(kind, (kinds.get(kind) ?? 0) + 1)
  }
  const words = [...kinds].map(([kind, count]) => `${count} × ${kind}`).join(', ')
  return (
    <section aria-label="Front">
      <h2>Front</h2>
      <figure className={styles.figure}>
        <div className={styles.measured}>
          <svg
            width={widthMm * pxPerMm + 2}
            height={heightMm * pxPerMm + 2 + shared.length * RUN_PX}
            role="img"
            aria-label={`Front: ${widthMm} by ${heightMm} mm, ${words || 'no bays'}${shared.map(({ name, bayIds }) => `; ${name} is suspected, ${bayIds.length} bays hang on it`).join('')}`}
          >
            <g transform={`translate(1 1) scale(${pxPerMm})`}>
              {fronts.map((front) => (
                <rect
                  key={front.partId}
                  y={front.topMm}
                  width={front.widthMm}
                  height={front.heightMm}
                  className={
                    pointedPartIds.includes(front.partId) ? styles.highlighted : styles.case
                  }
                  vectorEffect="non-scaling-stroke"
                />
              ))}
              {openings525?.map(({ leftMm, topMm }) => (
                <rect
                  key={topMm}
                  x={leftMm}
                  y={topMm}
                  width="146"
                  height="41.5"
                  className={styles.plugs}
                  vectorEffect="non-scaling-stroke"
                />
              ))}
              {machine.bays.map((bay) => {
                const driveId = machine.driveIn.get(bay.id)
                const isPointed = driveId !== undefined && pointedPartIds.includes(driveId)
                return (
                  <rect
                    key={bay.id}
                    x={bay.leftMm}
                    y={bay.topMm}
                    width={bay.widthMm}
                    height={bay.heightMm}
                    className={
                      isPointed ? styles.highlighted : (lookOf?.(bay.id)?.className ?? styles.part)
                    }
                    strokeDasharray={driveId === undefined ? '4 3' : undefined}
                    vectorEffect="non-scaling-stroke"
                  />
                )
              })}
            </g>
            {machine.bays.map((bay) => {
              const look = lookOf?.(bay.id)
              const [across, down] = [bay.widthMm * pxPerMm, bay.heightMm * pxPerMm]
              if (!look || across < WORDS_PX.across || down < WORDS_PX.down) return null
              return (
                <text
                  key={bay.id}
                  x={1 + bay.leftMm * pxPerMm + across / 2}
                  y={1 + bay.topMm * pxPerMm + down / 2}
                  textAnchor="middle"
                  dominantBaseline="central"
                  className={styles.bayWords}
                >
                  {look.words}
                </text>
              )
            })}
            {shared.map(({ id, name, bayIds }, index) => (
              <SharedRunLines
                key={id}
                name={name}
                bays={bayIds.flatMap((bayId) => machine.bayById.get(bayId) ?? [])}
                pxPerMm={pxPerMm}
                busPx={heightMm * pxPerMm + 8 + index * RUN_PX}
                isFirst={index === 0}
              />
            ))}
          </svg>
          <DimensionArrow direction="down" lengthPx={heightMm * pxPerMm} millimetres={heightMm} />
        </div>
        <DimensionArrow direction="across" lengthPx={widthMm * pxPerMm} millimetres={widthMm} />
        <figcaption className="soft">
          {words || 'No bays'}. Empty ones are dashed.{caption && ` ${caption}`}
        </figcaption>
      </figure>
    </section>
  )
}
