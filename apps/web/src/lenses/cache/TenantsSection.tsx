import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { wantedBytes } from '@flint/core/editing'
import type { Evaluation } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign, selectEvaluation } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './cache.module.css'

/** Which pool holds what, and whether it finds room there. */
export function TenantsSection() {
  const { brief, pools, tenants } = useAppSelector(selectDesign)
  const { capacity, survival } = useAppSelector(selectEvaluation)
  const edit = useEdit()
  if (pools.length === 0) return null
  const homeOf = new Map(tenants.homes.map(({ kind, poolId }) => [kind, poolId]))
  return (
    <section aria-label="Who lives where">
      <h2>
        Who lives where
        <span className="aside">what is placed on a pool has to fit there</span>
      </h2>
      <div className={styles.tables}>
        <table className="lined">
          <thead>
            <tr>
              <th scope="col">Data</th>
              <th scope="col">At the end</th>
              <th scope="col">Lives on</th>
            </tr>
          </thead>
          <tbody>
            {brief.data.map((entry) => (
              <tr key={entry.kind}>
                <th scope="row">{entry.kind}</th>
                <td>
                  {format.space(wantedBytes({ data: [entry], horizonYears: brief.horizonYears }))}
                </td>
                <td className={styles.choice}>
                  <SmallChoice
                    label={`Where ${entry.kind} live`}
                    value={homeOf.get(entry.kind) ?? ''}
                    width={230}
                    inTable
                    options={[
                      { value: '', text: 'wherever there is room' },
                      ...pools
                        .filter(({ id }) => !tenants.scratchPoolIds.includes(id))
                        .map(({ id, name }) => ({ value: id, text: name })),
                    ]}
                    onChange={(poolId) => {
                      edit({
                        do: 'place-data',
                        kind: entry.kind,
                        poolId: poolId === '' ? null : poolId,
                      })
                    }}
                  />
                </td>
              </tr>
            ))}
            {brief.data.length === 0 && (
              <tr>
                <td colSpan={3} className="soft">
                  The brief names no data yet.
                </td>
              </tr>
            )}
          </tbody>
        </table>
        <table className="lined">
          <thead>
            <tr>
              <th scope="col">Pool</th>
              <th scope="col">Placed on it</th>
              <th scope="col">Usable</th>
              <th scope="col">Survives</th>
              <th scope="col">For</th>
            </tr>
          </thead>
          <tbody>
            {pools.map(({ id, name }) => (
              <tr key={id}>
                <th scope="row">{name}</th>
                <td>{placedWords(capacity, id)}</td>
                <td>
                  {format.space(
                    capacity.pools.find(({ poolId }) => poolId === id)?.workingBytes ?? 0,
                  )}
                </td>
                <td>{survivesWords(survival, id)}</td>
                <td className={styles.choice}>
                  <FormControlLabel
                    label="scratch only"
                    control={
                      <Checkbox
                        size="small"
                        checked={tenants.scratchPoolIds.includes(id)}
                        onChange={(_event, isScratch) => {
                          edit({ do: 'use-for-scratch', poolId: id, isScratch })
                        }}
                      />
                    }
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

function placedWords({ housing }: Evaluation['capacity'], poolId: string): string {
  const home = housing.homes.find((one) => one.poolId === poolId)
  if (!home) return 'scratch'
  if (home.wantedBytes === 0) return 'nothing'
  const [wanted] = format.apart(home.wantedBytes, home.workingBytes, format.space, 1)
  return home.wantedBytes > home.workingBytes ? `△ ${wanted}` : wanted
}

function survivesWords({ pools }: Evaluation['survival'], poolId: string): string {
  const survived = pools.find((one) => one.poolId === poolId)?.survival.alwaysSurvived ?? 0
  return survived === 0 ? 'none' : `any ${format.number(survived)}`
}
