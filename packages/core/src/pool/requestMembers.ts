import { z } from 'zod'

/** A question about more drives than this is refused. */
export const MOST_MEMBERS = 1_024

/** Sizes of members; counted before each entry is looked at, so that ten million are refused at once. */
export const requestMembers = z
  .array(z.unknown())
  .max(MOST_MEMBERS)
  .pipe(z.array(z.int().min(0)))
