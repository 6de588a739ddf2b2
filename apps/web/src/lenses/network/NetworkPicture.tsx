import { portUses, type ReaderFigures } from '@flint/core/figures'
import { cutText } from '@flint/core/drawing'
import { format } from '../../controls/locale'
import { useWidth } from '../../drawing/useWidth'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './network.module.css'

const ROW_PX = 34
const BOX_PX = { ports: 190, switch: 84, reader: 250, high: 26 }
/** As many letters as a box has room for. */
const LETTERS = { port: 26, reader: 22 }
/** More are counted, not drawn. */
export const MOST_DRAWN = 10

/** Which port goes to which machine, through the switch or straight. */
export function NetworkPicture({
  figures,
  readers,
}: {
  figures: readonly ReaderFigures[]
  /** How many there are in all. */
  readers: number
}) {
  const { network } = useAppSelector(selectDesign)
  const { networkPaths } = useAppSelector(selectMachine)
  const [ref, widthPx] = useWidth()
  const { uses } = portUses(networkPaths, network)
  // Cables that go straight to a machine lie above those of the switch, each on a row of its own.
  const straight = figures.filter(({ reader, path }) => reader.way === 'direct' && path)
  const others = figures.filter((one) => !straight.includes(one))
  const drawn = [...straight, ...others].slice(0, MOST_DRAWN)
  const straightIds = drawn.flatMap(({ reader, path }) =>
    reader.way === 'direct' && path ? path.id : [],
  )
  const portOf = (id: string) => uses.filter(({ path }) => path.id === id)
  const ports = [
    ...[...new Set(straightIds)].flatMap(portOf),
    ...uses.filter(({ path, use }) => use !== 'unused' && !straightIds.includes(path.id)),
  ]
  if (ports.length === 0 || drawn.length === 0) return null
  const rows = Math.max(ports.length, drawn.length)
  const above = Math.min(straightIds.length, rows)
  /** Those above keep their rows, the rest is spread over what is left. */
  const middle = (index: number, count: number): number =>
    index < above
      ? (index + 0.5) * ROW_PX
      : (above + ((index - above + 0.5) * (rows - above)) / Math.max(1, count - above)) * ROW_PX
  const overSwitch = drawn.some(({ reader }) => reader.way !== 'direct')
  const readersLeft = Math.max(BOX_PX.ports + BOX_PX.switch + 60, widthPx - BOX_PX.reader - 1)
  const switchAt = {
    x: (BOX_PX.ports + readersLeft) / 2,
    y: ((above + rows) / 2) * ROW_PX,
  }
  const isStraight = (index: number): boolean => drawn[index]?.reader.way === 'direct'
  return (
    <div ref={ref} className={styles.picture}>
      <svg
        width={readersLeft + BOX_PX.reader + 1}
        height={rows * ROW_PX}
        role="img"
        aria-label={drawn.map(pictureWords).join('. ')}
      >
        {ports.map(({ path, use }, index) => {
          const y = middle(index, ports.length)
          const goesToSwitch = overSwitch && (use === 'joined' || use === 'single')
          return (
            <g key={path.id}>
              {goesToSwitch && (
                <path
                  className={use === 'joined' ? styles.joined : styles.cable}
                  d={curve(BOX_PX.ports, y, switchAt.x - BOX_PX.switch / 2, switchAt.y)}
                />
              )}
              <Box x={0} y={y} width={BOX_PX.ports}>
                {cutText(
                  `${path.port.model} ${path.port.number} · ${format.number(path.port.bitsPerSecond / 1e9, 1)} Gb/s`,
                  LETTERS.port,
                )}
              </Box>
            </g>
          )
        })}
        {overSwitch && (
          <Box x={switchAt.x - BOX_PX.switch / 2} y={switchAt.y} width={BOX_PX.switch}>
            switch
          </Box>
        )}
        {drawn.map(({ reader, path, togetherBytesPerSecond }, index) => {
          const y = middle(index, drawn.length)
          const port = ports.findIndex((one) => one.path.id === path?.id)
          const from = isStraight(index)
            ? { x: BOX_PX.ports, y: middle(port, ports.length) }
            : { x: switchAt.x + BOX_PX.switch / 2, y: switchAt.y }
          return (
            <g key={reader.id}>
              {path && (
                <path
                  className={reader.way === 'Wi-Fi' ? styles.radio : styles.cable}
                  d={curve(from.x, from.y, readersLeft, y)}
                />
              )}
              <Box x={readersLeft} y={y} width={BOX_PX.reader}>
                {cutText(reader.name, LETTERS.reader)} ·{' '}
                {path ? format.rate(togetherBytesPerSecond) : 'no port left'}
              </Box>
            </g>
          )
        })}
      </svg>
      {readers > drawn.length && (
        <p className="soft">and {format.number(readers - drawn.length)} more</p>
      )}
    </div>
  )
}

function Box({
  x,
  y,
  width,
  children,
}: {
  x: number
  y: number
  width: number
  children: React.ReactNode
}) {
  return (
    <g transform={`translate(${x + 0.5} ${y - BOX_PX.high / 2})`}>
      <rect width={width} height={BOX_PX.high} className={styles.box} />
      <text x={width / 2} y={BOX_PX.high / 2} dy="0.35em" textAnchor="middle">
        {children}
      </text>
    </g>
  )
}

function curve(fromX: number, fromY: number, toX: number, toY: number): string {
  const bend = (toX - fromX) / 2
  return `M${fromX} ${fromY} C${fromX + bend} ${fromY} ${toX - bend} ${toY} ${toX} ${toY}`
}

function pictureWords({ reader, path, togetherBytesPerSecond }: ReaderFigures): string {
  if (!path) return `${reader.name}: no port is left`
  const how =
    reader.way === 'direct'
      ? 'straight to'
      : `over ${reader.way === 'Wi-Fi' ? 'Wi-Fi and a' : 'a'} switch to`
  return `${reader.name} ${how} port ${path.port.number} of ${path.port.model}, ${format.rate(togetherBytesPerSecond)}`
}
