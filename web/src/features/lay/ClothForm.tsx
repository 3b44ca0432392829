import type { Cloth } from '@ample-bolt/core/lay/cloth';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import type { ClothFile } from '@ample-bolt/core/formats/order/order';
import { clothFileOf } from '@ample-bolt/core/formats/order/write-order';
import type { ClothRole } from '@ample-bolt/core/pieces/piece';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { clothRoleName } from '@ample-bolt/core/words/names';
import type { Unit } from '@ample-bolt/core/units/length';
import { useState, type ReactNode } from 'react';
import type { TicketActions } from '../../api/tickets.ts';
import { ApiProblem } from '../../api/fetcher.ts';
import { Button } from '../../ui/Button.tsx';
import { useKept } from '../../ui/use-kept.ts';
import { FlawRows, type FlawFields } from './FlawRows.tsx';

interface ClothFields {
  readonly name: string;
  readonly colour: string;
  readonly width: string;
  readonly selvedge: string;
  readonly length: string;
  readonly oneWay: boolean;
  readonly price: string;
  readonly endTrim: string;
  readonly repeat: string;
  readonly flaws: readonly FlawFields[];
}

interface ClothFormProps {
  readonly role: ClothRole;
  readonly ticket: Ticket;
  readonly actions: TicketActions;
  readonly onDone: () => void;
}

const fieldsOf = (cloth: Cloth | undefined, unit: Unit): ClothFields => {
  const text = (mm: number) => formatNumber(mm, unit, { denominator: 16, decimals: 1 });
  return {
    name: cloth?.name ?? '',
    colour: cloth?.colour ?? '#23545b',
    width: cloth ? text(cloth.width) : unit === 'in' ? '45' : '114',
    selvedge: cloth ? text(cloth.selvedge) : unit === 'in' ? '1/2' : '1.5',
    length: cloth?.length ? text(cloth.length) : '',
    oneWay: cloth?.oneWay ?? false,
    price: cloth?.price === undefined ? '' : String(cloth.price),
    endTrim: cloth?.endTrim ? text(cloth.endTrim) : '',
    repeat: cloth?.repeat ? text(cloth.repeat) : '',
    flaws: (cloth?.flaws ?? []).map(({ from, to, left, right }) => ({
      from: text(from),
      to: text(to),
      left: text(left),
      right: text(right),
    })),
  };
};

/** A cloth: what the tailor can read off the bolt and with the tape. */
export function ClothForm({ role, ticket, actions, onDone }: ClothFormProps) {
  const { unit } = ticket;
  const cloth = ticket.cloths.find((each) => each.role === role);
  const others = ticket.cloths.filter((each) => each.role !== role).map(clothFileOf);
  // By unit, so that a bare 45 typed in inches is never read as centimetres.
  const [kept, keep] = useKept<ClothFields>(`cloth-${ticket.id}-${role}-${unit}`);
  const [problem, setProblem] = useState<{ field: string | undefined; words: string }>();
  const fields = { ...fieldsOf(cloth, unit), ...kept };
  const set = (change: Partial<ClothFields>) =>
    keep((held) => ({ ...fieldsOf(cloth, unit), ...held, ...change }));
  const send = async (cloths: readonly ClothFile[]) => {
    try {
      await actions.put('cloths', { cloths });
      keep(() => undefined);
      setProblem(undefined);
      onDone();
    } catch (error) {
      setProblem({
        field: error instanceof ApiProblem ? error.field : undefined,
        words: error instanceof Error ? error.message : 'Not stored yet.',
      });
    }
  };
  const store = () => {
    const { name, length, price, endTrim, repeat, ...rest } = fields;
    const cost = Number(price.replace(',', '.'));
    if (!(cost >= 0)) {
      setProblem({
        field: 'cloths.0.price',
        words: `Price "${price}" is no number; write it as 18.50, or leave it empty.`,
      });
      return undefined;
    }
    const own: ClothFile = {
      role,
      ...rest,
      name: name.trim() || `${clothRoleName[role]} cloth`,
      length: length.trim() === '' ? null : length,
      ...(price.trim() === '' ? {} : { price: cost }),
      ...(endTrim.trim() === '' ? {} : { endTrim }),
      ...(repeat.trim() === '' ? {} : { repeat }),
    };
    // This cloth first, so that a fault in it is always found at place 0.
    return send([own, ...others]);
  };
  const faulty = (field: string) => problem?.field === `cloths.0.${field}`;
  const input = (field: keyof Omit<ClothFields, 'oneWay' | 'flaws' | 'colour'>, placeholder = '') => (
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
      <Row label="Cloth">{input('name', 'Teal sateen')}</Row>
      <Row label={`Width, ${unit}`}>{input('width')}</Row>
      <Row label={`Selvedge, ${unit}`}>{input('selvedge')}</Row>
      <Row label={`In hand, ${unit}`}>{input('length', 'to be bought')}</Row>
      <Row label="Colour">
        <input
          type="color"
          className="h-9 w-full rounded-soft border border-linen-3 bg-white p-1"
          value={fields.colour}
          onChange={(event) => set({ colour: event.target.value })}
        />
      </Row>
      <label className="flex min-h-9 items-center gap-2 text-[15px]">
        <input
          type="checkbox"
          className="size-5 accent-indigo"
          checked={fields.oneWay}
          onChange={(event) => set({ oneWay: event.target.checked })}
        />
        One way: pile or print has a top
      </label>
      <Row label={`Price of a ${unit === 'in' ? 'yard' : 'metre'}`}>{input('price', 'not known')}</Row>
      <Row label={`Ends off, ${unit}`}>{input('endTrim', 'none')}</Row>
      <Row label={`Repeat, ${unit}`}>{input('repeat', 'none')}</Row>
      <FlawRows
        flaws={fields.flaws}
        unit={unit}
        faulty={(index) => problem?.field?.startsWith(`cloths.0.flaws.${index}.`) === true}
        onChange={(flaws) => set({ flaws })}
      />
      {problem && (
        <p role="alert" className="text-sm font-semibold text-madder">
          {problem.words}
        </p>
      )}
      <Button type="submit" className="min-h-11">
        {cloth ? 'Use this cloth' : 'Name this cloth'}
      </Button>
      {cloth && role !== 'outer' && (
        <Button look="quiet" onClick={() => void send(others)}>
          Leave the {role} out
        </Button>
      )}
    </form>
  );
}

const inputClass =
  'min-h-9 w-full rounded-soft border border-linen-3 bg-white px-2.5 aria-invalid:border-madder';

const Row = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <label className="grid grid-cols-[96px_1fr] items-center gap-2">
    <span className="text-sm text-walnut-2">{label}</span>
    {children}
  </label>
);
