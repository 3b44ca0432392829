import type { Draft } from '@ample-bolt/core/drafting/draft';
import { clamp } from '@ample-bolt/core/geometry/clamp';
import type { Lit } from '@ample-bolt/core/pieces/lit-place';
import type { CheckedSeam } from '@ample-bolt/core/pieces/check-seams';
import type { Style } from '@ample-bolt/core/styles/style';
import { chalkMannerOf } from '@ample-bolt/core/shop/ticket';
import { styleOf } from '@ample-bolt/core/styles/style-book';
import { formatLength } from '@ample-bolt/core/units/format-length';
import type { Unit } from '@ample-bolt/core/units/length';
import { useState } from 'react';
import { PieceOnCloth } from '../../canvas/PieceOnCloth.tsx';
import { Notice } from '../../ui/Notice.tsx';
import type { DraftedTicket } from '../../workers/drafting.worker.ts';
import { asPreview, useDrafted } from '../../workers/use-drafted.ts';
import { clothColour } from '../ticket/cloth-of.ts';
import { EaseStrip } from '../ticket/EaseStrip.tsx';
import { FindingList } from '../ticket/FindingList.tsx';
import { LeaveChoices } from '../ticket/LeaveChoices.tsx';
import { NotYet } from '../ticket/NotYet.tsx';
import { PieceStepper } from '../ticket/PieceStepper.tsx';
import { PieceList } from '../ticket/PieceList.tsx';
import { useTicketContext } from '../ticket/ticket-context.ts';
import { handlesNow } from '../ticket/handles-now.ts';
import { useChoiceEntry } from '../ticket/use-choice-entry.ts';
import { AllPieces } from './AllPieces.tsx';
import { BesideBar } from './BesideBar.tsx';
import { BesideTable } from './BesideTable.tsx';
import { SeamTable } from './SeamTable.tsx';
import { SeamWalk } from './SeamWalk.tsx';
import { TrialBar } from './TrialBar.tsx';
import {
  besideNow,
  otherSchool,
  schoolOf,
  schools,
  useBeside,
  type Beside,
  type School,
} from './use-beside.ts';
import { useTrued } from './use-trued.ts';
import { seamEdges } from '@ample-bolt/core/pieces/seam';
import { idsIn } from '@ample-bolt/core/pieces/named-edge';

/** The pieces as drawn, the seams measured against each other, and what the checks found. */
export function DraftPage() {
  const { ticket, drafted } = useTicketContext();
  const style = styleOf(ticket.styleId);
  return drafted && style ? <DraftTable key={style.id} drafted={drafted} style={style} /> : <NotYet />;
}

/** The edge of a seam that lies on a piece. */
const edgesOn = (seam: CheckedSeam | undefined, piece: string): Lit => ({
  edges: (seam ? seamEdges(seam) : []).flatMap((reference) => {
    const ids = idsIn(reference);
    return ids.piece === piece ? [ids.edge] : [];
  }),
  points: [],
});

/** What lies behind the draft, and what the two are called. */
interface Behind {
  readonly draft: Draft;
  readonly names: readonly [here: string, other: string];
}

/** Of what could lie behind the draft the one that was asked for first, then a correction, then what is agreed. */
function behind(
  school: School,
  beside: Beside,
  drafts: { readonly [kind in 'asked' | 'trued' | 'agreed']: Draft | undefined },
): Behind | undefined {
  const { asked, trued, agreed } = drafts;
  if (asked)
    return {
      draft: asked,
      names: beside === 'school' ? [schools[school], schools[otherSchool(school)]] : ['now', 'then'],
    };
  if (trued) return { draft: trued, names: ['now', 'trued'] };
  return agreed && { draft: agreed, names: ['on trial', 'agreed'] };
}

