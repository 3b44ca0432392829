import { mayBeJoined, maySwitchCloth } from '@ample-bolt/core/drafting/operations/pieces/off-fold';
import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import { cutWith } from '@ample-bolt/core/lay/model/pinned';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useState } from 'react';
import { FormProvider, useWatch, type Path } from 'react-hook-form';
import { ApiProblem } from '../../../api/fetcher.ts';
import { Button } from '../../../ui/Button.tsx';
import { useKeptForm } from '../../../ui/use-kept-form.ts';
import { wasLeftOut } from '../../../writes/ticket-line.ts';
import type { TicketChanges } from '../../../writes/ticket-changes.ts';
import type { TicketActions } from '../../../writes/use-ticket-actions.ts';
import { useTicketContext } from '../../ticket/ticket-context.ts';
import { clothFieldsOf, clothFileFrom, priceIn, type ClothFields } from './cloth-fields.ts';
import { ClothLines } from './ClothLines.tsx';
import { ClothPlaces } from './ClothPlaces.tsx';
import { KnownCloths } from './KnownCloths.tsx';
import { PieceChecks } from './PieceChecks.tsx';

interface ClothFormProps {
  readonly role: ClothRole;
  readonly ticket: Ticket;
  /** Pieces that are cut from it. */
  readonly pieces: readonly DraftedPiece[];
  readonly actions: TicketActions;
  readonly onDone: () => void;
}

/** What keeps fields from being sent, by the field. */
function faultOf({ name, price }: ClothFields, role: ClothRole): [Path<ClothFields>, string] | undefined {
  if (priceIn(price) === undefined)
    return ['price', `Price "${price}" is no number; write it as 18.50, or leave it empty.`];
  if (name.trim() === '') return ['name', `Give the ${role} cloth a name, such as its colour and kind.`];
  return undefined;
}

/** A cloth: what it is, what has its place on it, and which pieces are cut from it otherwise. */
export function ClothForm({ role, ticket, pieces, actions, onDone }: ClothFormProps) {
  const { unit } = ticket;
  const cloth = ticket.cloths.find((each) => each.role === role);
  // By unit, so that a bare 45 typed in inches is never read as centimetres.
  const form = useKeptForm(`cloth-${ticket.id}-${role}-${unit}`, clothFieldsOf(cloth, unit));
  const { clearErrors, setError, setFocus } = form;
  const [problem, setProblem] = useState<string>();
  const refuse = (words: string, field: Path<ClothFields> | undefined) => {
    setProblem(words);
    if (field !== undefined) setError(field, { type: 'refused', message: words });
  };
  const send = async (change: TicketChanges['cloths']) => {
    clearErrors();
    try {
      await actions.put('cloths', change);
      form.forget();
      setProblem(undefined);
      onDone();
    } catch (error) {
      if (wasLeftOut(error)) form.forget();
      const field = error instanceof ApiProblem ? error.field?.replace('cloths.0.', '') : undefined;
      // The server names a field as the form does.
      refuse(
        error instanceof Error ? error.message : 'Not stored yet.',
        field as Path<ClothFields> | undefined,
      );
    }
  };
  const store = form.handleSubmit((fields) => {
    const [field, words] = faultOf(fields, role) ?? [];
    if (field === undefined || words === undefined)
      return send({ cloths: [clothFileFrom(fields, role, cloth)] });
    refuse(words, field);
    setFocus(field);
    return undefined;
  });
  const { bolt, joined, takes, under } = useWatch({ control: form.control }) as ClothFields;
  const pick = (picked: Cloth) => {
    const own = { ...clothFieldsOf(picked, unit), joined: [], takes: [], under: '', length: '' };
    for (const [name, value] of Object.entries(own))
      form.setValue(name as Path<ClothFields>, value, { shouldDirty: true });
  };
  const all = useTicketContext().drafted?.draft.pieces ?? [];
  const takeable = all.filter(
    ({ piece }) => takes.includes(piece.id) || (role !== 'outer' && maySwitchCloth(piece)),
  );
  /** Cloths of which something is traced on this one: it can be pinned under them. */
  const aboves = ticket.cloths.filter(
    (above) =>
      under === above.role ||
      (above.under === undefined && pieces.some((piece) => cutWith(piece, above.role, all) !== undefined)),
  );
  const joinable = pieces.filter(({ piece }) => mayBeJoined(piece) || joined.includes(piece.id));
  const idsOf = (those: readonly DraftedPiece[]) => those.map(({ piece }) => piece.id);
  return (
    <FormProvider {...form}>
      <form className="flex flex-col gap-2.5" onSubmit={(event) => void store(event)} noValidate>
        <KnownCloths ticketId={ticket.id} role={role} bolt={bolt} onPick={pick} />
        <ClothLines unit={unit} aboves={aboves.map((above) => above.role)} />
        <ClothPlaces unit={unit} pieces={idsOf(pieces)} />
        <PieceChecks name="joined" title="Join at the fold, to save cloth" ids={idsOf(joinable)} />
        <PieceChecks name="takes" title={`Cut from the ${role} too`} ids={idsOf(takeable)} />
        {cloth && role !== 'outer' && (
          <Button look="quiet" onClick={() => void send({ cloths: [], without: [role] })}>
            Remove this cloth
          </Button>
        )}
        {/* The form is longer than the page: what ends it, and why it did not, stay in sight. */}
        <div className="sticky bottom-0 bg-linen-1 pt-1">
          {problem !== undefined && (
            <p role="alert" className="mb-1.5 text-sm font-semibold text-madder">
              {problem}
            </p>
          )}
          <Button type="submit" className="min-h-11 w-full">
            Save cloth
          </Button>
        </div>
      </form>
    </FormProvider>
  );
}
