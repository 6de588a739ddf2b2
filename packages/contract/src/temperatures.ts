import { IsISO8601, IsNumber, IsString, Max, MaxLength, Min, MinLength } from 'class-validator'

/** Of one request. */
export const TEMPERATURES_PER_REQUEST = 5_000

const LONGEST_NAME = 80
const LEAST_CELSIUS = -100
const MOST_CELSIUS = 200

/** A temperature that something showed at some time. */
export class SendTemperature {
  @IsISO8601({ strict: true }, { message: 'at must be a time as 2026-11-20T18:30:00Z.' })
  @MaxLength(40, { message: 'at must be a time as 2026-11-20T18:30:00Z.' })
  at!: string

  /** Of what. */
  @IsString({ message: 'name must be a text.' })
  @MinLength(1, { message: 'name must not be empty.' })
  @MaxLength(LONGEST_NAME, { message: `name must be at most ${LONGEST_NAME} characters long.` })
  name!: string

  @IsNumber({ allowInfinity: false, allowNaN: false }, { message: 'celsius must be a number.' })
  @Min(LEAST_CELSIUS, { message: `celsius must be at least ${LEAST_CELSIUS}.` })
  @Max(MOST_CELSIUS, { message: `celsius must be at most ${MOST_CELSIUS}.` })
  celsius!: number
}

/** Temperatures of a design over time, so many pieces of each series at most, whatever was kept. */
export interface TemperatureSeries {
  series: {
    name: string
    total: number
    pieces: { at: string; low: number; mean: number; high: number }[]
  }[]
}