/** The draft on the table: lengths that were chosen are dragged on its pieces, and it lies beside whatever is wanted. */
function DraftTable({ drafted: stored, style }: { readonly drafted: DraftedTicket; readonly style: Style }) {
  const { ticket, actions } = useTicketContext();
  const [chosenBeside, setBeside] = useState<Beside>('nothing');
  const beside = besideNow(ticket, chosenBeside);
  const [chosen, setChosen] = useState<string>();
  const [seamId, setSeamId] = useState<string>();
  const entry = useChoiceEntry(ticket, style, actions);
  const inHand = entry.changed ? { ...ticket, choices: entry.preview } : ticket;
  const onTrial = useDrafted(entry.changed ? asPreview(inHand, {}) : undefined).drafted;
  const { draft, handles: all } = onTrial ?? stored;
  const { pieces, seams, rounds, coverage, findings } = draft;
  const current = pieces.find(({ piece }) => piece.id === chosen);
  const walked = seams.find(({ id }) => id === seamId);
  const trued = useTrued(inHand, draft, walked);
  const asked = useBeside(inHand, beside);
  const other = behind(schoolOf(ticket), beside, {
    asked,
    trued: trued?.draft,
    agreed: onTrial && stored.draft,
  });
  const show = (next: CheckedSeam) => {
    setSeamId(next.id);
    if (current && edgesOn(next, current.piece.id).edges.length > 0) return;
    // Both edges of a seam are seen among all pieces; one that is not true is looked at on its piece, beside what would true it.
    setChosen(next.ok ? undefined : next.a[0] && idsIn(next.a[0].edge).piece);
  };
  const handles = handlesNow(all, entry.lengths).filter(({ piece }) => piece === current?.piece.id);
  return (
    <div className="flex h-full flex-col gap-3 max-lg:h-auto">
      <LeaveChoices entry={entry} />
      <PieceStepper pieces={pieces} current={current?.piece.id} onChoose={setChosen} withAll />
      <div className="grid min-h-0 grow grid-cols-[236px_minmax(0,1fr)_360px] gap-4 max-xl:grid-cols-[190px_minmax(0,1fr)_290px] max-lg:flex max-lg:flex-col">
        <div className="flex min-h-0 flex-col gap-3 max-lg:order-last">
          <PieceList pieces={pieces} current={current?.piece.id} onChoose={setChosen} withAll />
          <div className="shrink-0">
            <EaseStrip rounds={rounds} coverage={coverage} unit={ticket.unit} />
          </div>
        </div>
        <div className="flex min-h-0 flex-col gap-2">
          <BesideBar
            beside={beside}
            onBeside={(next) => {
              setBeside(next);
              // Two drafts are compared piece by piece.
              if (next !== 'nothing' && !current) setChosen(pieces[0]?.piece.id);
            }}
          />
          <div className="min-h-0 grow max-lg:h-[46dvh] max-lg:min-h-72">
            {current ? (
              <PieceOnCloth
                drafted={current}
                frame={stored.draft.pieces.find(({ piece }) => piece.id === current.piece.id)}
                cloth={clothColour(ticket)}
                unit={ticket.unit}
                lit={edgesOn(walked, current.piece.id)}
                line={chalkMannerOf(ticket).line}
                other={other?.draft.pieces.find(({ piece }) => piece.id === current.piece.id)}
                movable={handles.map(({ onPiece, wayOnPiece, label, mm, least, most, choice }) => ({
                  at: onPiece,
                  way: wayOnPiece,
                  label,
                  mm,
                  onMove: (wanted) => entry.move(choice, clamp(wanted, least, most)),
                }))}
              />
            ) : (
              <AllPieces pieces={pieces} cloth={clothColour(ticket)} onChoose={setChosen} seam={walked} />
            )}
          </div>
          {entry.changed && <TrialBar style={style} entry={entry} unit={ticket.unit} />}
          {walked && <SeamWalk draft={draft} seam={walked} unit={ticket.unit} truing={trued?.truing} />}
        </div>
        <div className="flex min-h-0 flex-col gap-3 overflow-auto max-lg:overflow-visible">
          {other && current && (
            <BesideTable here={draft} other={other.draft} names={other.names} piece={current.piece.id} />
          )}
          <SeamSummary seams={seams} unit={ticket.unit} />
          <FindingList findings={findings} tryChoice={{ length: entry.move, option: entry.type }} />
          <SeamTable seams={seams} unit={ticket.unit} current={seamId} onShow={show} />
        </div>
      </div>
    </div>
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
        ? seams.every(({ relation }) => relation.kind === 'equal')
          ? 'Every pair is equal to a hair.'
          : 'Every pair is equal, or eased as it should be, to a hair.'
        : `Largest difference ${formatLength(size, unit, { denominator: 32, style: 'typeset' })}, ${largest.id}.`}
    </Notice>
  );
}
