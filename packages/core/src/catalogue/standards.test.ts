import { demoParts } from '../../fixtures/demo'
import { AMPS_PER_POWER_PLUG, DRIVE_PLUG_CONTACTS, DRIVES_PER_DATA_PLUG } from './plugs'
import {
  BOARD_HOLES,
  BOARD_OUTLINES,
  DRIVE_OUTLINES,
  HOLES_FROM_EDGE,
  OPENING_525,
  RACK_OPENING_MM,
  RACK_UNIT_MM,
  REAR_SOCKETS,
  SUPPLY_ENVELOPES,
} from './standards'

describe('outlines', () => {
  // Source: EIA-310 and IEC 60297 for the rack, SFF-8301 and SFF-8201 for drives, the ATX, microATX,
  // Mini-ITX, SSI CEB and SSI EEB specifications for boards; all from memory, the texts were not at hand.
  test('of the standards, in inches where they are', () => {
    expect(RACK_UNIT_MM).toBeCloseTo(1.75 * 25.4, 6)
    expect(RACK_OPENING_MM).toBe(450)
    expect(DRIVE_OUTLINES['3.5']).toEqual({ widthMm: 101.6, lengthMm: 147, heightMm: 26.1 })
    expect(BOARD_OUTLINES.ATX.widthMm).toBeCloseTo(12 * 25.4, 0)
    expect(BOARD_OUTLINES.ATX.depthMm).toBeCloseTo(9.6 * 25.4, 0)
    expect(BOARD_OUTLINES['SSI EEB'].depthMm).toBeCloseTo(13 * 25.4, 0)
    expect(BOARD_OUTLINES['SSI CEB'].depthMm).toBeCloseTo(10.5 * 25.4, 0)
    expect(BOARD_OUTLINES['Mini-ITX'].widthMm).toBeCloseTo(6.7 * 25.4, 0)
  })

  // Source: ATX, microATX and Mini-ITX specifications, from memory. That the smaller patterns are part of
  // the larger one, and stay inside each board, is what makes a small board fit a large case.
  test('holes of a smaller board are holes of a larger one, and lie on the board', () => {
    const { ATX, microATX, 'Mini-ITX': miniItx } = BOARD_HOLES
    expect(ATX).toHaveLength(9)
    expect(miniItx).toHaveLength(4)
    for (const hole of miniItx) {
      expect(ATX).toContainEqual(hole)
      expect(microATX).toContainEqual(hole)
    }
    expect(BOARD_HOLES['SSI CEB']).toEqual(ATX)
    for (const [size, holes] of Object.entries({ ATX, microATX, 'Mini-ITX': miniItx })) {
      const along = holes.map(({ alongMm }) => alongMm)
      const forward = holes.map(({ forwardMm }) => forwardMm)
      const outline = BOARD_OUTLINES[size as keyof typeof BOARD_OUTLINES]
      expect(Math.max(...along) - Math.min(...along)).toBeLessThan(outline.widthMm)
      expect(Math.max(...forward) - Math.min(...forward)).toBeLessThan(outline.depthMm)
    }
    // In inches, as the drawings have them: 4.9 and 11.1 along, 6.1 and 8.95 forward.
    expect(124.46 / 25.4).toBeCloseTo(4.9, 6)
    expect(281.94 / 25.4).toBeCloseTo(11.1, 6)
    expect(154.94 / 25.4).toBeCloseTo(6.1, 6)
    expect(227.33 / 25.4).toBeCloseTo(8.95, 6)
  })

  test('the pattern lies on each board, with its edges as the drawings have them', () => {
    const { alongMm, rearMm, lastColumnMm } = HOLES_FROM_EDGE
    expect(alongMm / 25.4).toBeCloseTo(0.25, 6)
    expect(rearMm / 25.4).toBeCloseTo(0.4, 6)
    for (const [size, holes] of Object.entries(BOARD_HOLES)) {
      const { widthMm, depthMm } = BOARD_OUTLINES[size as keyof typeof BOARD_OUTLINES]
      for (const hole of holes) {
        expect(widthMm - alongMm - (lastColumnMm - hole.alongMm)).toBeGreaterThan(0)
        expect(depthMm - rearMm - hole.forwardMm - hole.withinMm).toBeGreaterThan(0)
      }
    }
    // An ATX board's first column is 0.65 inch from the edge on the side of the cards.
    expect((304.8 - alongMm - lastColumnMm) / 25.4).toBeCloseTo(0.65, 2)
  })

  // Source: SSI EEB specification, from memory, which gives the row at the front only as a band.
  test('an SSI EEB board has the two rear rows of ATX and a front row that is only roughly known', () => {
    const certain = BOARD_HOLES['SSI EEB'].filter(({ withinMm }) => withinMm === 0)
    const rough = BOARD_HOLES['SSI EEB'].filter(({ withinMm }) => withinMm > 0)
    for (const hole of certain) expect(BOARD_HOLES.ATX).toContainEqual(hole)
    expect([certain.length, rough.length]).toEqual([6, 3])
    // Beyond where any ATX board ends, so a case for ATX alone has no standoff there.
    for (const { forwardMm, withinMm } of rough) {
      expect(HOLES_FROM_EDGE.rearMm + forwardMm - withinMm).toBeGreaterThan(
        BOARD_OUTLINES.ATX.depthMm,
      )
    }
  })

  // Source: ATX12V, SFX12V, TFX12V and Flex ATX design guides, M-CRPS, SFF-8551; from memory.
  test('of supplies and wide openings', () => {
    expect(SUPPLY_ENVELOPES.ATX).toEqual({ widthMm: 150, heightMm: 86, usualLengthMm: 140 })
    expect(SUPPLY_ENVELOPES.SFX.heightMm).toBe(63.5)
    expect(SUPPLY_ENVELOPES['SFX-L'].usualLengthMm - SUPPLY_ENVELOPES.SFX.usualLengthMm).toBe(30)
    // Flex and CRPS are made for one rack unit.
    for (const shape of ['Flex', 'CRPS'] as const) {
      expect(SUPPLY_ENVELOPES[shape].heightMm).toBeLessThan(RACK_UNIT_MM)
    }
    expect(OPENING_525.widthMm / 25.4).toBeCloseTo(5.75, 6)
    expect(REAR_SOCKETS.widthMm / 25.4).toBeCloseTo(6.25, 6)
    expect(REAR_SOCKETS.heightMm / 25.4).toBeCloseTo(1.75, 6)
  })

  // Source: Serial ATA and SFF-8482 for contacts, SFF-8087 and SFF-8643 for lanes; from memory.
  test('of plugs', () => {
    const { SATA, SAS } = DRIVE_PLUG_CONTACTS
    expect([SATA.data, SATA.power]).toEqual([7, 15])
    expect(SAS.data + SAS.power).toBe(29)
    expect([SATA.bridged, SAS.bridged]).toEqual([false, true])
    expect(DRIVES_PER_DATA_PLUG['SFF-8087']).toBe(4)
    // Three contacts at 12 V, 1.5 A each.
    expect(AMPS_PER_POWER_PLUG['SATA power']).toBe(3 * 1.5)
  })

  test('of the invented cases keep to them', () => {
    const chassis = demoParts().flatMap(({ sheet }) => (sheet.kind === 'chassis' ? [sheet] : []))
    expect(chassis.length).toBeGreaterThanOrEqual(8)
    for (const { form, widthMm, heightMm, bayBlocks } of chassis) {
      if (form === 'rack') {
        expect(widthMm).toBeLessThanOrEqual(RACK_OPENING_MM)
        expect(heightMm).toBeLessThanOrEqual(Math.ceil(heightMm / RACK_UNIT_MM) * RACK_UNIT_MM)
      }
      for (const block of bayBlocks) {
        expect(block.bayWidthMm).toBeGreaterThanOrEqual(DRIVE_OUTLINES[block.formFactor].widthMm)
      }
    }
  })
})
