import type {
  Account,
  ApiToken,
  ChangeAccount,
  ChangeEntry,
  ChangePassword,
  MadeSecret,
  MakeAccount,
  MakeFirstAccount,
  MakeToken,
  Session,
  ShareDesign,
  Sharing,
  SignIn,
} from '@flint/contract'
import { api, TAGS } from './api'

/** What a request says, without being one of the classes that the server reads it with. */
type Body<Request> = Omit<Request, never>

/** What is asked about people: who one is, accounts, tokens, sharing, changes. */
export const peopleApi = api.injectEndpoints({
  endpoints: (build) => ({
    session: build.query<Session, void>({ query: () => '/session', providesTags: ['Session'] }),
    signIn: build.mutation<Session, Body<SignIn>>({
      query: (body) => ({ url: '/session', method: 'POST', body }),
      invalidatesTags: (session) => (session ? TAGS : []),
    }),
    signOut: build.mutation<void, void>({
      query: () => ({ url: '/session', method: 'DELETE', body: {} }),
      invalidatesTags: ['Session'],
    }),
    makeFirstAccount: build.mutation<Session, Body<MakeFirstAccount>>({
      query: (body) => ({ url: '/accounts/first', method: 'POST', body }),
      invalidatesTags: (session) => (session ? TAGS : []),
    }),
    accounts: build.query<Account[], void>({ query: () => '/accounts', providesTags: ['People'] }),
    makeAccount: build.mutation<Account, Body<MakeAccount>>({
      query: (body) => ({ url: '/accounts', method: 'POST', body }),
      invalidatesTags: ['People'],
    }),
    changeAccount: build.mutation<Account, { id: string } & Body<ChangeAccount>>({
      query: ({ id, ...body }) => ({ url: `/accounts/${id}`, method: 'PUT', body }),
      invalidatesTags: ['People', 'Session'],
    }),
    changePassword: build.mutation<void, Body<ChangePassword>>({
      query: (body) => ({ url: '/account/password', method: 'PUT', body }),
    }),
    tokens: build.query<ApiToken[], void>({
      query: () => '/account/tokens',
      providesTags: ['People'],
    }),
    makeToken: build.mutation<MadeSecret, Body<MakeToken>>({
      query: (body) => ({ url: '/account/tokens', method: 'POST', body }),
      invalidatesTags: ['People'],
    }),
    removeToken: build.mutation<void, string>({
      query: (id) => ({ url: `/account/tokens/${id}`, method: 'DELETE', body: {} }),
      invalidatesTags: ['People'],
    }),
    changes: build.query<ChangeEntry[], { before?: string }>({
      query: (params) => ({ url: '/changes', params }),
      providesTags: ['People'],
    }),
    sharing: build.query<Sharing, string>({
      query: (id) => `/designs/${id}/sharing`,
      providesTags: ['Sharing'],
    }),
    shareDesign: build.mutation<Sharing, { id: string } & Body<ShareDesign>>({
      query: ({ id, ...body }) => ({ url: `/designs/${id}/sharing`, method: 'PUT', body }),
      invalidatesTags: ['Sharing'],
    }),
    makeLink: build.mutation<MadeSecret, { id: string; days: number }>({
      query: ({ id, days }) => ({ url: `/designs/${id}/links`, method: 'POST', body: { days } }),
      invalidatesTags: ['Sharing'],
    }),
    removeLink: build.mutation<void, { id: string; linkId: string }>({
      query: ({ id, linkId }) => ({
        url: `/designs/${id}/links/${linkId}`,
        method: 'DELETE',
        body: {},
      }),
      invalidatesTags: ['Sharing'],
    }),
    designChanges: build.query<ChangeEntry[], string>({
      query: (id) => `/designs/${id}/changes`,
      providesTags: ['Sharing', 'Shelf'],
    }),
  }),
})

export const {
  useSessionQuery,
  useSignInMutation,
  useSignOutMutation,
  useMakeFirstAccountMutation,
  useAccountsQuery,
  useMakeAccountMutation,
  useChangeAccountMutation,
  useChangePasswordMutation,
  useTokensQuery,
  useMakeTokenMutation,
  useRemoveTokenMutation,
  useChangesQuery,
  useLazyChangesQuery,
  useSharingQuery,
  useShareDesignMutation,
  useMakeLinkMutation,
  useRemoveLinkMutation,
  useDesignChangesQuery,
} = peopleApi
