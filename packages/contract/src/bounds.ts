/** As many parts as one request brings in; a larger file comes in several. */
export const PARTS_PER_REQUEST = 500

/** Revisions, versions set aside and removed designs of one answer; older ones are asked for apart. */
export const ENTRIES_PER_PAGE = 100

/**
 * Attempts without an answer that a save names at most. A state of a design that is sent again is the same attempt,
 * so these are as many changes made while there was no answer: half an hour of them without a pause.
 */
export const MOST_UNANSWERED = 1_000

/** Length of what was done in a revision. */
export const LONGEST_WHAT = 300

/** Designs of one page of the shelf. */
export const DESIGNS_PER_PAGE = 50

/** Days after which a removed thing is offered to be deleted for good. */
export const DAYS_IN_BIN = 30

/** Length of a password, after NIST SP 800-63B (2024): at least 8, and long ones are taken. */
export const SHORTEST_PASSWORD = 8
export const LONGEST_PASSWORD = 200
export const LONGEST_PERSON_NAME = 60

/** Days that a link to a design can be made for. */
export const LONGEST_LINK_DAYS = 365
