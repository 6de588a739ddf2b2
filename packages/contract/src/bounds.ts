/** As many parts as one request brings in; a larger file comes in several. */
export const PARTS_PER_REQUEST = 500

/** Attempts without an answer that a save names at most. */
export const MOST_UNANSWERED = 50
