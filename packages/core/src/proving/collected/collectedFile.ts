import { z } from 'zod'

export const COLLECTED_FORMAT = 'flint-shelf/collected'
export const COLLECTED_VERSION = 1

/** One tool's answer may be long: a server with a hundred drives has some megabytes of SMART. */
const MOST_TEXT = 4_000_000
const text = z.string().max(MOST_TEXT).default('')

/**
 * What a machine says of itself: the answers of its tools, word for word, as `tools/flint-collect.sh` gathers them.
 * Fields that are not known stay in it and are not looked at.
 */
export const collectedFile = z.looseObject({
  format: z.literal(COLLECTED_FORMAT),
  version: z.literal(COLLECTED_VERSION),
  /** When it was gathered. */
  at: z.iso.datetime({ offset: true }),
  /** Whether no machine said it, but the stand-in that ships with the application. */
  simulated: z.boolean().default(false),
  files: z.looseObject({
    /** `lsblk -J -b -o NAME,SIZE,MODEL,SERIAL,ROTA,TRAN,WWN,FSTYPE,LABEL` */
    lsblk: text,
    /** `smartctl -j -a` of each drive. */
    smart: z.array(z.string().max(MOST_TEXT)).max(1_024).default([]),
    /** `zpool status` */
    zpool: text,
    /** `zpool list -H -p -o name,size,allocated`: bytes, between tabs. */
    space: text,
    /** `/proc/mdstat` */
    mdstat: text,
    /** `lspci -vmm` */
    lspci: text,
    /** A line for each PCI device with a link: slot, speed now, width now, most speed, most width. */
    links: text,
    /** `dmidecode -t memory` */
    memory: text,
  }),
})
export type CollectedFile = z.infer<typeof collectedFile>
