/** As many parts as one request brings in; a larger file comes in several. */
export const PARTS_PER_REQUEST = 500

/** Revisions, versions set aside and removed designs of one answer; older ones are asked for apart. */
export const ENTRIES_PER_PAGE = 100

/** Attempts without an answer that a save names at most. */
export const MOST_UNANSWERED = 50
