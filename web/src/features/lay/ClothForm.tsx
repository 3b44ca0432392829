import type { Cloth } from '@ample-bolt/core/lay/model/cloth';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { ClothFile } from '@ample-bolt/core/formats/order/order-file';
import { clothFileOf } from '@ample-bolt/core/formats/order/write-order';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { mayBeJoined, maySwitchCloth } from '@ample-bolt/core/drafting/operations/pieces/off-fold';
import { cutWith } from '@ample-bolt/core/lay/model/pinned';
import type { DraftedPiece } from '@ample-bolt/core/pieces/drafted-piece';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { pieceName } from '@ample-bolt/core/words/names';
import type { Unit } from '@ample-bolt/core/units/length';
import { useState, type ReactNode } from 'react';
import type { TicketActions } from '../../writes/use-ticket-actions.ts';
import type { TicketChanges } from '../../writes/ticket-changes.ts';
import { wasLeftOut } from '../../writes/ticket-line.ts';
import { ApiProblem } from '../../api/fetcher.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckBox } from '../../ui/CheckBox.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { KnownCloths } from './KnownCloths.tsx';
import { ClothPlaces, placeFieldsOf, type PlaceFields } from './ClothPlaces.tsx';

interface ClothFields extends PlaceFields {
  readonly name: string;
  /** The bolt that it shares with other tickets; none for a cloth of its own. */
  readonly bolt: string | undefined;
  readonly colour: string;
  readonly width: string;
  readonly selvedge: string;
  readonly length: string;
  readonly oneWay: boolean;
  readonly bothSides: boolean;
  readonly price: string;
  readonly endTrim: string;
  readonly repeat: string;
  readonly matched: boolean;
  readonly repeatAcross: string;
  readonly figureAt: string;
  readonly spacing: string;
  readonly joined: readonly string[];
  readonly takes: readonly string[];
  readonly border: NonNullable<Cloth['border']> | '';
  readonly stretch: NonNullable<Cloth['stretch']>;
  readonly under: NonNullable<Cloth['under']> | '';
}

/** Fields that are typed in one line. */
type LineField =
  'width' | 'selvedge' | 'length' | 'price' | 'endTrim' | 'repeat' | 'repeatAcross' | 'figureAt' | 'spacing';

interface ClothFormProps {
  readonly role: ClothRole;
  readonly ticket: Ticket;
  /** Pieces that are cut from it. */
  readonly pieces: readonly DraftedPiece[];
  readonly actions: TicketActions;
  readonly onDone: () => void;
}

const fieldsOf = (cloth: Cloth | undefined, unit: Unit): ClothFields => {
  const text = (mm: number) => formatNumber(mm, unit, { denominator: 16, decimals: 1 });
  return {
    name: cloth?.name ?? '',
    bolt: cloth?.bolt,
    colour: cloth?.colour ?? '#23545b',
    width: cloth ? text(cloth.width) : unit === 'in' ? '45' : '114',
    selvedge: cloth ? text(cloth.selvedge) : unit === 'in' ? '1/2' : '1.5',
    length: cloth?.length ? text(cloth.length) : '',
    oneWay: cloth?.oneWay ?? false,
    bothSides: cloth?.bothSides ?? false,
    price: cloth?.price === undefined ? '' : String(cloth.price),
    endTrim: cloth?.endTrim ? text(cloth.endTrim) : '',
    repeat: cloth?.repeat ? text(cloth.repeat) : '',
    matched: cloth?.matched ?? false,
    repeatAcross: cloth?.repeatAcross ? text(cloth.repeatAcross) : '',
    figureAt: cloth?.figureAt === undefined ? '' : text(cloth.figureAt),
    spacing: cloth?.spacing ? text(cloth.spacing) : '',
    joined: cloth?.joined ?? [],
    takes: cloth?.takes ?? [],
    border: cloth?.border ?? '',
    stretch: cloth?.stretch ?? 'across',
    under: cloth?.under ?? '',
    ...placeFieldsOf(cloth, text),
  };
};

