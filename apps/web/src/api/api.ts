import type {
  DesignOnShelf,
  RemovedDesign,
  RevisionSummary,
  SaveDesign,
  SetAside,
  SetAsideSummary,
  StoredDesign,
  StoredPart,
  TakenIn,
  UnreadPart,
} from '@flint/contract'
import type { CataloguePart, Design, PartSheet } from '@flint/core/editing'
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react'

/** Everything the application asks of the server. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api', timeout: 15_000 }),
  tagTypes: ['Shelf', 'Parts'],
  refetchOnMountOrArgChange: true,
  endpoints: (build) => ({
    shelf: build.query<DesignOnShelf[], void>({ query: () => '/designs', providesTags: ['Shelf'] }),
    parts: build.query<StoredPart[], void>({
      query: () => '/parts',
      providesTags: ['Parts'],
      // A large catalogue is not compared with the one before, value by value.
      structuralSharing: false,
    }),
    unreadParts: build.query<UnreadPart[], void>({
      query: () => '/parts/unread',
      providesTags: ['Parts'],
    }),
    keepPart: build.mutation<StoredPart, { slug: string; sheet: PartSheet }>({
      query: ({ slug, sheet }) => ({ url: `/parts/${slug}`, method: 'PUT', body: { sheet } }),
      invalidatesTags: ['Parts'],
    }),
    removePart: build.mutation<void, string>({
      query: (slug) => ({ url: `/parts/${slug}`, method: 'DELETE', body: {} }),
      invalidatesTags: ['Parts'],
    }),
    noteOwned: build.mutation<StoredPart, { slug: string; ownedPieces: number }>({
      query: ({ slug, ownedPieces }) => ({
        url: `/parts/${slug}/owned`,
        method: 'PUT',
        body: { ownedPieces },
      }),
      invalidatesTags: ['Parts'],
    }),
    takeInParts: build.mutation<TakenIn, CataloguePart[]>({
      query: (parts) => ({ url: '/parts/take-in', method: 'POST', body: { parts } }),
      // The list is asked for once, after the last piece of a file.
    }),
    design: build.query<StoredDesign, string>({ query: (id) => `/designs/${id}` }),
    revisions: build.query<RevisionSummary[], { id: string; before?: number }>({
      query: ({ id, before }) => ({
        url: `/designs/${id}/revisions`,
        params: before === undefined ? {} : { before },
      }),
    }),
    setAside: build.query<SetAsideSummary[], string>({
      query: (id) => `/designs/${id}/set-aside`,
    }),
    oneSetAside: build.query<SetAside, { id: string; asideId: string }>({
      query: ({ id, asideId }) => `/designs/${id}/set-aside/${asideId}`,
    }),
    removedDesigns: build.query<RemovedDesign[], void>({
      query: () => '/designs/removed',
      providesTags: ['Shelf'],
    }),
    revision: build.query<StoredDesign, { id: string; revision: number }>({
      query: ({ id, revision }) => `/designs/${id}/revisions/${revision}`,
    }),
    createDesign: build.mutation<StoredDesign, Design>({
      query: (design) => ({ url: '/designs', method: 'POST', body: { document: design } }),
      invalidatesTags: ['Shelf'],
    }),
    saveDesign: build.mutation<StoredDesign, { id: string } & Omit<SaveDesign, never>>({
      query: ({ id, ...body }) => ({ url: `/designs/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Shelf'],
    }),
    removeDesign: build.mutation<void, string>({
      query: (id) => ({ url: `/designs/${id}`, method: 'DELETE', body: {} }),
      invalidatesTags: ['Shelf'],
    }),
    returnDesign: build.mutation<StoredDesign, string>({
      query: (id) => ({ url: `/designs/${id}/return`, method: 'POST', body: {} }),
      invalidatesTags: ['Shelf'],
    }),
    restoreDemo: build.mutation<DesignOnShelf[], void>({
      query: () => ({ url: '/demo/restore', method: 'POST', body: {} }),
      invalidatesTags: ['Shelf'],
    }),
  }),
})

export const {
  useShelfQuery,
  usePartsQuery,
  useUnreadPartsQuery,
  useKeepPartMutation,
  useRemovePartMutation,
  useNoteOwnedMutation,
  useTakeInPartsMutation,
  useRevisionsQuery,
  useSetAsideQuery,
  useRemovedDesignsQuery,
  useCreateDesignMutation,
  useRemoveDesignMutation,
  useReturnDesignMutation,
  useRestoreDemoMutation,
} = api
