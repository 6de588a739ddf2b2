import { untilAlone } from '../../tests/support/testDatabase'
import { House } from './house'
import { keepPristine } from './pristine'

/** Once before all tests: a database with its tables and the demo, of which every house gets a copy. */
export default async function makeTemplate(): Promise<void> {
  const house = await House.open()
  await house.kill()
  await keepPristine(house.database)
  await untilAlone(house.database)
  process.env.FLINT_TEMPLATE = house.database
}
