import { reminders } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { saveFile } from '../../controls/saveFile'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import { REMINDER_WORDS } from './logWords'

/** What is to be done again and again, and the same for a calendar. */
export function Reminders() {
  const design = useAppSelector(selectDesign)
  const list = reminders(design)
  const save = async (): Promise<void> => {
    // The package is read when a calendar is wanted, and not before.
    const { reminderCalendar } = await import('./reminderCalendar')
    saveFile(
      `${design.name} reminders.ics`,
      'text/calendar',
      reminderCalendar(design.name, list, new Date()),
    )
  }
  return (
    <section className={tray.section} aria-label="Reminders">
      <h2>To do again and again</h2>
      <ul className={tray.list}>
        {list.map(({ reminder, everyDays }) => (
          <li key={reminder}>
            <strong>{REMINDER_WORDS[reminder].title}</strong>, every{' '}
            {format.counted(everyDays, 'day')}
            <p className="soft">{REMINDER_WORDS[reminder].why}</p>
          </li>
        ))}
      </ul>
      <button type="button" className="plain-button" onClick={() => void save()}>
        Save for a calendar
      </button>
    </section>
  )
}
