import { bayName } from '@flint/core/drawing'
import { ROLE_LETTERS } from '@flint/core/editing'
import type { BayUse } from '@flint/core/figures'
import { useDraggable, useDroppable } from '@dnd-kit/core'
import type { KeyboardEvent, MouseEvent, Ref, TouchEventHandler } from 'react'
import { format } from '../controls/locale'
import { dragOfDrive } from './drag'
import { hatchFill, SERVICE_FILL } from './hatches'
import styles from './elevation.module.css'

interface BayProps {
  use: BayUse
  pxPerMm: number
  chosen: boolean
  /** A finding chosen in the tray points at what is in here. */
  pointed: boolean
  carried: boolean
  /** Pulled in thought, or next to lose its pool when it fails too. */
  failure: 'taken as failed' | 'fatal next' | null
  tabIndex: number
  buttonRef: Ref<HTMLButtonElement>
  onClick: (event: MouseEvent) => void
  onKeyDown: (event: KeyboardEvent) => void
  onFocus: () => void
}

/** One bay on the front, to scale: a button, a place to drop on and, when filled, something to drag. */
export function Bay(props: BayProps) {
  const { use, pxPerMm, chosen, pointed, carried, failure, tabIndex, buttonRef } = props
  const { bay, drive } = use
  const { setNodeRef: setDropRef, isOver } = useDroppable({ id: bay.id })
  const {
    setNodeRef: setDragRef,
    listeners,
    isDragging,
  } = useDraggable({
    id: `drive-in-${bay.id}`,
    disabled: !drive,
    data: drive ? dragOfDrive(drive.part.id, drive.sheet) : {},
  })
  const upright = bay.heightMm > bay.widthMm
  const classes = [
    styles.bay,
    !drive && styles.empty,
    chosen && styles.chosen,
    pointed && styles.pointed,
    isOver && styles.over,
    (isDragging || carried) && styles.carried,
    upright && styles.upright,
    failure === 'taken as failed' && styles.pulled,
    failure === 'fatal next' && styles.fatal,
  ]
  return (
    <button
      ref={(node) => {
        setDropRef(node)
        setDragRef(node)
        if (typeof buttonRef === 'function') buttonRef(node)
      }}
      type="button"
      role="gridcell"
      aria-label={failure ? `${bayLabel(use)}, ${failure}` : bayLabel(use)}
      aria-selected={chosen}
      tabIndex={tabIndex}
      data-bay={bay.id}
      data-over={isOver || undefined}
      className={classes.filter(Boolean).join(' ')}
      style={{
        left: bay.leftMm * pxPerMm,
        top: bay.topMm * pxPerMm,
        width: bay.widthMm * pxPerMm,
        height: bay.heightMm * pxPerMm,
      }}
      onClick={props.onClick}
      onKeyDown={props.onKeyDown}
      onFocus={props.onFocus}
      onMouseDown={(event) => {
        // With Shift held the drawing chooses bays by a rectangle instead of moving a drive.
        if (!event.shiftKey) listeners?.onMouseDown?.(event)
      }}
      onTouchStart={listeners?.onTouchStart as TouchEventHandler | undefined}
    >
      <BayWords use={use} />
      {failure === 'taken as failed' && (
        <svg
          className={styles.cross}
          aria-hidden="true"
          preserveAspectRatio="none"
          viewBox="0 0 10 10"
        >
          <path d="M0 0 10 10M10 0 0 10" vectorEffect="non-scaling-stroke" />
        </svg>
      )}
    </button>
  )
}

function BayWords({ use: { bay, drive } }: { use: BayUse }) {
  if (!drive) {
    return (
      <span className={styles.content}>
        <span className={styles.words}>
          <span className={styles.detail}>bay {bay.number}, empty</span>
        </span>
      </span>
    )
  }
  const { member, sheet, part, roles } = drive
  return (
    <span className={styles.content}>
      {member && (
        <svg className={styles.hatch} aria-hidden="true">
          <rect width="100%" height="100%" fill={hatchFill(member.lettered.index)} />
        </svg>
      )}
      {!member && roles.length > 0 && (
        <svg className={styles.hatch} aria-hidden="true">
          <rect width="100%" height="100%" fill={SERVICE_FILL} />
        </svg>
      )}
      <span className={styles.words}>
        <span className={styles.line}>
          <span className={styles.name}>
            {member
              ? `${member.lettered.letter}${member.number}`
              : roles.map((role) => ROLE_LETTERS[role]).join('') || '–'}
          </span>
          <span className={styles.detail}>bay {bay.number}</span>
          <span className={styles.size}>{format.drive(sheet.capacityBytes)}</span>
        </span>
        <span className={styles.line}>
          <span className={styles.detail}>
            {part.ageYears ? `${sheet.model}, ${format.number(part.ageYears, 1)} y` : sheet.model}
          </span>
          <span className={styles.mono}>{part.label}</span>
        </span>
      </span>
    </span>
  )
}

/** The bay as a screen reader says it: "bay 3, row 1 of 3, column 3 of 4, 12 TB drive, group B". */
export function bayLabel({ bay, drive }: BayUse): string {
  if (!drive) return `${bayName(bay)}, empty`
  const { sheet, member, part, roles } = drive
  const what = `${format.drive(sheet.capacityBytes)} ${sheet.medium === 'flash' ? 'flash drive' : 'drive'}`
  const group = member
    ? `group ${member.lettered.letter}, member ${member.number}`
    : roles.length > 0
      ? `serves as ${roles.join(' and ')}`
      : 'in no group'
  const age = part.ageYears ? [`${format.number(part.ageYears, 1)} years old`] : []
  return [bayName(bay), what, ...age, group].join(', ')
}
