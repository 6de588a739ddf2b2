/** Why something lies idle in the families that want equal members. */
export const SMALLEST_COUNTS = 'every drive counts as the smallest'
