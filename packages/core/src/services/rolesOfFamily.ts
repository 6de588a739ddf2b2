import type { FamilyName } from '../design/pools/pools'
import type { ServiceRole } from '../design/services'

/** What beside its drives a pool of each family can use. From memory of the file systems' own documentation. */
export const ROLES_OF_FAMILY: Record<FamilyName, readonly ServiceRole[]> = {
  zfs: ['write log', 'read cache', 'metadata'],
  'dedicated-parity': ['fast tier'],
  'scheduled-parity': ['fast tier'],
  'fixed-stripes': ['read cache'],
  'flexible-chunks': ['read cache'],
  columns: ['fast tier'],
}
