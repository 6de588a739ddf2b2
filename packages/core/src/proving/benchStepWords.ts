import { listed, type Words } from '../judging/words'
import type { BenchTask } from './benchSteps'

export interface BenchStepWords {
  /** What is done. */
  title: string
  /** Why, and how one sees that it is done. */
  why: string
  /** What can hurt someone or destroy data; empty for most. */
  caution: string
}

type Told = { [Task in BenchTask as Task['task']]: (task: Task, words: Words) => BenchStepWords }

const told = (title: string, why: string, caution = ''): BenchStepWords => ({ title, why, caution })

/** One entry for each task; what is forgotten here does not compile. */
const TASKS: Told = {
  'label drive': ({ driveId, bayName }, { piece }) =>
    told(
      `Label ${piece(driveId)}${bayName === null ? '' : ` for ${bayName}`}`,
      'Write the end of its serial number where it can be read with the drive in its bay. A drive that fails is named by it.',
    ),
  'firmware of drives': ({ driveIds, wanted }, { model, format }) =>
    told(
      `Look at the firmware of ${format.counted(driveIds.length, 'drive')} ${model(driveIds[0] ?? '')}: version ${wanted}`,
      'It is on the label and in what the drive says of itself; the collected file is held against it.',
      'A flash that is interrupted can leave a drive dead. Do it before there is anything on it, one drive after the other.',
    ),
  'firmware of card': ({ pieceId, wanted }, { piece }) =>
    told(
      `Look at the firmware of ${piece(pieceId)}${wanted === null ? '' : `: version ${wanted}`}`,
      'Note its version and its mode. A card that hides drives behind arrays, or an old version, is easier to change before drives hang on it.',
      'A flash that is interrupted can leave the card dead; follow its maker, on steady power.',
    ),
  'firmware of board': ({ pieceId, version }, { piece, format }) =>
    told(
      `Look at the firmware of ${piece(pieceId)}${version === null ? '' : `: version ${format.number(version)} or newer`}`,
      version === null
        ? 'Note its version, so that a later fault can be told from a known one.'
        : 'The CPU is known to it from that version on.',
    ),
  'fit CPU': ({ pieceId }, { piece }) =>
    told(`Seat ${piece(pieceId)}`, 'Outside the case, with the board on its box.'),
  'fit cooler': ({ pieceId }, { piece }) =>
    told(
      `Mount ${piece(pieceId)}`,
      'Paste, then all screws crosswise; plug its fan into the CPU header.',
    ),
  'fit memory': ({ modules, channels }, { format }) =>
    told(
      `Seat ${format.counted(modules, 'memory module')}`,
      channels === null
        ? 'In the sockets that the board’s manual names for so many.'
        : `The board has ${format.counted(channels, 'channel')}; its manual names the sockets for so many.`,
    ),
  'plug lead': ({ leadName, ends }) =>
    told(
      `Plug ${leadName} into ${listed(ends)}`,
      'Now, as the supply and the drives hide these plugs later. Count them aloud.',
      'Use only the leads that came with this supply. The supply itself stays closed; its inside keeps mains charge.',
    ),
  'fit card': ({ pieceId, place, number, lanes }, { model, format }) =>
    told(
      `Put ${model(pieceId)} into slot ${format.number(number)} of ${place}`,
      `There it gets ${format.counted(lanes, 'lane')}. Screw its bracket down, or it works itself loose.`,
    ),
  'plug cable': ({ from, connectors, to, leastMm }, { format }) =>
    told(
      `Cable from ${from} port ${connectors.join(', ')} to ${listed(to)}`,
      `${leastMm === null ? '' : `At least ${format.number(leastMm)} mm long. `}Label both ends. It clicks in.`,
    ),
  'start without drives': ({ memoryBytes }, { format }) =>
    told(
      'Start once without drives',
      memoryBytes > 0
        ? `The firmware counts ${format.space(memoryBytes)} of memory. What fails now fails without data in the way.`
        : 'What fails now fails without data in the way.',
    ),
  'count cards': ({ cards }, { format }) =>
    told(
      `${format.counted(cards, 'card')} must be listed, each with its lanes`,
      'A card at half its lanes works and is slow for years.',
    ),
  'change password': () =>
    told(
      'Change every default password',
      'Board management, the system, the switch. They are printed in manuals that anybody can read.',
    ),
  'put drive in': ({ driveId, bayName }, { piece }) =>
    told(`Put ${piece(driveId)} into ${bayName}`, 'By its label, not by the order in the box.'),
  'count drives': ({ drives, onBoard }, { format }) =>
    told(
      `${format.counted(drives, 'drive')} must be seen`,
      onBoard > 0 && onBoard < drives
        ? `${format.number(onBoard)} of them hang on the board and not on the card; the list of the card alone misses them.`
        : 'Hold what the machine lists against the plan, by serial number.',
    ),
  'burn in': ({ drives }, { format }) =>
    told(
      `Write and read ${drives === 1 ? 'the drive' : `all ${format.number(drives)} drives`} from end to end`,
      'Drives fail early or late. Note their health before and after.',
      'Writing destroys everything on a drive. Compare its serial number with its label before each command.',
    ),
  'make pool': ({ name }) =>
    told(
      `Make pool ${name}`,
      'With the script of this design, by the ids of the drives.',
      'It destroys what is on the drives that are named in it.',
    ),
  'pull a drive': ({ name }) =>
    told(
      `Pull one drive of pool ${name}, and put it back`,
      'Before data is on it: the alarm comes, the right bay is found, it rebuilds.',
    ),
  'watts and warmth': () =>
    told(
      'Note watts at the wall and the warmest drive, with the cover on',
      'After half an hour in a state that is written down beside them. Later readings are held against these.',
    ),
  'copy against link': () =>
    told(
      'Copy a large file over the network',
      'It should come near the slowest link on its way, as the lens Paths has it.',
    ),
  'second copy': ({ where }) =>
    told(
      where === ''
        ? 'Make the second copy, and read it back'
        : `Read the second copy back: ${where}`,
      'A copy that nobody has read is a hope. Restore one folder from it and compare.',
    ),
  shares: () =>
    told('No share is open to everyone', 'Try it as a guest of the network, and from a phone.'),
  'write down recovery': () =>
    told(
      'Write down how it is brought back',
      'Which drive is where, the layout, the passwords of encrypted pools, where the second copy is. On paper, not on this machine.',
    ),
}

/** A step as a person at the bench reads it. */
export function benchStepWords(task: BenchTask, words: Words): BenchStepWords {
  // Each entry is only ever given tasks of its own.
  const tell = TASKS[task.task] as (task: BenchTask, words: Words) => BenchStepWords
  return tell(task, words)
}
