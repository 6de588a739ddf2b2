import type { ServiceRole } from '@flint/core/editing'

/** What each role is, for who meets it for the first time. */
export const ROLE_WORDS: Record<ServiceRole, string> = {
  system: 'The system itself: small, and best kept out of the bays that people pull drives from.',
  'write log':
    'Takes in what waits for the disk, so that the pool need not answer at once. Of use to images of machines and databases; file shares mostly do not wait.',
  'read cache':
    'Second copy of what is read again and again. More memory helps first; a read cache takes memory for its records.',
  metadata:
    'Names, folders and small blocks of the pool, which is lost with them: as many devices as the pool survives failures, and one more.',
  'fast tier':
    'New files go here first and are moved to the drives later, so that these may sleep.',
}
