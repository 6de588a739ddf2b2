import type { Cause } from '@flint/core/figures'

/** What to look at, for each likely cause. */
export const CAUSE_WORDS: Record<Cause, string> = {
  'kept awake':
    'A device without link power management may keep the CPU awake: take cards, M.2 and USB devices out one by one.',
  'disks not asleep': 'Something may keep the disks spinning: logs, a dashboard, an indexer.',
  'supply at low load': 'The supply may be worse than expected so far below its rating.',
  'settled too soon': 'The system may still have been at work: wait half an hour after it started.',
  peripherals: 'Keyboard, screen, stick or a second network plug may have been in.',
  'board extras':
    'What the board has and nobody needs may be on: sound, serial ports, a second network chip.',
  'firmware menus':
    'The meter may have been read while the firmware menus were open, where nothing sleeps.',
  'asleep meanwhile':
    'Disks may have slept, or the machine may have been off, for part of the time.',
  'parts not fitted yet': 'Parts of the design may not be in the machine yet.',
}
