import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { tellsApart } from './tells-apart.ts';

interface WhichClientProps {
  readonly namesakes: readonly KnownClient[];
  /** The id of one of them, `new` for somebody else, or none while nobody said. */
  readonly value: string | undefined;
  readonly onChoose: (value: string) => void;
}

/** Whose ticket it is, where the name is known: one who is there, or somebody else who is called so. */
export function WhichClient({ namesakes, value, onChoose }: WhichClientProps) {
  const option = (id: string, name: string, says: string) => (
    <label key={id} className="flex min-h-11 items-center gap-3 px-3 has-[:checked]:bg-indigo-1">
      <input
        type="radio"
        name="which-client"
        className="size-5 accent-indigo"
        checked={value === id}
        onChange={() => onChoose(id)}
      />
      <span>
        <span className="font-semibold">{name}</span> <span className="text-walnut-2">{says}</span>
      </span>
    </label>
  );
  return (
    <fieldset className="rounded-soft border border-linen-3 bg-white">
      <legend className="mx-2 px-1 text-sm font-semibold text-walnut-2">
        Known here: whose ticket is it?
      </legend>
      {namesakes.map((client) => option(client.id, client.name, tellsApart(client)))}
      {option('new', 'Somebody else', `who is called ${namesakes[0]?.name ?? 'so'} too`)}
    </fieldset>
  );
}
