import { cutText } from '@flint/core/drawing'
import { CHIPSET, type ScenarioRates, type Machine } from '@flint/core/figures'
import { useMemo } from 'react'
import { format } from '../../controls/locale'
import type { EndWords } from './endWords'
import { loadClass } from './loadClass'
import { type PathEnd, pathTree } from './pathTree'
import { strokePx } from './strokePx'
import styles from './paths.module.css'

const X = { cpu: 0, chipset: 110, node: 250, end: 500, words: 520 }
/** A letter of the text's font, on average. */
const LETTER_PX = 5.8
const BOX = { width: 62, height: 30, nodeWidth: 180 }

interface PathsDrawingProps {
  machine: Machine
  rates: ScenarioRates
  wordsOf: (end: PathEnd) => EndWords
  /** The end whose way is highlighted. */
  highlightedId: string | null
  onLight: (id: string | null) => void
}

/** From the CPU to every drive and network port; how wide a line is says its rate, how dark its load. */
export function PathsDrawing({
  machine,
  rates,
  wordsOf,
  highlightedId,
  onLight,
}: PathsDrawingProps) {
  const tree = useMemo(() => pathTree(machine), [machine])
  const widest = Math.max(1, ...machine.links.map(({ bytesPerSecond }) => bytesPerSecond))
  const highlighted = new Set(
    tree.nodes.flatMap(({ ends }) => ends).find(({ id }) => id === highlightedId)?.links ?? [],
  )
  const line = (linkId: string | null) => {
    const link = machine.links.find(({ id }) => id === linkId)
    const load = rates.loads.find((one) => one.link.id === linkId)
    return {
      strokeWidth: strokePx(link?.bytesPerSecond ?? 0, widest),
      className: [
        styles.link,
        load && loadClass(load.share),
        linkId !== null && highlighted.has(linkId) && styles.highlighted,
      ]
        .filter(Boolean)
        .join(' '),
    }
  }
  return (
    <div className={styles.drawing}>
      <svg width={X.words} height={tree.heightPx} aria-hidden="true">
        {tree.chipsetYPx !== null && (
          <path
            d={`M${X.cpu + BOX.width} ${tree.cpuYPx} L${X.chipset} ${tree.chipsetYPx}`}
            {...line(CHIPSET)}
          />
        )}
        {tree.nodes.map((node) => (
          <g key={node.id}>
            <path
              d={
                node.behindChipset && tree.chipsetYPx !== null
                  ? `M${X.chipset + BOX.width} ${tree.chipsetYPx} L${X.node} ${node.yPx}`
                  : `M${X.cpu + BOX.width} ${tree.cpuYPx} L${X.node} ${node.yPx}`
              }
              {...line(node.link?.id ?? CHIPSET)}
            />
            {node.ends.map((end) => (
              <path
                key={end.id}
                d={`M${X.node + BOX.nodeWidth} ${node.yPx} L${X.end} ${end.yPx} L${X.words} ${end.yPx}`}
                {...line(end.links[0] ?? null)}
              />
            ))}
            <PathBox
              x={X.node}
              y={node.yPx}
              width={BOX.nodeWidth}
              name={node.link?.name ?? 'ports of the board'}
              detail={node.link && format.rate(node.link.bytesPerSecond)}
            />
          </g>
        ))}
        <PathBox x={X.cpu + 1} y={tree.cpuYPx} width={BOX.width} name="CPU" />
        {tree.chipsetYPx !== null && (
          <PathBox x={X.chipset} y={tree.chipsetYPx} width={BOX.width} name="chipset" />
        )}
      </svg>
      <ul className={styles.ends} style={{ height: tree.heightPx }}>
        {tree.nodes.flatMap(({ ends }) =>
          ends.map((end) => {
            const { name, detail } = wordsOf(end)
            return (
              <li key={end.id} style={{ top: end.yPx - 12 }}>
                <button
                  type="button"
                  data-end={end.id}
                  aria-pressed={end.id === highlightedId}
                  onPointerEnter={() => {
                    onLight(end.id)
                  }}
                  onFocus={() => {
                    onLight(end.id)
                  }}
                >
                  {name} <span className="figure soft">{detail}</span>
                </button>
              </li>
            )
          }),
        )}
      </ul>
    </div>
  )
}

interface PathBoxProps {
  x: number
  /** Of its middle. */
  y: number
  width: number
  name: string
  detail?: string | null
}

/** One place on the way: the CPU, the chipset, a card in its slot. */
function PathBox({ x, y, width, name, detail }: PathBoxProps) {
  return (
    <>
      <rect x={x} y={y - BOX.height / 2} width={width} height={BOX.height} className={styles.box} />
      <text x={x + 6} y={detail ? y - 2 : y + 4}>
        {cutText(name, Math.floor((width - 12) / LETTER_PX))}
        <title>{name}</title>
      </text>
      {detail && (
        <text x={x + 6} y={y + 11} className={styles.figure}>
          {detail}
        </text>
      )}
    </>
  )
}
