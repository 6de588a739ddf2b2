import type {
  OpenedDesign,
  PartPage,
  PartUse,
  AskPriceFigures,
  CollectedPage,
  EventPage,
  SendEvent,
  StoredEvent,
  WattsSeries,
  StoredCollected,
  PartPriceFigures,
  PricePage,
  ReadingPage,
  RemovedDesign,
  RemovedPart,
  RevisionSummary,
  SavedDesign,
  SaveDesign,
  SendPrice,
  SendReading,
  SendTemperature,
  SetPriceTarget,
  SetAside,
  SetAsideSummary,
  ShelfOrder,
  ShelfPage,
  StoredDesign,
  StoredPart,
  StoredPrice,
  StoredReading,
  TakenIn,
  TemperatureSeries,
  UnreadPart,
  WatchedPart,
} from '@flint/contract'
import type { CataloguePart, Design } from '@flint/core/editing'
import { createApi } from '@reduxjs/toolkit/query/react'
import { ask } from './ask'

export const TAGS = [
  'Shelf',
  'Parts',
  'Revisions',
  'Session',
  'People',
  'Sharing',
  'Readings',
  'Collected',
  'Events',
  'Temperatures',
  'Prices',
] as const

export interface ShelfAsked {
  /** Words that the name or the notes have. */
  find: string
  order: ShelfOrder
}

