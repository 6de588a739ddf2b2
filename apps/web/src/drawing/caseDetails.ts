import { DRIVE_OUTLINES } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'
import type { Arrangement } from './arrangement'
import { format } from '../controls/locale'
import { type BayStack, drivesText } from './bayStacks'
import type { Detail } from './detail'

const BACKPLANE_MM = 4
/** Its fan as a share of the shorter side, and where along it; more leads than this find no room. For the drawing only. */
const SUPPLY = { fanShare: 0.3, fanAt: 0.58, mostLeads: 8 }

/** Drives lying over each other are told by the edges of those beneath. */
const EDGE_MM = 3
const MOST_EDGES = 3

/** The drives in their bays, with the hatch of their group, and the backplane behind them. */
export function driveDetails(stacks: readonly BayStack[]): Detail[] {
  return stacks.flatMap(({ id, frontMm, acrossMm, widthMm, drives, bays, block }): Detail[] => {
    const { lengthMm } = DRIVE_OUTLINES[block.formFactor]
    const hatches = [...new Set(drives.map(({ hatch }) => hatch))].filter((one) => one !== null)
    const edges = Math.min(MOST_EDGES, Math.max(0, drives.length - 1))
    const words = drives.length === 0 ? 'empty' : drivesText(drives, format.drive, ', ')
    // Of drives over each other the first is the one that is seen.
    const [seen] = drives
    const behind = Array.from({ length: edges }, (_, edge): Detail => ({
      shape: 'line',
      id: `${id} edge ${edge}`,
      points: [
        { x: frontMm + lengthMm - (edge + 1) * EDGE_MM, y: acrossMm + 1 },
        { x: frontMm + lengthMm - (edge + 1) * EDGE_MM, y: acrossMm + widthMm - 1 },
      ],
      look: 'fin',
      words: '',
    }))
    return [
      {
        shape: 'rect',
        id,
        x: frontMm,
        y: acrossMm,
        width: lengthMm,
        height: widthMm,
        look: drives.length === 0 ? 'empty' : 'part',
        words: bays === 1 ? words : `${bays} bays: ${words}`,
        ...(seen && { pieceId: seen.id }),
      },
      ...hatches.map((hatch, index): Detail => ({
        shape: 'rect',
        id: `${id} group ${hatch}`,
        x: frontMm + 2,
        y: acrossMm + 2 + (index * (widthMm - 4)) / hatches.length,
        width: 9,
        height: (widthMm - 4) / hatches.length,
        look: 'part',
        words: '',
        hatch,
      })),
      ...behind,
      ...(block.backplane
        ? [
            {
              shape: 'rect' as const,
              id: `${id} backplane`,
              x: frontMm + lengthMm + 5,
              y: acrossMm,
              width: BACKPLANE_MM,
              height: widthMm,
              look: 'metal' as const,
              words: 'backplane',
            },
          ]
        : []),
    ]
  })
}

/** What is seen of the supply: its fan, the plugs of its leads, and the socket for the mains. */
export function supplyDetails(machine: Machine, { supply }: Arrangement): Detail[] {
  const piece = pieceOf(machine, 'supply')
  if (!piece || !supply) return []
  const { frontMm, acrossMm, depthMm, widthMm } = supply
  const { sataLeads, peripheralLeads, modules } = piece.dataSheet
  const leads = Math.min(SUPPLY.mostLeads, (sataLeads ?? 0) + (peripheralLeads ?? 0))
  const radius = Math.min(widthMm, depthMm) * SUPPLY.fanShare
  const [x, y] = [frontMm + depthMm * SUPPLY.fanAt, acrossMm + widthMm / 2]
  const step = widthMm / (leads + 1)
  const inlets = modules ?? 1
  return [
    { shape: 'circle', id: 'supply fan', x, y, radius, look: 'part', words: '' },
    {
      shape: 'circle',
      id: 'supply hub',
      x,
      y,
      radius: radius * SUPPLY.fanShare,
      look: 'metal',
      words: '',
    },
    ...Array.from({ length: leads }, (_, lead): Detail => {
      const side = acrossMm + step * (lead + 1)
      return {
        shape: 'rect',
        id: `supply lead ${lead}`,
        x: frontMm,
        y: side - 3,
        width: 7,
        height: 6,
        look: 'plug',
        words: `lead ${lead + 1} of the supply`,
        pieceId: piece.id,
      }
    }),
    ...Array.from({ length: inlets }, (_, inlet): Detail => {
      const side = acrossMm + (widthMm / (inlets + 1)) * (inlet + 1)
      return {
        shape: 'rect',
        id: `mains ${inlet}`,
        x: frontMm + depthMm - 5,
        y: side - 9,
        width: 5,
        height: 18,
        look: 'plug',
        words: 'socket for the mains',
        pieceId: piece.id,
      }
    }),
  ]
}
