import { LINK_HEADER } from '@flint/contract'
import {
  type BaseQueryFn,
  type FetchArgs,
  fetchBaseQuery,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react'
import { linkKey } from './linkKey'
import { signedOut } from './signedOut'

const plainly = fetchBaseQuery({
  baseUrl: '/api',
  timeout: 15_000,
  prepareHeaders: (headers) => {
    const key = linkKey()
    if (key !== null) headers.set(LINK_HEADER, key)
    return headers
  },
})

/** Asks the server; an answer that one has to sign in first is told to whoever shows the door. */
export const ask: BaseQueryFn<string | FetchArgs, unknown, FetchBaseQueryError> = async (
  args,
  api,
  options,
) => {
  const result = await plainly(args, api, options)
  if (result.error?.status === 401) api.dispatch(signedOut())
  return result
}
