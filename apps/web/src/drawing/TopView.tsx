import {
  cardsOf,
  type DesignDocument,
  DRIVE_OUTLINES,
  fittedOne,
  PLUG_ROOM_MM,
  SUPPLY_ENVELOPES,
} from '@flint/core'
import { DimensionArrow } from './DimensionArrow'
import styles from './plan.module.css'

/** Behind the drives: backplane, plugs and their cables. For the drawing only. */
const BEHIND_DRIVES_MM = 22
const LARGEST_PX_PER_MM = 0.92
const ROOM_FOR_WORDS_PX = 90

interface TopViewProps {
  document: DesignDocument
  widthPx: number
  pointedPartIds: readonly string[]
}

interface Box {
  id: string
  frontMm: number
  leftMm: number
  depthMm: number
  widthMm: number
  words: string[]
}

/** The machine from above, front at the left, to scale, in the depth that its place has. */
export function TopView({ document, widthPx, pointedPartIds }: TopViewProps) {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return <p className="soft">Choose a chassis, and it is drawn here to scale.</p>
  const { widthMm, depthMm } = chassis.sheet
  const place = fittedOne(document, 'place')
  const placeDepthMm = place?.sheet.depthMm ?? null
  const wholeMm = Math.max(depthMm + PLUG_ROOM_MM, placeDepthMm ?? 0)
  const pxPerMm = Math.min(LARGEST_PX_PER_MM, (widthPx - ROOM_FOR_WORDS_PX) / wholeMm)
  const boxes = boxesOf(document)
  const tight = placeDepthMm !== null && placeDepthMm - depthMm < PLUG_ROOM_MM
  return (
    <figure className={styles.figure}>
      <svg
        width={wholeMm * pxPerMm + 4}
        height={widthMm * pxPerMm + 4}
        role="img"
        aria-label={`Top view: ${widthMm} mm wide, ${depthMm} mm deep. ${boxes.map(({ words }) => words.join(', ')).join('; ')}`}
      >
        <g transform="translate(2 2)">
          <rect
            width={depthMm * pxPerMm}
            height={widthMm * pxPerMm}
            className={pointedPartIds.includes(chassis.part.id) ? styles.lit : styles.case}
          />
          <rect
            x={depthMm * pxPerMm}
            width={PLUG_ROOM_MM * pxPerMm}
            height={widthMm * pxPerMm}
            className={tight ? styles.plugsTight : styles.plugs}
          />
          {boxes.map((box) => (
            <PlanBox
              key={box.id}
              box={box}
              pxPerMm={pxPerMm}
              lit={pointedPartIds.includes(box.id)}
            />
          ))}
          {placeDepthMm !== null && (
            <line
              x1={placeDepthMm * pxPerMm}
              x2={placeDepthMm * pxPerMm}
              y2={widthMm * pxPerMm}
              className={styles.wall}
            />
          )}
        </g>
      </svg>
      <DimensionArrow direction="across" lengthPx={depthMm * pxPerMm} millimetres={depthMm} />
      <figcaption className="soft">
        Front at the left. The dashed strip behind is room for plugs, {PLUG_ROOM_MM} mm.
        {placeDepthMm !== null &&
          ` The thick line is the end of the ${place?.sheet.model ?? 'place'}, at ${placeDepthMm} mm.`}
        {boxes.length < 3 && ' What is not drawn has no dimensions on its data sheet.'}
      </figcaption>
    </figure>
  )
}

function PlanBox({ box, pxPerMm, lit }: { box: Box; pxPerMm: number; lit: boolean }) {
  const { frontMm, leftMm, depthMm, widthMm, words } = box
  return (
    <g transform={`translate(${frontMm * pxPerMm} ${leftMm * pxPerMm})`}>
      <rect
        width={depthMm * pxPerMm}
        height={widthMm * pxPerMm}
        className={lit ? styles.lit : styles.part}
      />
      {words.map((line, index) => (
        <text key={line} x="6" y={16 + index * 15} className={styles.words}>
          {line}
        </text>
      ))}
    </g>
  )
}

/** Everything whose place and size are known. Places are those of the rear left corner. */
function boxesOf(document: DesignDocument): Box[] {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return []
  const boxes: Box[] = []
  const { boardAt, supplyAt, bayBlocks } = chassis.sheet
  bayBlocks.forEach((block, index) => {
    const columnsMm = block.columns * (block.bayWidthMm + block.gapMm) - block.gapMm
    boxes.push({
      id: `bays-${index}`,
      frontMm: 4,
      leftMm: block.leftMm,
      depthMm: DRIVE_OUTLINES[block.formFactor].lengthMm + BEHIND_DRIVES_MM,
      widthMm: columnsMm,
      words: [`${block.rows * block.columns} bays`],
    })
  })
  const board = fittedOne(document, 'board')
  if (board && boardAt && board.sheet.depthMm !== null && board.sheet.widthMm !== null) {
    const cards = cardsOf(document).map(({ sheet }) => sheet.model)
    boxes.push({
      id: board.part.id,
      frontMm: boardAt.frontMm - board.sheet.depthMm,
      leftMm: boardAt.leftMm,
      depthMm: board.sheet.depthMm,
      widthMm: board.sheet.widthMm,
      words: [`${board.sheet.model}, ${board.sheet.size}`, ...cards.map((card) => `card: ${card}`)],
    })
  }
  const supply = fittedOne(document, 'supply')
  const shape = supply?.sheet.shape
  if (supply && supplyAt && shape && supply.sheet.lengthMm !== null) {
    boxes.push({
      id: supply.part.id,
      frontMm: supplyAt.frontMm - supply.sheet.lengthMm,
      leftMm: supplyAt.leftMm,
      depthMm: supply.sheet.lengthMm,
      widthMm: SUPPLY_ENVELOPES[shape].widthMm,
      words: [supply.sheet.model],
    })
  }
  return boxes
}
