import { demoPart } from '../../fixtures/demo'
import type { DriveSheet } from '../catalogue/kinds/drive'
import { USUAL_DRIVE_BYTES_PER_SECOND } from '../machine/linkRates'
import { driveSurface } from './driveSurface'

const { sheet } = demoPart('quillon-keep-16')
if (sheet.kind !== 'drive') throw new Error('no drive')
const disk: DriveSheet = sheet
const surfaceOf = (change: Partial<DriveSheet>) => driveSurface({ ...disk, ...change })

test('a disk moves half of its outer rate at its inner edge, unless its sheet says what it does', () => {
  expect(surfaceOf({ innerRateBytesPerSecond: null }).innerShare).toBe(0.5)
  expect(
    surfaceOf({ outerRateBytesPerSecond: 200e6, innerRateBytesPerSecond: 90e6 }).innerShare,
  ).toBe(0.45)
  // Inside it is never quicker than outside, and one rate alone says nothing of the other.
  expect(
    surfaceOf({ outerRateBytesPerSecond: 200e6, innerRateBytesPerSecond: 300e6 }).innerShare,
  ).toBe(1)
  expect(
    surfaceOf({ outerRateBytesPerSecond: null, innerRateBytesPerSecond: 90e6 }).innerShare,
  ).toBe(0.5)
})

test('flash is as quick everywhere, and a drive of no known rate as drives usually are', () => {
  expect(surfaceOf({ medium: 'flash' }).innerShare).toBe(1)
  expect(surfaceOf({ outerRateBytesPerSecond: null }).outerBytesPerSecond).toBe(
    USUAL_DRIVE_BYTES_PER_SECOND,
  )
  expect(surfaceOf({})).toMatchObject({
    sizeBytes: disk.capacityBytes,
    jobBytes: disk.capacityBytes,
  })
})
