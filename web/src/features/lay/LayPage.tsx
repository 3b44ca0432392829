import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { Tabs } from 'radix-ui';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Segmented } from '../../ui/Segmented.tsx';
import type { DraftedTicket } from '../../workers/drafting.worker.ts';
import { Held } from '../ticket/Held.tsx';
import { heldByStops } from '../ticket/held-by-stops.ts';
import { NotYet } from '../ticket/NotYet.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { ClothForm } from './cloth/ClothForm.tsx';
import { ClothTabs } from './cloth/ClothTabs.tsx';
import { PlanLay, type PlanLayProps } from './plan/PlanLay.tsx';
import { useTogether } from './cloth/use-together.ts';
import { Waiting } from '../../ui/Waiting.tsx';

type View = 'lay' | 'compare';
const views = [
  { value: 'lay', word: 'On the table' },
  { value: 'compare', word: 'Compare' },
] as const;

/** The cloths of the garment, one after the other: each is named, laid and chosen by itself. */
export function LayPage() {
  const { drafted, ticket } = useTicketContext();
  if (!drafted) return <NotYet />;
  const held = heldByStops(ticket, drafted.draft, 'lay');
  return held ? <Held held={held} /> : <LayCloths drafted={drafted} />;
}

function LayCloths({ drafted }: { readonly drafted: DraftedTicket }) {
  const { ticket } = useTicketContext();
  const [search, setSearch] = useSearchParams();
  const roles = styleOf(ticket.styleId)?.cloths ?? [];
  const isOpen = (each: ClothRole) => !ticket.lays[each] || drafted.staleLays.includes(each);
  const hasCloth = (each: ClothRole) => ticket.cloths.some((cloth) => cloth.role === each);
  const open = roles.filter(isOpen);
  // The cloth that was asked for; else what is named is planned before what has no cloth yet. It stays until one goes on.
  const [role, setRole] = useState<ClothRole>(
    () =>
      roles.find((each) => each === search.get('cloth')) ??
      open.find(hasCloth) ??
      open[0] ??
      roles[0] ??
      'outer',
  );
  const [view, setView] = useState<View>('lay');
  // In the address too, so that a page that is loaded again shows the same cloth.
  const choose = (next: ClothRole) => {
    setRole(next);
    setSearch({ cloth: next }, { replace: true });
  };
  const cloth = ticket.cloths.find((each) => each.role === role);
  const pieces = drafted.draft.pieces.filter(({ piece }) => piece.role === role);
  return (
    <Tabs.Root
      value={role}
      onValueChange={(next) => choose(next as ClothRole)}
      className="flex h-full flex-col gap-3 max-lg:h-auto"
    >
      <div className="flex shrink-0 flex-wrap items-center gap-3 max-md:gap-2">
        <ClothTabs roles={roles} ticket={ticket} stale={drafted.staleLays} />
        <span className="grow" />
        {cloth && <Segmented label="What is shown" value={view} options={views} onChange={setView} />}
      </div>
      <Tabs.Content value={role} className="min-h-0 grow">
        {cloth ? (
          <PlanCloth
            key={role}
            pieces={pieces}
            cloth={cloth}
            stale={drafted.staleLays.includes(role)}
            comparing={view === 'compare'}
            // What is pinned under this cloth follows its plan.
            next={
              ticket.cloths.find(({ under }) => under === role)?.role ?? open.find((each) => each !== role)
            }
            onNext={choose}
          />
        ) : (
          <NameCloth role={role} pieces={pieces} />
        )}
      </Tabs.Content>
    </Tabs.Root>
  );
}

/** Waits until it is known who shares the cloth, and what they bring. */
function PlanCloth(props: Omit<PlanLayProps, 'together'>) {
  const { ticket } = useTicketContext();
  const together = useTogether(ticket, props.cloth);
  return together ? <PlanLay {...props} together={together} /> : <Waiting what="who shares the cloth" />;
}

/** Before a cloth is named: what will be cut from it. */
function NameCloth({ role, pieces }: { readonly role: ClothRole; readonly pieces: readonly DraftedPiece[] }) {
  const { ticket, actions } = useTicketContext();
  return (
    <section className="mx-auto mt-6 max-w-md">
      <h2 className="text-2xl">Which cloth for the {role}?</h2>
      <p className="mt-1 mb-5 text-lg text-walnut-2">
        {pieces.length === 1 ? 'One piece is' : `${pieces.length} pieces are`} cut from it. Measure its width
        between the selvedges before anything is planned
        {role === 'outer' ? '.' : '; until it has a cloth, it is an open step.'}
      </p>
      <ClothForm role={role} pieces={pieces} ticket={ticket} actions={actions} onDone={() => undefined} />
    </section>
  );
}
