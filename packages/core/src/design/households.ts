import { TB } from '../units/bytes'
import type { Brief } from './brief'

export interface Household {
  id: string
  title: string
  /** Who that is, in one sentence. */
  sentence: string
  brief: Partial<Brief>
}

/**
 * Answers to start from, for three households as they often are. Common practice, no source: every
 * number is there to be changed.
 */
export const households: readonly Household[] = [
  {
    id: 'living-room',
    title: 'Family in a flat',
    sentence: 'Films, photos and the backups of four laptops, on a shelf people sit beside.',
    brief: {
      data: [
        { kind: 'media', nowBytes: 5 * TB, growthBytesPerYear: TB, fileBytes: 4_000_000_000 },
        { kind: 'backups', nowBytes: 2 * TB, growthBytesPerYear: TB / 2, fileBytes: 500_000_000 },
      ],
      horizonYears: 4,
      readersAtOnce: 3,
      readerBytesPerSecond: 5_000_000,
      idleWattsLimit: 36,
      costLimitMinor: 120_000,
      laterMinorPerYear: 15_000,
      failuresWanted: 1,
      outageHoursTolerated: 72,
      lossHoursTolerated: 24,
      roomCelsius: 24,
      noiseLimitDecibels: 32,
      freeBaysWanted: 0,
    },
  },
  {
    id: 'studio',
    title: 'Studio of one',
    sentence: 'Video projects of about 100 GB each, edited over the network, kept for years.',
    brief: {
      data: [
        {
          kind: 'projects',
          nowBytes: 12 * TB,
          growthBytesPerYear: 6 * TB,
          fileBytes: 2_000_000_000,
        },
        { kind: 'backups', nowBytes: TB, growthBytesPerYear: TB / 4, fileBytes: 500_000_000 },
      ],
      horizonYears: 3,
      readersAtOnce: 2,
      readerBytesPerSecond: 250_000_000,
      idleWattsLimit: 70,
      costLimitMinor: 300_000,
      laterMinorPerYear: 60_000,
      failuresWanted: 2,
      outageHoursTolerated: 8,
      lossHoursTolerated: 4,
      roomCelsius: 26,
      noiseLimitDecibels: 38,
      freeBaysWanted: 1,
      freeSlotsWanted: 1,
    },
  },
  {
    id: 'cellar-lab',
    title: 'Lab in the cellar',
    sentence: 'Virtual machines, containers and everybody’s backups, in a rack behind a door.',
    brief: {
      data: [
        {
          kind: 'machine images',
          nowBytes: 2 * TB,
          growthBytesPerYear: TB,
          fileBytes: 40_000_000_000,
        },
        { kind: 'backups', nowBytes: 8 * TB, growthBytesPerYear: 2 * TB, fileBytes: 500_000_000 },
        { kind: 'media', nowBytes: 10 * TB, growthBytesPerYear: 2 * TB, fileBytes: 4_000_000_000 },
      ],
      horizonYears: 3,
      readersAtOnce: 6,
      readerBytesPerSecond: 30_000_000,
      idleWattsLimit: 110,
      costLimitMinor: 250_000,
      laterMinorPerYear: 50_000,
      failuresWanted: 2,
      outageHoursTolerated: 24,
      lossHoursTolerated: 24,
      roomCelsius: 20,
      noiseLimitDecibels: null,
      freeBaysWanted: 1,
      freeSlotsWanted: 1,
    },
  },
]
