import { readSheetText } from './readSheetText'

test('a drive as makers write it', () => {
  const { texts, left } = readSheetText(
    'drive',
    `Model: Long Keeper 12
Capacity\t12 TB
Form factor: 3.5"
Rotational speed    7200 rpm
Sustained transfer rate (OD): 250 MB/s
Operating power: 6.8 W
Idle power | 5,1 W
Standby/Sleep: 0.9 W / 0.9 W
Acoustics (idle): 26 dB(A)
Weight = 0.69 kg
Warranty: 5 years
A nice drive`,
  )
  expect(texts).toEqual({
    model: 'Long Keeper 12',
    capacityBytes: '12000000000000',
    formFactor: '3.5',
    rpm: '7200',
    outerRateBytesPerSecond: '250000000',
    readingWatts: '6.8',
    idleWatts: '5.1',
    standbyWatts: '0.9',
    noiseDecibels: '26',
    weightGrams: '690',
  })
  expect(left).toEqual(['Warranty: 5 years', 'A nice drive'])
})

test('a case in centimetres, and a board', () => {
  expect(readSheetText('chassis', 'Width: 21 cm\nHeight: 45,5 cm\nDepth: 430').texts).toEqual({
    widthMm: '210',
    heightMm: '455',
    depthMm: '430',
  })
  expect(
    readSheetText('board', 'Form factor: microATX\nCPU socket: V4\nDIMM slots: 4\nSATA ports: 6')
      .texts,
  ).toEqual({ size: 'microATX', socket: 'V4', memorySlots: '4', sataPorts: '6' })
})

test('a choice is a word by itself', () => {
  expect(readSheetText('board', 'Form factor: E-ATX').texts).toEqual({})
  expect(readSheetText('board', 'Form factor: E-ATX, also ATX').texts).toEqual({ size: 'ATX' })
  expect(readSheetText('board', 'Form factor: ATX (305 × 244 mm)').texts).toEqual({ size: 'ATX' })
  expect(readSheetText('supply', 'Efficiency: 80 gold, 230 V').texts).toEqual({
    certificate: 'gold',
  })
})

test('what is written twice, of another kind or empty is told back', () => {
  const { texts, left } = readSheetText(
    'chassis',
    'Depth: 430 mm\nDepth: 440 mm\nWidth: 3 kg\nHeight:',
  )
  expect(texts).toEqual({ depthMm: '430' })
  expect(left).toEqual(['Depth: 440 mm', 'Width: 3 kg', 'Height:'])
  expect(readSheetText('chassis', '')).toEqual({ texts: {}, left: [] })
})
