import { format } from '../controls/locale'
import { frontSketch } from './bayRectangles'
import styles from './parts.module.css'
import type { Texts } from './sheetTexts'

const LARGEST_PX = { wide: 260, high: 200 }

/** The front of a case while it is entered, to scale. */
export function BaysPreview({ texts }: { texts: Texts }) {
  const sketch = frontSketch(texts)
  if (!sketch) return null
  const { width, height, bays, outside } = sketch
  const pxPerMm = Math.min(LARGEST_PX.wide / width, LARGEST_PX.high / height)
  const words =
    outside === 0
      ? `${format.counted(bays.length, 'bay')} on a front of ${format.number(width)} × ${format.number(height)} mm`
      : `${format.number(outside)} of ${format.counted(bays.length, 'bay')} reach beyond the front.`
  return (
    <figure className={styles.baysPreview}>
      <svg
        width={width * pxPerMm + 2}
        height={height * pxPerMm + 2}
        role="img"
        aria-label={words}
        overflow="hidden"
      >
        <g transform={`translate(1 1) scale(${pxPerMm})`}>
          <rect width={width} height={height} className={styles.previewFront} />
          {bays.map((bay, index) => (
            <rect key={index} {...bay} className={styles.previewBay} />
          ))}
        </g>
      </svg>
      <figcaption className="soft" role="status">
        {outside > 0 && <span aria-hidden="true">△ </span>}
        {words}
      </figcaption>
    </figure>
  )
}
