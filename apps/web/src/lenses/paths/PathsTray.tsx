import { type Edit, type SingleEdit, pinCount } from '@flint/core/editing'
import {
  allNeeds,
  laneBudget,
  type PlaceChoice,
  placeChoices,
  type PlacedDevice,
  type Placement,
  pieceOf,
  type Scenario,
  type ScenarioChoice,
} from '@flint/core/figures'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import {
  selectCardLoads,
  selectDesign,
  selectMachine,
  selectOtherPlacements,
} from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import tray from '../../tray/tray.module.css'
import { laneWords } from './laneWords'
import { tradeWords } from './tradeWords'
import styles from './paths.module.css'
import { SpeedUps } from './SpeedUps'

interface PathsTrayProps {
  scenario: Scenario
  choice: ScenarioChoice
}

/** Where the cards go, the next ways with what each trades, how cables are dealt out, what would make it faster. */
export function PathsTray({ scenario, choice }: PathsTrayProps) {
  return (
    <>
      <CardSlots />
      <MembersChoice />
      <SpeedUps scenario={scenario} choice={choice} />
      <Findings />
    </>
  )
}

function CardSlots() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const others = useAppSelector(selectOtherPlacements)
  const edit = useEdit()
  const preview = usePreview()
  const nameOf = (id: string): string => machine.pieces.get(id)?.dataSheet.model ?? id
  const conflict = allNeeds(machine.unplaced).find(
    ({ conflictIds }) => conflictIds.length > 0,
  )?.conflictIds
  const wanting = placeChoices(machine)
  const hasBoard = pieceOf(machine, 'board') !== undefined
  const budget = laneBudget(machine)
  const lanes = budget ? laneWords(budget) : ''
  return (
    <section className={tray.section}>
      <h2>Where cards and M.2 devices go</h2>
      {!hasBoard && <p className="soft">No board yet, so nothing has a place or a rate.</p>}
      {hasBoard && wanting.length === 0 && (
        <p className="soft">Nothing wants a slot or a socket.</p>
      )}
      {hasBoard && wanting.map((one) => <PlaceOf key={one.pieceId} {...one} />)}
      {lanes !== '' && <p className="soft">Lanes of the CPU: {lanes}.</p>}
      {conflict && (
        <p>
          △ {conflict.map(nameOf).join(', ')}: these cannot all be placed. Leave one of them out, or
          take a board with more room for them.
        </p>
      )}
      {others.length > 0 && (
        <>
          <h3>Other ways</h3>
          <ul className={tray.list}>
            {others.map((other) => {
              const apply = placeAll(other)
              return (
                <li key={other.placed.map(({ root }) => `${root.kind} ${root.number}`).join()}>
                  <button
                    type="button"
                    className={tray.offer}
                    {...preview(apply)}
                    onClick={() => {
                      edit(apply)
                    }}
                  >
                    <span className={tray.wide}>
                      {placedWords(machine.placement, other, nameOf)}
                    </span>
                    <span className={tray.wide}>{tradeWords(machine.placement, other)}</span>
                  </button>
                </li>
              )
            })}
          </ul>
        </>
      )}
      {design.paths.cardPins.length + design.paths.m2Pins.length > 0 && !machine.placePinsKept && (
        <p>△ What you have set cannot all be kept, so everything is placed automatically.</p>
      )}
    </section>
  )
}

/** Pins of cards count slots, those of M.2 devices sockets; both of the board. */
const pinTo = (kind: 'slot' | 'M.2', pieceId: string, number: number | null): SingleEdit =>
  kind === 'slot'
    ? { do: 'pin-card', cardId: pieceId, slot: number }
    : { do: 'pin-m2', deviceId: pieceId, socket: number }

const placeAll = ({ placed }: Placement): Edit => ({
  do: 'several',
  what: 'place the cards another way',
  edits: placed.map(({ pieceId, root }) => pinTo(root.kind, pieceId, root.number)),
})

/** Only what goes elsewhere than in the best way. */
function placedWords(best: Placement, other: Placement, nameOf: (id: string) => string): string {
  const moved = other.placed.filter(
    ({ pieceId, root }) =>
      !best.placed.some(
        (one) =>
          one.pieceId === pieceId && one.root.kind === root.kind && one.root.number === root.number,
      ),
  )
  return moved
    .map(({ pieceId, root }) => `${nameOf(pieceId)} in ${root.kind} ${root.number}`)
    .join(', ')
}

/** The place of one card or device, what it gives, and a choice to set it. */
function PlaceOf({ pieceId, kind, numbers }: PlaceChoice) {
  const machine = useAppSelector(selectMachine)
  const { paths } = useAppSelector(selectDesign)
  const loads = useAppSelector(selectCardLoads)
  const edit = useEdit()
  const model = machine.pieces.get(pieceId)?.dataSheet.model ?? pieceId
  const at = loads.find((one) => one.pieceId === pieceId)
  const pin =
    paths.cardPins.find(({ cardId }) => cardId === pieceId)?.slot ??
    paths.m2Pins.find(({ deviceId }) => deviceId === pieceId)?.socket
  const name = kind === 'slot' ? 'slot' : 'M.2 socket'
  return (
    <div className={styles.card}>
      <SmallChoice
        // The place first, so that two equal cards are told apart.
        label={at ? `${placeName(at.root)} · ${model}` : model}
        width="100%"
        value={String(pin ?? '')}
        options={[
          { value: '', text: at ? `automatic (${placeName(at.root)})` : `no ${name}` },
          ...numbers.map((number) => ({
            value: String(number),
            text: `${name} ${format.number(number)}, set by you`,
          })),
        ]}
        onChange={(value) => {
          edit(pinTo(kind, pieceId, value ? Number(value) : null))
        }}
      />
      {at && (
        <p className="soft">
          {at.bus === 'PCI'
            ? 'plain PCI, shared by all slots of it'
            : `×${at.lanes} of generation ${at.pcieGeneration}`}
          , <span className="figure">{format.rate(at.bytesPerSecond)}</span>
          {at.shortBytesPerSecond > 0 && `, △ ${format.rate(at.shortBytesPerSecond)} short`}
        </p>
      )}
    </div>
  )
}

const placeName = ({ kind, number }: PlacedDevice['root']): string =>
  `${kind === 'slot' ? 'slot' : 'M.2 socket'} ${number}`

/** Whether members of a group go on different cables, controllers and leads. */
function MembersChoice() {
  const { paths } = useAppSelector(selectDesign)
  const edit = useEdit()
  const pins = pinCount(paths)
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
                edit({ do: 'keep-members', members })
              }}
            />{' '}
            {words}
          </label>
        ))}
      </div>
      {pins > 0 && (
        <p>
          {format.counted(pins, 'place is', 'places are')} set by you.{' '}
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit({ do: 'drop-all-pins' })
            }}
          >
            Let all be worked out
          </button>
        </p>
      )}
    </section>
  )
}
