import type { ChassisSheet } from './kinds/chassis'

/**
 * Whether a case is a tray or a shelf, with nothing over the board nor around it: what its data sheet does not limit
 * has room.
 */
export const isOpenCase = ({ form }: Pick<ChassisSheet, 'form'>): boolean => form === 'open'
