import { z } from 'zod'

const day = z.iso.date()

/**
 * Whether a text is a calendar day as ISO 8601 has it.
 * @example isDay('2026-02-30') // false
 */
export const isDay = (text: string): boolean => day.safeParse(text).success
