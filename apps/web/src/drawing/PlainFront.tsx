import { frontsExtent, frontsOf } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'
import { DimensionArrow } from './DimensionArrow'
import styles from './plan.module.css'

const LARGEST_PX = { wide: 240, high: 170 }

/** The front with its bays by kind, to scale; drives are put in elsewhere. */
export function PlainFront({
  machine,
  pointedPartIds,
}: {
  machine: Machine
  pointedPartIds: readonly string[]
}) {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return null
  const { openings525 } = chassis.dataSheet
  const fronts = frontsOf(machine.ofKind)
  const { widthMm, heightMm } = frontsExtent(fronts)
  const pxPerMm = Math.min(LARGEST_PX.wide / widthMm, LARGEST_PX.high / heightMm)
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
            height={heightMm * pxPerMm + 2}
            role="img"
            aria-label={`Front: ${widthMm} by ${heightMm} mm, ${words || 'no bays'}`}
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
                    className={isPointed ? styles.highlighted : styles.part}
                    strokeDasharray={driveId === undefined ? '4 3' : undefined}
                    vectorEffect="non-scaling-stroke"
                  />
                )
              })}
            </g>
          </svg>
          <DimensionArrow direction="down" lengthPx={heightMm * pxPerMm} millimetres={heightMm} />
        </div>
        <DimensionArrow direction="across" lengthPx={widthMm * pxPerMm} millimetres={widthMm} />
        <figcaption className="soft">{words || 'No bays'}. Empty ones are dashed.</figcaption>
      </figure>
    </section>
  )
}
