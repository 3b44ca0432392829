import type { Draft } from '@ample-bolt/core/drafting/draft';
import { rules, ruleSet } from '@ample-bolt/core/rules/catalogue';
import { levelName } from '@ample-bolt/core/words/names';
import type { CheckedSeam } from '@ample-bolt/core/pieces/check-seams';
import { formatLength, formatNumber } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { Check, X } from 'lucide-react';
import { useState } from 'react';
import { PieceOnCloth } from '../../canvas/PieceOnCloth.tsx';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Segmented } from '../../ui/Segmented.tsx';
import { asPreview, useDrafted } from '../../workers/use-drafted.ts';
import { clothColour } from '../ticket/cloth-of.ts';
import { EaseStrip } from '../ticket/EaseStrip.tsx';
import { FindingList } from '../ticket/FindingList.tsx';
import { NotYet } from '../ticket/NotYet.tsx';
import { PieceList } from '../ticket/PieceList.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { SeamWalk } from './SeamWalk.tsx';

/** The pieces as drawn, the seams measured against each other, and what the checks found; beside the other school, when asked. */
export function DraftPage() {
  const { drafted } = useTicketContext();
  const [comparing, setComparing] = useState(false);
  const [piece, setPiece] = useState('bodice-front');
  if (!drafted) return <NotYet />;
  const shared = { piece, onPiece: setPiece, onCompare: () => setComparing(!comparing) };
  return comparing ? <Compared {...shared} /> : <Drafted other={undefined} {...shared} />;
}

interface DraftedProps {
  readonly piece: string;
  readonly onPiece: (id: string) => void;
  readonly onCompare: () => void;
}

const schools = rules['school.block'].methods;
type School = keyof typeof schools;

const otherSchool = (school: School): School => (school === 'solved' ? 'table' : 'solved');

/** Drafts the same ticket by the other school, to be looked at behind this one. */
function Compared(props: DraftedProps) {
  const { ticket } = useTicketContext();
  const school = otherSchool(ruleSet(ticket.rules)['school.block']);
  const { drafted } = useDrafted(asPreview(ticket, { rules: { ...ticket.rules, 'school.block': school } }));
  return <Drafted other={drafted?.draft} {...props} />;
}

function Drafted({
  other,
  piece: chosen,
  onPiece: setChosen,
  onCompare,
}: DraftedProps & { readonly other: Draft | undefined }) {
  const { ticket, drafted } = useTicketContext();
  const [seam, setSeam] = useState<CheckedSeam>();
  if (!drafted) return <NotYet />;
  const { pieces, seams, rounds, coverage, findings } = drafted.draft;
  const current = pieces.find(({ piece }) => piece.id === chosen) ?? pieces[0];
  if (!current) return <NotYet />;
  // The seam as it is now: a change may have moved it since it was chosen.
  const walked = seams.find(({ id }) => id === seam?.id);
  const edgeOnPiece = [...(seam?.a ?? []), ...(seam?.b ?? [])]
    .find((edge) => edge.startsWith(`${current.piece.id}/`))
    ?.split('/')[1];
  const show = (next: CheckedSeam) => {
    setSeam(next);
    const here = [...next.a, ...next.b].some((edge) => edge.startsWith(`${current.piece.id}/`));
    if (!here) setChosen((next.a[0] ?? '').split('/')[0] ?? chosen);
  };
  return (
    <div className="grid h-full grid-cols-[236px_minmax(0,1fr)_360px] gap-4">
      <div className="flex min-h-0 flex-col gap-3">
        <PieceList pieces={pieces} current={current.piece.id} onChoose={setChosen} />
        <div className="shrink-0">
          <EaseStrip rounds={rounds} coverage={coverage} unit={ticket.unit} />
        </div>
      </div>
      <div className="flex min-h-0 flex-col gap-2">
        <SchoolBar comparing={other !== undefined} onCompare={onCompare} />
        <div className="min-h-0 grow">
          <PieceOnCloth
            drafted={current}
            cloth={clothColour(ticket)}
            unit={ticket.unit}
            lit={edgeOnPiece}
            other={other?.pieces.find(({ piece }) => piece.id === current.piece.id)}
          />
        </div>
        {walked && <SeamWalk draft={drafted.draft} seam={walked} unit={ticket.unit} />}
      </div>
      <div className="flex min-h-0 flex-col gap-3 overflow-auto">
        {other && <SchoolTable here={drafted.draft} other={other} />}
        <SeamSummary seams={seams} unit={ticket.unit} />
        <FindingList findings={findings} />
        <SeamTable seams={seams} unit={ticket.unit} current={seam?.id} onShow={show} />
      </div>
    </div>
  );
}

