import {
  cardsOf,
  conflictOfCards,
  type DesignDocument,
  dropPins,
  fittedOne,
  keepMembers,
  pinCard,
  type Placement,
  type Scenario,
  type ScenarioChoice,
  takesEdge,
} from '@flint/core'
import { say } from '../../controls/locale'
import { selectCardLoads, selectDocument, selectPlacements } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import tray from '../../tray/tray.module.css'
import { tradeWords } from './tradeWords'
import styles from './paths.module.css'
import { Widenings } from './Widenings'

interface PathsTrayProps {
  scenario: Scenario
  choice: ScenarioChoice
}

/** Where the cards go, the next ways with what each trades, how cables are dealt out, what would widen it. */
export function PathsTray({ scenario, choice }: PathsTrayProps) {
  return (
    <>
      <CardSlots />
      <MembersChoice />
      <Widenings scenario={scenario} choice={choice} />
      <Findings />
    </>
  )
}

function CardSlots() {
  const document = useAppSelector(selectDocument)
  const [best, ...others] = useAppSelector(selectPlacements)
  const edit = useEdit()
  const preview = usePreview()
  const nameOf = (id: string): string =>
    cardsOf(document).find(({ part }) => part.id === id)?.sheet.model ?? id
  const conflict = conflictOfCards(document)
  return (
    <section className={tray.section}>
      <h2>Where the cards go</h2>
      {!best && (
        <p className="soft">
          No board, or its slots are not known, so cards have no place and no rate.
        </p>
      )}
      {best?.placed.length === 0 && <p className="soft">No card wants a slot.</p>}
      {cardsOf(document).map(({ part }) => best && <CardSlot key={part.id} cardId={part.id} />)}
      {conflict.length > 0 && (
        <p>
          △ {conflict.map(nameOf).join(', ')}: these cannot all be placed. Leave one of them out, or
          take a board with more slots.
        </p>
      )}
      {best && others.length > 0 && (
        <>
          <h3>Other ways</h3>
          <ul className={tray.list}>
            {others.map((other) => {
              const apply = (before: DesignDocument): DesignDocument =>
                other.placed.reduce(
                  (design, { cardId, slot }) => pinCard(design, cardId, slot + 1),
                  before,
                )
              return (
                <li key={other.placed.map(({ cardId, slot }) => `${cardId} ${slot}`).join()}>
                  <button
                    type="button"
                    className={tray.offer}
                    {...preview(apply)}
                    onClick={() => {
                      edit('place the cards another way', apply)
                    }}
                  >
                    <span className={tray.wide}>{placedWords(best, other, nameOf)}</span>
                    <span className={tray.wide}>{tradeWords(best, other)}</span>
                  </button>
                </li>
              )
            })}
          </ul>
        </>
      )}
    </section>
  )
}

/** Only the cards that go elsewhere than in the best way. */
function placedWords(best: Placement, other: Placement, nameOf: (id: string) => string): string {
  const moved = other.placed.filter(
    ({ cardId, slot }) => !best.placed.some((one) => one.cardId === cardId && one.slot === slot),
  )
  return moved.map(({ cardId, slot }) => `${nameOf(cardId)} in slot ${slot + 1}`).join(', ')
}

/** The slot of one card, what it gives, and a choice to fix it. */
function CardSlot({ cardId }: { cardId: string }) {
  const document = useAppSelector(selectDocument)
  const loads = useAppSelector(selectCardLoads)
  const edit = useEdit()
  const card = cardsOf(document).find(({ part }) => part.id === cardId)
  const slots = fittedOne(document, 'board')?.sheet.slots ?? []
  const at = loads.find((one) => one.cardId === cardId)
  const pin = document.paths.cardPins.find((one) => one.cardId === cardId)
  if (!card) return null
  return (
    <div className={styles.card}>
      <label>
        {card.sheet.model}{' '}
        <select
          value={pin?.slot ?? ''}
          onChange={({ target }) => {
            edit('choose the slot of a card', (before) =>
              pinCard(before, cardId, target.value ? Number(target.value) : null),
            )
          }}
        >
          <option value="">{at ? `slot ${at.slot + 1}, goes best` : 'no slot'}</option>
          {slots.map(
            (slot, index) =>
              takesEdge(slot, { lanes: card.sheet.lanes ?? 1 }) && (
                <option key={index} value={index + 1}>
                  slot {index + 1}, fixed
                </option>
              ),
          )}
        </select>
      </label>
      {at && (
        <p className="soft">
          ×{at.lanes} of generation {at.pcieGeneration},{' '}
          <span className="figure">{say.rate(at.bytesPerSecond)}</span>
          {at.shortBytesPerSecond > 0 && `, △ ${say.rate(at.shortBytesPerSecond)} short`}
        </p>
      )}
    </div>
  )
}

/** Whether members of a group go on different cables, controllers and leads. */
function MembersChoice() {
  const { paths } = useAppSelector(selectDocument)
  const edit = useEdit()
  const pins = paths.cardPins.length + paths.portPins.length + paths.leadPins.length
  return (
    <section className={tray.section}>
      <h2>Members of a group</h2>
      <div className={styles.members}>
        {(
          [
            ['spread', 'apart, where that helps to survive a part'],
            ['together', 'together on one controller and lead'],
          ] as const
        ).map(([members, words]) => (
          <label key={members}>
            <input
              type="radio"
              name="members"
              checked={paths.members === members}
              onChange={() => {
                edit('say how members are wired', (before) => keepMembers(before, members))
              }}
            />{' '}
            {words}
          </label>
        ))}
      </div>
      {pins > 0 && (
        <p>
          {say.counted(pins, 'place is', 'places are')} fixed by you.{' '}
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit('let go of fixed places', dropPins)
            }}
          >
            Let all be worked out
          </button>
        </p>
      )}
    </section>
  )
}
