export type MoreProps = {
  readonly list: { readonly hasNextPage: boolean; readonly isFetchingNextPage: boolean; readonly fetchNextPage: () => unknown }
  /** What there are more of: "machines". */
  readonly what: string
}

/** The way to the next page of a list; nothing where it ends. */
export function More({ list, what }: MoreProps) {
  if (!list.hasNextPage) return null
  return (
    <button className="btn btn-outline shrink-0" disabled={list.isFetchingNextPage} onClick={() => void list.fetchNextPage()}>
      More {what}
    </button>
  )
}
