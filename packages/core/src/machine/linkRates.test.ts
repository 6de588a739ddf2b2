import {
  ethernetBytesPerSecond,
  pcieBytesPerSecond,
  sasBytesPerSecond,
  sataBytesPerSecond,
  usbBytesPerSecond,
} from './linkRates'

// Source: PCI Express Base, from memory: 2.5, 5 and 8, 16, 32 GT/s; 8b/10b, then 128b/130b.
test.each([
  [1, (2.5e9 * 8) / 10 / 8, 0.8],
  [2, (5e9 * 8) / 10 / 8, 0.8],
  [3, (8e9 * 128) / 130 / 8, 0.85],
  [4, (16e9 * 128) / 130 / 8, 0.85],
  [5, (32e9 * 128) / 130 / 8, 0.85],
])('a lane of generation %i', (generation, lineCode, packets) => {
  expect(pcieBytesPerSecond(generation, 1) / packets / lineCode).toBeCloseTo(1, 3)
})

// Common practice, no source: 400 MB/s really moved a lane of the second generation, 800 on two.
test('what builders count with', () => {
  expect(pcieBytesPerSecond(2, 1)).toBe(400e6)
  expect(pcieBytesPerSecond(2, 2)).toBe(800e6)
})

// Source: Serial ATA and SAS, from memory: 8b/10b of 1.5, 3, 6 and 12 Gb/s.
test('drive ports', () => {
  const lineCode = [1.5e9, 3e9, 6e9].map((bits) => (bits * 8) / 10 / 8)
  expect([1, 2, 3].map((generation) => sataBytesPerSecond(generation) / 0.92)).toEqual(lineCode)
  // Common practice, no source: a quick SATA SSD is seen to read 545 MB/s and more.
  expect(sataBytesPerSecond(3)).toBeGreaterThan(545e6)
  expect(sataBytesPerSecond(4)).toBe(0)
  expect(sasBytesPerSecond('SFF-8643')).toBe((12e9 * 8) / 10 / 8)
  expect(sasBytesPerSecond('SFF-8087')).toBe((6e9 * 8) / 10 / 8)
})

// Source: USB 3.2, from memory: 5 Gb/s with 8b/10b is 500 MB/s, 10 and 20 Gb/s with 128b/132b are 1,212 and 2,424 MB/s.
test('USB', () => {
  const mb = [5e9, 10e9, 20e9].map((bits) => Math.round(usbBytesPerSecond(bits) / 0.88 / 1e6))
  expect(mb).toEqual([500, 1_212, 2_424])
})

// Source: IEEE 802.3 frame of 1,538 bytes on the wire for 1,460 of payload. Common practice, no source:
// 113 to 114 MB/s seen in a file copy over gigabit, out of 125 on the wire and 312 at 2.5 Gb/s.
test('Ethernet', () => {
  expect(ethernetBytesPerSecond(1e9) / 1e6).toBeCloseTo(118.66, 1)
  expect(ethernetBytesPerSecond(1e9) / (1_460 / 1_538)).toBeCloseTo(125e6, 3)
  expect(ethernetBytesPerSecond(2.5e9) / (1_460 / 1_538)).toBeCloseTo(312.5e6, 3)
})

test('a generation that nobody knows moves nothing', () => {
  expect(pcieBytesPerSecond(9, 4)).toBe(0)
})