/** By which school the ticket is drafted, and the way to look at the other. */
function SchoolBar({
  comparing,
  onCompare,
}: {
  readonly comparing: boolean;
  readonly onCompare: () => void;
}) {
  const { ticket, actions, attempt } = useTicketContext();
  const school = ruleSet(ticket.rules)['school.block'];
  return (
    <div className="flex items-center gap-3">
      <Segmented
        label="Drafted by"
        value={school}
        onChange={(next) =>
          attempt(actions.put('rules', { rules: { 'school.block': next } }), 'The school was not changed.')
        }
        options={(Object.keys(schools) as School[]).map((value) => ({ value, word: schools[value] }))}
      />
      <Button look="quiet" aria-pressed={comparing} onClick={onCompare} className="aria-pressed:bg-indigo-1">
        {comparing
          ? `Hide the ${schools[otherSchool(school)]}`
          : `Beside the ${schools[otherSchool(school)]}`}
      </Button>
    </div>
  );
}

/** Both schools in figures: what each leaves of the wanted ease, and how many seams are true. */
function SchoolTable({ here, other }: { readonly here: Draft; readonly other: Draft }) {
  const { ticket } = useTicketContext();
  const school = ruleSet(ticket.rules)['school.block'];
  const ease = (mm: number | undefined) =>
    mm === undefined
      ? ''
      : `${mm < 0 ? '−' : '+'}${formatNumber(Math.abs(mm), ticket.unit, { style: 'typeset' })}`;
  const count = ({ seams }: Draft) => `${seams.filter(({ ok }) => ok).length} of ${seams.length}`;
  const stops = ({ findings }: Draft) =>
    String(findings.filter(({ severity }) => severity === 'stop').length);
  const rows = [
    ...here.rounds.map(({ level, ease: own, wantedEase }) => [
      `Ease at ${levelName[level].replace(' line', '')}, wanted ${ease(wantedEase)}`,
      ease(own),
      ease(other.rounds.find((round) => round.level === level)?.ease),
    ]),
    ['Seams true', count(here), count(other)],
    ['Stops', stops(here), stops(other)],
  ];
  return (
    <table className="w-full border-collapse rounded-soft border border-linen-2 bg-white text-left text-[15px]">
      <thead className="text-[13px] text-walnut-2">
        <tr>
          <th className="px-4 py-2 font-semibold">Finished</th>
          <th className="px-2 py-2 text-right font-semibold">{schools[school]}</th>
          <th className="px-4 py-2 text-right font-semibold">{schools[otherSchool(school)]}, dashed</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([words, own, others]) => (
          <tr key={words} className="border-t border-linen-2">
            <td className="px-4 py-1.5">{words}</td>
            <td className="px-2 py-1.5 text-right font-bold">{own}</td>
            <td className="px-4 py-1.5 text-right">{others}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function SeamSummary({ seams, unit }: { readonly seams: readonly CheckedSeam[]; readonly unit: Unit }) {
  const trueSeams = seams.filter(({ ok }) => ok).length;
  const largest = seams.reduce((most, seam) =>
    Math.abs(seam.difference) > Math.abs(most.difference) ? seam : most,
  );
  const size = Math.abs(largest.difference);
  return (
    <Notice tone={trueSeams === seams.length ? 'done' : 'stop'}>
      <strong>
        {trueSeams} of {seams.length} seams true.
      </strong>{' '}
      {size < 0.4
        ? 'Every pair is equal to a hair.'
        : `Largest difference ${formatLength(size, unit, { denominator: 32, style: 'typeset' })}, ${largest.id}.`}
    </Notice>
  );
}

interface SeamTableProps {
  readonly seams: readonly CheckedSeam[];
  readonly unit: Unit;
  readonly current: string | undefined;
  readonly onShow: (seam: CheckedSeam) => void;
}

/** Each seam with both its lengths; choosing one lights it on the piece. */
const SeamTable = ({ seams, unit, current, onShow }: SeamTableProps) => (
  <section className="rounded-soft border border-linen-2 bg-white py-2">
    <h2 className="px-4 py-1.5 font-text text-[13px] font-semibold tracking-normal text-walnut-2">
      Seams, measured on both sides
    </h2>
    {seams.map((seam) => (
      <button
        key={seam.id}
        type="button"
        aria-pressed={seam.id === current}
        onClick={() => onShow(seam)}
        className="flex min-h-9 w-full items-center gap-2 px-4 text-left text-[15px] hover:bg-linen-1 aria-pressed:bg-indigo-1"
      >
        {seam.ok ? (
          <Check size={16} className="text-woad" aria-label="true" />
        ) : (
          <X size={16} className="text-madder" aria-label="not true" />
        )}
        <span className="grow truncate">{seamWords(seam.id)}</span>
        <span className="font-semibold whitespace-nowrap">
          {formatNumber(seam.lengthA, unit, { denominator: 16, style: 'typeset' })}{' '}
          {seam.relation.kind === 'equal' ? '=' : '·'}{' '}
          {formatNumber(seam.lengthB, unit, { denominator: 16, style: 'typeset' })}
        </span>
      </button>
    ))}
  </section>
);

const seamWords = (id: string): string =>
  id.replaceAll('-', ' ').replace(/ (\d)$/, (_, place: string) => (place === '1' ? '' : ', outer'));
