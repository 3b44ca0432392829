import { useTicketContext } from './ticket-context.ts';

/** Why the work at a station waits, and where that is mended. */
export interface HeldWork {
  readonly title: string;
  readonly why: readonly string[];
  readonly station: 'draft' | 'lay';
}

/** A station whose work is held by something that has to be mended, or signed off, first. */
export function Held({ held }: { readonly held: HeldWork }) {
  const { goTo } = useTicketContext();
  return (
    <main className="mx-auto mt-24 max-w-lg px-6 text-center">
      <h1 className="text-3xl">{held.title}</h1>
      <ul className="mt-2 flex flex-col gap-1 text-lg text-walnut-2">
        {held.why.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <button
        type="button"
        onClick={() => goTo(held.station)}
        className="mt-6 min-h-12 rounded-soft bg-indigo px-6 font-semibold text-white"
      >
        {held.station === 'draft' ? 'To the draft' : 'To the lay'}
      </button>
    </main>
  );
}
