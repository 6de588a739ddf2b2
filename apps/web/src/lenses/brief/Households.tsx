import { type Edit, households, wantedBytes } from '@flint/core/editing'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import trayStyles from '../../tray/tray.module.css'

/** Answers to start from, while the brief says nothing yet of what must fit. */
export function Households() {
  const isOpen = useAppSelector((state) => selectDesign(state).brief.data.length === 0)
  const edit = useEdit()
  const previewOf = usePreview()
  if (!isOpen) return null
  return (
    <section className={trayStyles.section} aria-label="Answers to start from">
      <h2>Start from a household like yours</h2>
      <p className="soft">Every answer can be changed afterwards.</p>
      <ul className={trayStyles.list}>
        {households.map(({ id, title, sentence, brief }) => {
          const apply: Edit = {
            do: 'several',
            what: `start from: ${title}`,
            edits: [{ do: 'change-brief', change: brief }],
          }
          const { data = [], horizonYears = 0 } = brief
          return (
            <li key={id}>
              <button
                type="button"
                data-offer
                data-household={id}
                className={trayStyles.offer}
                {...previewOf(apply)}
                onClick={() => {
                  edit(apply)
                }}
              >
                <span className={trayStyles.title}>{title}</span>
                <span className={trayStyles.right}>
                  {format.space(wantedBytes({ data, horizonYears }), 0)}
                </span>
                <span className={trayStyles.wide}>{sentence}</span>
              </button>
            </li>
          )
        })}
      </ul>
    </section>
  )
}
