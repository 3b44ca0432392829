/** While something is fetched or computed. */
export function Waiting({ what }: { readonly what: string }) {
  return (
    <p role="status" className="p-8 text-walnut-2">
      Fetching {what}
    </p>
  );
}

/** When it could not be fetched: why, and the way to try again. */
export function Failed({ error, again }: { readonly error: Error; readonly again: () => void }) {
  return (
    <div role="alert" className="m-6 flex items-center gap-4 rounded-soft bg-madder-1 p-4 text-madder">
      <p className="grow">{error.message}</p>
      <button
        type="button"
        className="min-h-9 rounded-soft border border-madder bg-white px-4 font-semibold"
        onClick={again}
      >
        Try again
      </button>
    </div>
  );
}