/** Everything the application asks of the server. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: ask,
  tagTypes: TAGS,
  refetchOnMountOrArgChange: true,
  endpoints: (build) => ({
    shelf: build.infiniteQuery<ShelfPage, ShelfAsked, number>({
      query: ({ queryArg: { find, order }, pageParam: page }) => ({
        url: '/designs',
        params: { order, page, ...(find === '' ? {} : { find }) },
      }),
      infiniteQueryOptions: {
        initialPageParam: 1,
        getNextPageParam: (_last, pages, lastPage) =>
          pages.flatMap(({ rows }) => rows).length < (pages.at(-1)?.total ?? 0)
            ? lastPage + 1
            : undefined,
      },
      providesTags: ['Shelf'],
    }),
    parts: build.query<StoredPart[], void>({
      queryFn: async (_none, _api, _options, askFor) => {
        const parts: StoredPart[] = []
        let next: string | null = ''
        while (next !== null) {
          const answer = await askFor(
            next === '' ? '/parts' : { url: '/parts', params: { after: next } },
          )
          if (answer.error) return { error: answer.error }
          const page = answer.data as PartPage
          parts.push(...page.parts)
          next = page.next
        }
        return { data: parts }
      },
      providesTags: ['Parts'],
      // A large catalogue is not compared with the one before, value by value.
      structuralSharing: false,
    }),
    unreadParts: build.query<UnreadPart[], void>({
      query: () => '/parts/unread',
      providesTags: ['Parts'],
    }),
    partUses: build.query<PartUse[], string>({
      query: (slug) => `/parts/${slug}/uses`,
      providesTags: ['Shelf'],
    }),
    removedParts: build.query<RemovedPart[], void>({
      query: () => '/removed-parts',
      providesTags: ['Parts'],
    }),
    returnPart: build.mutation<StoredPart, string>({
      query: (slug) => ({ url: `/removed-parts/${slug}/return`, method: 'POST', body: {} }),
      invalidatesTags: ['Parts'],
    }),
    forgetPart: build.mutation<void, string>({
      query: (slug) => ({ url: `/removed-parts/${slug}`, method: 'DELETE', body: {} }),
      invalidatesTags: ['Parts'],
    }),
    keepPart: build.mutation<StoredPart, Pick<StoredPart, 'slug' | 'sheet' | 'price'>>({
      query: ({ slug, ...body }) => ({ url: `/parts/${slug}`, method: 'PUT', body }),
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
    design: build.query<OpenedDesign, string>({ query: (id) => `/designs/${id}` }),
    revisions: build.query<RevisionSummary[], { id: string; before?: number }>({
      query: ({ id, before }) => ({
        url: `/designs/${id}/revisions`,
        params: before === undefined ? {} : { before },
      }),
      providesTags: ['Revisions'],
    }),
    setAside: build.query<SetAsideSummary[], string>({
      query: (id) => `/designs/${id}/set-aside`,
    }),
    oneSetAside: build.query<SetAside, { id: string; asideId: string }>({
      query: ({ id, asideId }) => `/designs/${id}/set-aside/${asideId}`,
    }),
    removedDesigns: build.query<RemovedDesign[], void>({
      query: () => '/removed-designs',
      providesTags: ['Shelf'],
    }),
    revision: build.query<StoredDesign, { id: string; revision: number }>({
      query: ({ id, revision }) => `/designs/${id}/revisions/${revision}`,
    }),
    nameRevision: build.mutation<void, { id: string; revision: number; label: string | null }>({
      query: ({ id, revision, label }) => ({
        url: `/designs/${id}/revisions/${revision}/name`,
        method: 'PUT',
        body: { label },
      }),
      invalidatesTags: ['Revisions'],
    }),
    designDocument: build.query<unknown, string>({ query: (id) => `/designs/${id}/document` }),
    copyDesign: build.mutation<StoredDesign, string>({
      query: (id) => ({ url: `/designs/${id}/copy`, method: 'POST', body: {} }),
      invalidatesTags: ['Shelf'],
    }),
    forgetDesign: build.mutation<void, string>({
      query: (id) => ({ url: `/removed-designs/${id}`, method: 'DELETE', body: {} }),
      invalidatesTags: ['Shelf'],
    }),
    createDesign: build.mutation<StoredDesign, Design>({
      query: (design) => ({ url: '/designs', method: 'POST', body: { document: design } }),
      invalidatesTags: ['Shelf'],
    }),
    saveDesign: build.mutation<SavedDesign, { id: string } & Omit<SaveDesign, never>>({
      query: ({ id, ...body }) => ({
        url: `/designs/${id}`,
        method: 'PUT',
        // The page has the document; all it wants to know is the revision.
        headers: { prefer: 'return=minimal' },
        body,
      }),
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
    readings: build.query<ReadingPage, { id: string; before?: string }>({
      query: ({ id, before }) => ({
        url: `/designs/${id}/readings`,
        params: before === undefined ? {} : { before },
      }),
      providesTags: ['Readings'],
    }),
    sendReadings: build.mutation<
      { readings: StoredReading[] },
      { id: string; readings: SendReading[] }
    >({
      query: ({ id, readings }) => ({
        url: `/designs/${id}/readings`,
        method: 'POST',
        body: { readings },
      }),
      invalidatesTags: ['Readings'],
    }),
    removeReading: build.mutation<void, { id: string; number: string }>({
      query: ({ id, number }) => ({
        url: `/designs/${id}/readings/${number}`,
        method: 'DELETE',
        body: {},
      }),
      invalidatesTags: ['Readings'],
    }),
    events: build.query<EventPage, { id: string; before?: string }>({
      query: ({ id, before }) => ({
        url: `/designs/${id}/events`,
        params: before === undefined ? {} : { before },
      }),
      providesTags: ['Events'],
    }),
    sendEvents: build.mutation<{ events: StoredEvent[] }, { id: string; events: SendEvent[] }>({
      query: ({ id, events }) => ({
        url: `/designs/${id}/events`,
        method: 'POST',
        body: { events },
      }),
      invalidatesTags: ['Events'],
    }),
    removeEvent: build.mutation<void, { id: string; number: string }>({
      query: ({ id, number }) => ({
        url: `/designs/${id}/events/${number}`,
        method: 'DELETE',
        body: {},
      }),
      invalidatesTags: ['Events'],
    }),
    watts: build.query<WattsSeries, string>({
      query: (id) => `/designs/${id}/watts`,
      providesTags: ['Readings'],
    }),
    temperatures: build.query<TemperatureSeries, string>({
      query: (id) => `/designs/${id}/temperatures`,
      providesTags: ['Temperatures'],
    }),
    sendTemperatures: build.mutation<
      { kept: number },
      { id: string; temperatures: SendTemperature[] }
    >({
      query: ({ id, temperatures }) => ({
        url: `/designs/${id}/temperatures`,
        method: 'POST',
        body: { temperatures },
      }),
      invalidatesTags: ['Temperatures'],
    }),
    removeTemperatures: build.mutation<void, { id: string; name: string }>({
      query: ({ id, name }) => ({
        url: `/designs/${id}/temperatures/${encodeURIComponent(name)}`,
        method: 'DELETE',
        body: {},
      }),
      invalidatesTags: ['Temperatures'],
    }),
    collected: build.query<CollectedPage, { id: string; before?: string }>({
      query: ({ id, before }) => ({
        url: `/designs/${id}/collected`,
        params: before === undefined ? {} : { before },
      }),
      providesTags: ['Collected'],
    }),
    sendCollected: build.mutation<StoredCollected, { id: string; file: object }>({
      query: ({ id, file }) => ({ url: `/designs/${id}/collected`, method: 'POST', body: file }),
      invalidatesTags: ['Collected'],
    }),
    removeCollected: build.mutation<void, { id: string; number: string }>({
      query: ({ id, number }) => ({
        url: `/designs/${id}/collected/${number}`,
        method: 'DELETE',
        body: {},
      }),
      invalidatesTags: ['Collected'],
    }),
    prices: build.query<PricePage, { slug: string; before?: string }>({
      query: (params) => ({ url: '/prices', params }),
      providesTags: ['Prices'],
    }),
    watchedPrices: build.query<WatchedPart[], void>({
      query: () => '/prices/watched',
      providesTags: ['Prices'],
    }),
    priceFigures: build.query<PartPriceFigures, AskPriceFigures>({
      query: (params) => ({ url: '/prices/figures', params }),
      providesTags: ['Prices'],
    }),
    sendPrices: build.mutation<{ prices: StoredPrice[] }, SendPrice[]>({
      query: (prices) => ({ url: '/prices', method: 'POST', body: { prices } }),
      invalidatesTags: ['Prices'],
    }),
    removePrice: build.mutation<void, string>({
      query: (number) => ({ url: `/prices/${number}`, method: 'DELETE', body: {} }),
      invalidatesTags: ['Prices'],
    }),
    setPriceTarget: build.mutation<void, { slug: string } & SetPriceTarget>({
      query: ({ slug, ...body }) => ({ url: `/prices/targets/${slug}`, method: 'PUT', body }),
      invalidatesTags: ['Prices'],
    }),
    restoreDemo: build.mutation<void, void>({
      query: () => ({ url: '/demo/restore', method: 'POST', body: {} }),
      invalidatesTags: ['Shelf'],
    }),
  }),
})

export const {
  useShelfInfiniteQuery,
  usePartUsesQuery,
  useRemovedPartsQuery,
  useReturnPartMutation,
  useForgetPartMutation,
  useDesignQuery,
  useLazyDesignDocumentQuery,
  useCopyDesignMutation,
  useForgetDesignMutation,
  useNameRevisionMutation,
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
  useReadingsQuery,
  useSendReadingsMutation,
  useRemoveReadingMutation,
  useCollectedQuery,
  useEventsQuery,
  useRemoveEventMutation,
  useSendEventsMutation,
  useWattsQuery,
  useTemperaturesQuery,
  useSendTemperaturesMutation,
  useRemoveTemperaturesMutation,
  useRemoveCollectedMutation,
  useSendCollectedMutation,
  usePriceFiguresQuery,
  usePricesQuery,
  useWatchedPricesQuery,
  useSendPricesMutation,
  useRemovePriceMutation,
  useSetPriceTargetMutation,
} = api