/** A cloth: what the tailor can read off the bolt and with the tape. */
export function ClothForm({ role, ticket, pieces, actions, onDone }: ClothFormProps) {
  const { unit } = ticket;
  const cloth = ticket.cloths.find((each) => each.role === role);
  // By unit, so that a bare 45 typed in inches is never read as centimetres.
  const [kept, keep] = useKept<ClothFields>(`cloth-${ticket.id}-${role}-${unit}`);
  const [problem, setProblem] = useState<{ field: string | undefined; words: string }>();
  const fields = { ...fieldsOf(cloth, unit), ...kept };
  const set = (change: Partial<ClothFields>) =>
    keep((held) => ({ ...fieldsOf(cloth, unit), ...held, ...change }));
  const send = async (change: TicketChanges['cloths']) => {
    try {
      await actions.put('cloths', change);
      keep(() => undefined);
      setProblem(undefined);
      onDone();
    } catch (error) {
      if (wasLeftOut(error)) keep(() => undefined);
      setProblem({
        field: error instanceof ApiProblem ? error.field : undefined,
        words: error instanceof Error ? error.message : 'Not stored yet.',
      });
    }
  };
  const store = () => {
    const {
      name,
      bolt,
      length,
      price,
      endTrim,
      repeat,
      repeatAcross,
      figureAt,
      spacing,
      outline,
      panels,
      border,
      stretch,
      under,
      ...rest
    } = fields;
    const manners = cloth && clothFileOf(cloth).manners;
    const cost = Number(price.replace(',', '.'));
    if (!(cost >= 0)) {
      setProblem({
        field: 'cloths.0.price',
        words: `Price "${price}" is no number; write it as 18.50, or leave it empty.`,
      });
      return undefined;
    }
    if (name.trim() === '') {
      setProblem({
        field: 'cloths.0.name',
        words: `Give the ${role} cloth a name, such as its colour and kind.`,
      });
      return undefined;
    }
    const own: ClothFile = {
      role,
      ...rest,
      name: name.trim(),
      ...(bolt === undefined ? {} : { bolt }),
      length: length.trim() === '' ? null : length,
      ...(price.trim() === '' ? {} : { price: cost }),
      ...(endTrim.trim() === '' ? {} : { endTrim }),
      ...(repeat.trim() === '' ? {} : { repeat }),
      ...(repeatAcross.trim() === '' ? {} : { repeatAcross }),
      ...(figureAt.trim() === '' ? {} : { figureAt }),
      ...(spacing.trim() === '' ? {} : { spacing }),
      ...(outline.length > 0 ? { outline } : {}),
      ...(panels.length > 0 ? { panels } : {}),
      ...(manners ? { manners } : {}),
      ...(border === '' ? {} : { border }),
      ...(stretch === 'along' ? { stretch } : {}),
      ...(under === '' ? {} : { under }),
    };
    return send({ cloths: [own] });
  };
  const { drafted } = useTicketContext();
  const all = drafted?.draft.pieces ?? [];
  const takeable = all.filter(
    ({ piece }) => fields.takes.includes(piece.id) || (role !== 'outer' && maySwitchCloth(piece)),
  );
  /** Cloths of which something is traced on this one: it can be pinned under them. */
  const aboves = ticket.cloths.filter(
    (above) =>
      fields.under === above.role ||
      (above.under === undefined && pieces.some((piece) => cutWith(piece, above.role, all) !== undefined)),
  );
  const joinable = pieces.filter(({ piece }) => mayBeJoined(piece) || fields.joined.includes(piece.id));
  const faulty = (field: string) => problem?.field === `cloths.0.${field}`;
  const input = (field: LineField, placeholder = '') => (
    <input
      className={inputClass}
      value={fields[field]}
      placeholder={placeholder}
      aria-invalid={faulty(field)}
      autoComplete="off"
      onChange={(event) => set({ [field]: event.target.value })}
    />
  );
  return (
    <form
      className="flex flex-col gap-2.5"
      onSubmit={(event) => {
        event.preventDefault();
        void store();
      }}
    >
      <KnownCloths
        ticketId={ticket.id}
        role={role}
        bolt={fields.bolt}
        onPick={(picked) => set({ ...fieldsOf(picked, unit), joined: [], takes: [], under: '', length: '' })}
      />
      <Row label="Name">
        <input
          className={inputClass}
          value={fields.name}
          placeholder="colour and kind"
          aria-invalid={faulty('name')}
          autoComplete="off"
          // Under another name it is another cloth.
          onChange={({ target }) => set({ name: target.value, bolt: undefined })}
        />
      </Row>
      <Row label={`Width, ${unit}`}>{input('width')}</Row>
      <Row label={`Selvedge, ${unit}`}>{input('selvedge')}</Row>
      <Row label={`Length in stock, ${unit}`}>{input('length', 'to be bought')}</Row>
      <Row label="Colour">
        <input
          type="color"
          className="h-9 w-full rounded-soft border border-linen-3 bg-white p-1"
          value={fields.colour}
          onChange={(event) => set({ colour: event.target.value })}
        />
      </Row>
      <CheckBox checked={fields.oneWay} onChange={(oneWay) => set({ oneWay })}>
        One way: pile or print has a top
      </CheckBox>
      <CheckBox checked={fields.bothSides} onChange={(bothSides) => set({ bothSides })}>
        Alike on both sides: pieces may be turned over
      </CheckBox>
      <Row label={`Price of a ${unit === 'in' ? 'yard' : 'metre'}`}>{input('price', 'not known')}</Row>
      <Row label={`Trim at ends, ${unit}`}>{input('endTrim', 'none')}</Row>
      <Row label={`Repeat, ${unit}`}>{input('repeat', 'none')}</Row>
      <CheckBox checked={fields.matched} onChange={(matched) => set({ matched })}>
        Match the print around the body
      </CheckBox>
      <Row label={`Across, ${unit}`}>{input('repeatAcross', 'no stripes across')}</Row>
      <Row label={`Stripe at, ${unit}`}>{input('figureAt', 'in the middle')}</Row>
      <Row label={`Gap between pieces, ${unit}`}>{input('spacing', 'none')}</Row>
      <Row label="Border along">
        <select
          className={inputClass}
          value={fields.border}
          aria-invalid={faulty('border')}
          onChange={({ target }) => set({ border: target.value as ClothFields['border'] })}
        >
          <option value="">none</option>
          <option value="left">the upper selvedge</option>
          <option value="right">the lower selvedge</option>
        </select>
      </Row>
      <CheckBox
        checked={fields.stretch === 'along'}
        onChange={(isAlong) => set({ stretch: isAlong ? 'along' : 'across' })}
      >
        Stretches along its length: pieces lie across
      </CheckBox>
      {aboves.length > 0 && (
        <Row label="Pinned under">
          <select
            className={inputClass}
            value={fields.under}
            aria-invalid={faulty('under')}
            onChange={({ target }) => set({ under: target.value as ClothFields['under'] })}
          >
            <option value="">nothing</option>
            {aboves.map((above) => (
              <option key={above.role} value={above.role}>
                the {above.role}
              </option>
            ))}
          </select>
        </Row>
      )}
      <ClothPlaces
        fields={fields}
        unit={unit}
        pieces={pieces.map(({ piece }) => piece.id)}
        refused={problem?.field?.replace('cloths.0.', '')}
        onChange={set}
      />
      <PieceChecks
        title="Join at the fold, to save cloth"
        ids={joinable.map(({ piece }) => piece.id)}
        checked={fields.joined}
        onChange={(joined) => set({ joined })}
      />
      <PieceChecks
        title={`Cut from the ${role} too`}
        ids={takeable.map(({ piece }) => piece.id)}
        checked={fields.takes}
        onChange={(takes) => set({ takes })}
      />
      {cloth && role !== 'outer' && (
        <Button look="quiet" onClick={() => void send({ cloths: [], without: [role] })}>
          Remove this cloth
        </Button>
      )}
      {/* The form is longer than the page: what ends it, and why it did not, stay in sight. */}
      <div className="sticky bottom-0 bg-linen-1 pt-1">
        {problem && (
          <p role="alert" className="mb-1.5 text-sm font-semibold text-madder">
            {problem.words}
          </p>
        )}
        <Button type="submit" className="min-h-11 w-full">
          Save cloth
        </Button>
      </div>
    </form>
  );
}

interface PieceChecksProps {
  readonly title: string;
  readonly ids: readonly string[];
  readonly checked: readonly string[];
  readonly onChange: (checked: readonly string[]) => void;
}

/** Pieces that something is said of, ticked. */
const PieceChecks = ({ title, ids, checked, onChange }: PieceChecksProps) =>
  ids.length > 0 && (
    <fieldset className="rounded-soft border border-linen-3 bg-white p-2">
      <legend className="px-1 text-sm font-semibold">{title}</legend>
      {ids.map((id) => (
        <CheckBox
          key={id}
          checked={checked.includes(id)}
          onChange={(isOn) => onChange(isOn ? [...checked, id] : checked.filter((each) => each !== id))}
        >
          {pieceName(id)}
        </CheckBox>
      ))}
    </fieldset>
  );

const inputClass =
  'min-h-9 w-full rounded-soft border border-linen-3 bg-white px-2.5 aria-invalid:border-madder';

const Row = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <label className="grid grid-cols-[96px_1fr] items-center gap-2">
    <span className="text-sm text-walnut-2">{label}</span>
    {children}
  </label>
);
