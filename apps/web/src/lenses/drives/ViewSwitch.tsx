import styles from './drives.module.css'

/** What the lens shows: the bays from the front, the machine with its cover off, or all that the drives could be. */
export type DrivesView = 'front' | 'plan' | 'candidates'

interface ViewSwitchProps {
  view: DrivesView
  /** What the plan is called: from above, or from the side. */
  planTitle: string
  onView: (view: DrivesView) => void
}

export function ViewSwitch({ view, planTitle, onView }: ViewSwitchProps) {
  const views: readonly (readonly [DrivesView, string])[] = [
    ['front', 'Front'],
    ['plan', `${planTitle}, and rear`],
    ['candidates', 'What could these drives be?'],
  ]
  return (
    <span className={styles.views}>
      {views.map(([one, title]) => (
        <button
          key={one}
          type="button"
          aria-pressed={view === one}
          onClick={() => {
            onView(one)
          }}
        >
          {title}
        </button>
      ))}
    </span>
  )
}
