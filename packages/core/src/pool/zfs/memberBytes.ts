import { KIB, MIB } from '../../units/bytes'
import { floorDivide } from '../../units/floorDivide'

/** ZFS refuses a device below this size (SPA_MINDEVSIZE). */
export const SMALLEST_MEMBER_BYTES = 64 * MIB

const LABEL_BYTES = 256 * KIB
/** Two labels in front, two behind, and 3.5 MiB of boot area: 4.5 MiB. */
const LABELS_AND_BOOT_BYTES = 4 * LABEL_BYTES + 3.5 * MIB

/**
 * What a member of a vdev can hold once its labels and boot area are written.
 *
 * @param deviceBytes bytes of the device or partition handed to the vdev
 * @returns bytes, a multiple of 256 KiB short of the labels
 * Source: OpenZFS 2.1.11, vdev_open and vdev_get_min_asize.
 * @example memberBytes(16000890175488) // 16000885456896
 */
export function memberBytes(deviceBytes: number): number {
  return floorDivide(deviceBytes, LABEL_BYTES) * LABEL_BYTES - LABELS_AND_BOOT_BYTES
}
