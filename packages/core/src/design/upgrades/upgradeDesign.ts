import { withSheetToday } from '../../catalogue/oldFields'
import { USUAL_FILE_BYTES } from '../brief'
import { DESIGN_VERSION } from '../design'
import { toVersion6 } from './toVersion6'

type Upgrade = (document: Record<string, unknown>) => Record<string, unknown>

/** For each old version, how to make the next one of it. */
const upgrades: Partial<Record<number, Upgrade>> = {
  // Version 2 has more fields on data sheets and more house rules. All of them have a value for
  // "nobody has said it", which the schema fills in.
  1: (document) => document,
  // Version 3 keeps the data of the brief by kind. Older documents never said of which kind it is.
  2: (design) => ({ ...design, brief: dataByKind(design.brief) }),
  // Version 4 knows pools of other families than ZFS, spares and dRAID, and the house rule on
  // compression, which the schema fills in. What was a pool before is one still.
  3: (document) => document,
  // Version 5 keeps what the builder has fixed about slots, cables and leads; before, nothing was.
  4: (document) => document,
  5: toVersion6,
  // Version 7 knows readers with links of their own, what network ports are for, and more fields on data sheets, which
  // the schema fills in.
  6: (document) => document,
  // Version 8 knows what came within what, what small devices do and how worn they are, which pool holds what, and more
  // of boards and cases; before, nobody said any of it.
  7: (document) => document,
  // Version 9 knows what guests take of the memory, hits of a read cache, small blocks on metadata devices, disks that
  // sleep, and more of supplies, drives and boards, which the schema fills in.
  8: (document) => document,
  // Version 10 knows how the air is set, how drives are let start, how warm drives may get, and more of fans, cases,
  // drives and supplies, which the schema fills in.
  9: (document) => document,
  // Version 11 knows how parts are bought, and what its sums of money assume; the schema fills in that nobody said it.
  10: (document) => document,
  // Version 12 has a budget in a currency of its own, serial numbers, drives that were sent back, and what has been done
  // at the bench; before, nobody said any of it.
  11: (document) => document,
  // Version 13 has the price that was asked beside the data sheet; before, it stood on it. It knows drives that are
  // being rebuilt, how burning in goes, and what was planned where another part was fitted; before, nobody said it.
  12: ({ snapshots, ...document }) => ({
    ...document,
    snapshots: Array.isArray(snapshots) ? snapshots.map(withSheetToday) : snapshots,
  }),
  // Version 14 knows slots and cards of plain PCI; before, all were PCI Express, which the schema fills in.
  13: (document) => document,
}

/**
 * Brings a document of an older version up to the current one, step by step.
 *
 * @param raw anything; what is not a versioned object is returned as it is, for the schema to refuse
 */
export function upgradeDesign(raw: unknown): unknown {
  let design = raw
  while (isVersioned(design) && design.version < DESIGN_VERSION) {
    const upgrade = upgrades[design.version]
    if (!upgrade) return design
    design = { ...upgrade(design), version: design.version + 1 }
  }
  return design
}

function dataByKind(brief: unknown): unknown {
  if (typeof brief !== 'object' || brief === null) return brief
  const { dataNowBytes, growthBytesPerYear, ...rest } = brief as Record<string, unknown>
  if (dataNowBytes === 0 && growthBytesPerYear === 0) return { ...rest, data: [] }
  const fileBytes = USUAL_FILE_BYTES.other
  return {
    ...rest,
    data: [{ kind: 'other', nowBytes: dataNowBytes, growthBytesPerYear, fileBytes }],
  }
}

function isVersioned(raw: unknown): raw is Record<string, unknown> & { version: number } {
  return (
    typeof raw === 'object' && raw !== null && 'version' in raw && typeof raw.version === 'number'
  )
}
