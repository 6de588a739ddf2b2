import { type HeatFigure, type PieceId } from '@flint/core/figures'
import type { Design } from '@flint/core/editing'
import { format } from '../../controls/locale'
import { SeverityShape } from '../../controls/SeverityShape'
import { limitsOver } from './AirPlan'
import { flowWords, warmthWords } from './heatWords'

interface RowsTableProps {
  design: Design
  heat: HeatFigure
  nameOf: (id: PieceId) => string
}

/** Every row of drives with its bays, its watts, the air past it and how warm its warmest drive gets. */
export function RowsTable({ design, heat, nameOf }: RowsTableProps) {
  const { rows, roomCelsius } = heat
  const { advised, most } = limitsOver(design, roomCelsius)
  return (
    <table className="lined">
      <thead>
        <tr>
          <th scope="col">Bays</th>
          <th scope="col">Drives</th>
          <th scope="col">Air past them</th>
          <th scope="col">Warmest drive</th>
          <th scope="col">How it stands</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.bayIds[0]} data-heat-row={row.numbers.join(' ')}>
            <th scope="row">
              {row.numbers.map((number) => format.number(number)).join(', ')}
              {row.isOutside && <span className="soft"> of {nameOf(row.pieceId)}</span>}
            </th>
            <td>
              {format.number(row.driveIds.length)}, {format.watts(row.watts.likely)}
            </td>
            <td>{row.cubicMetresPerHour ? flowWords(row.cubicMetresPerHour) : 'not known'}</td>
            <td>{warmthWords(row.kelvin, roomCelsius)}</td>
            <td>
              {roomCelsius === null ? (
                'not known'
              ) : row.kelvin.high > most ? (
                <>
                  <SeverityShape severity="risks" />{' '}
                  {row.kelvin.low > most ? 'too warm' : 'may get too warm'}
                </>
              ) : row.kelvin.likely > advised ? (
                <>
                  <SeverityShape severity="note" /> warmer than advised
                </>
              ) : (
                'well'
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
