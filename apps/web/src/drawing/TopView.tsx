import {
  cardsOf,
  type DesignDocument,
  DRIVE_OUTLINES,
  fittedOne,
  plugRoomMm,
  SUPPLY_ENVELOPES,
} from '@flint/core'
import { say } from '../controls/locale'
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
  /** How far it reaches over the room there is, forwards; 0 when it fits or nobody knows. */
  overMm: number
}

/** The machine from above, front at the left, to scale, in the depth that its place has. */
export function TopView({ document, widthPx, pointedPartIds }: TopViewProps) {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return <p className="soft">Choose a chassis, and it is drawn here to scale.</p>
  const { widthMm, depthMm } = chassis.sheet
  const place = fittedOne(document, 'place')
  const placeDepthMm = place?.sheet.depthMm ?? null
  const plugsMm = plugRoomMm(document.brief)
  const wholeMm = Math.max(depthMm + plugsMm, placeDepthMm ?? 0)
  const pxPerMm = Math.min(LARGEST_PX_PER_MM, (widthPx - ROOM_FOR_WORDS_PX) / wholeMm)
  const boxes = boxesOf(document)
  const tight = placeDepthMm !== null && placeDepthMm - depthMm < plugsMm
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
            width={plugsMm * pxPerMm}
            height={widthMm * pxPerMm}
            className={tight ? styles.plugsTight : styles.plugs}
          />
          {tight && (
            <text
              transform={`translate(${(Math.max(depthMm, placeDepthMm) + plugsMm / 2) * pxPerMm} 8) rotate(90)`}
              className={styles.tooFar}
            >
              {placeDepthMm < depthMm
                ? `△ ${say.number(depthMm - placeDepthMm)} mm too deep`
                : `△ ${say.number(placeDepthMm - depthMm)} of ${say.number(plugsMm)} mm for plugs`}
            </text>
          )}
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
        Front at the left. The dashed strip behind is room for plugs, {plugsMm} mm.
        {placeDepthMm !== null &&
          ` The thick line is the end of the ${place?.sheet.model ?? 'place'}, at ${placeDepthMm} mm.`}
        {boxes.length < 3 && ' What is not drawn has no dimensions on its data sheet.'}
      </figcaption>
    </figure>
  )
}

function PlanBox({ box, pxPerMm, lit }: { box: Box; pxPerMm: number; lit: boolean }) {
  const { frontMm, leftMm, depthMm, widthMm, words, overMm } = box
  return (
    <g transform={`translate(${frontMm * pxPerMm} ${leftMm * pxPerMm})`}>
      <rect
        width={depthMm * pxPerMm}
        height={widthMm * pxPerMm}
        className={lit || overMm > 0 ? styles.lit : styles.part}
      />
      {overMm > 0 && (
        <>
          <line
            x1={overMm * pxPerMm}
            x2={overMm * pxPerMm}
            y2={widthMm * pxPerMm}
            className={styles.missed}
          />
          <text x="6" y={widthMm * pxPerMm - 6} className={styles.tooFar}>
            △ {say.number(overMm)} mm too far
          </text>
        </>
      )}
      {words.map((line, index) => (
        <text key={line} x="6" y={16 + index * 15} className={styles.words}>
          {line}
        </text>
      ))}
    </g>
  )
}

const over = (need: number | null, room: number | null): number =>
  need === null || room === null ? 0 : Math.max(0, need - room)

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
      overMm: 0,
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
      overMm: over(board.sheet.depthMm, chassis.sheet.boardMaxDepthMm),
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
      overMm: over(supply.sheet.lengthMm, chassis.sheet.supplyMaxLengthMm),
    })
  }
  return boxes
}
