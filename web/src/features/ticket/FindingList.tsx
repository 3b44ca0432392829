import type { Finding } from '@ample-bolt/core/findings/finding';
import { measureName } from '@ample-bolt/core/measures/catalogue';
import { findingKey, isSignedOff } from '@ample-bolt/core/shop/sign-off';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import { useState, type ReactNode } from 'react';
import { Button } from '../../ui/Button.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useTicketContext } from './ticket-context.ts';
import { useRemedy, type TryChoice } from './use-remedy.ts';

interface FindingListProps {
  readonly findings: readonly Finding[];
  readonly tryChoice?: TryChoice;
}

/** What the checks found, each with a button that mends it; a stop may be signed off with a reason. What asks for nothing is one line. */
export function FindingList({ findings, tryChoice }: FindingListProps) {
  const notes = findings.filter(isFolded);
  return (
    <ul className="flex flex-col gap-2">
      {findings
        .filter((finding) => !isFolded(finding))
        .map((finding) => (
          <li key={keyOf(finding)}>
            <FindingToMend finding={finding} tryChoice={tryChoice} />
          </li>
        ))}
      {notes.length > 0 && (
        <li>
          <details className="rounded-soft border border-linen-2 bg-white">
            <summary className="flex min-h-11 cursor-pointer items-center px-4 text-[15px]">
              {noteWords(notes)}
            </summary>
            <ul className="flex flex-col gap-2 p-2">
              {notes.map((finding) => (
                <li key={keyOf(finding)}>
                  <FindingToMend finding={finding} tryChoice={tryChoice} />
                </li>
              ))}
            </ul>
          </details>
        </li>
      )}
    </ul>
  );
}

/** A note asks for nothing; what is cut later is one that has to be remembered. */
const isFolded = ({ severity, code }: Finding): boolean => severity === 'note' && code !== 'cut-later';

const keyOf = (finding: Finding): string => `${findingKey(finding)} ${finding.found ?? ''}`;

/** All notes in one line: which measures were worked out, and how many other notes there are. */
function noteWords(notes: readonly Finding[]): string {
  const derived = notes.flatMap(({ code, where: { measure } }) =>
    code === 'measure-derived' && measure ? [measureName(measure)] : [],
  );
  const others = notes.length - derived.length;
  const more = others === 1 ? '1 note' : `${others} notes`;
  if (derived.length === 0) return more;
  return `Worked out, not measured: ${derived.join(', ')}${others > 0 ? `; ${more}` : ''}`;
}

const Small = ({ onClick, children }: { readonly onClick: () => void; readonly children: ReactNode }) => (
  <button
    type="button"
    onClick={onClick}
    className="min-h-8 shrink-0 rounded-soft border border-current bg-white px-3 text-sm font-semibold whitespace-nowrap text-walnut"
  >
    {children}
  </button>
);

/** One finding, with what mends it. */
function FindingToMend({
  finding,
  tryChoice,
}: {
  readonly finding: Finding;
  readonly tryChoice: TryChoice | undefined;
}) {
  const { ticket, actions, attempt } = useTicketContext();
  const remedyFor = useRemedy(tryChoice);
  const [signing, setSigning] = useState(false);
  const { message, remedy } = findingWords(finding, ticket.unit);
  const ways = [finding.remedy, finding.orElse].flatMap((each) => (each ? [remedyFor(each)] : []));
  const key = findingKey(finding);
  const signed = isSignedOff(finding, ticket.signedOff) ? ticket.signedOff[key] : undefined;
  const put = (why: string | null) =>
    attempt(
      actions.put('sign-offs', {
        signedOff: { [key]: why === null ? null : { why, found: finding.found ?? null } },
      }),
      'The sign-off was not stored.',
    );
  return (
    <Notice
      tone={signed ? 'note' : finding.severity}
      action={
        !signed &&
        ways.length > 0 && (
          <span className="flex flex-col gap-1.5">
            {ways.map(({ verb, act }) => (
              <Small key={verb} onClick={act}>
                {verb}
              </Small>
            ))}
          </span>
        )
      }
    >
      <p className="text-[15px] leading-snug font-semibold">{message}</p>
      {remedy && !signed && <p className="text-sm text-walnut-2">{remedy}</p>}
      {signed && (
        <p className="mt-1 flex items-center gap-3 text-sm">
          <span className="grow">Signed off: {signed.why}</span>
          <Small onClick={() => put(null)}>Take back</Small>
        </p>
      )}
      {finding.severity === 'stop' && !signed && !signing && (
        <button type="button" className="mt-1 text-sm underline" onClick={() => setSigning(true)}>
          Sign it off with a reason
        </button>
      )}
      {signing && !signed && (
        <SignOffForm
          onSign={(why) => {
            put(why);
            setSigning(false);
          }}
          onLeave={() => setSigning(false)}
        />
      )}
    </Notice>
  );
}

/** The shortest reason that says anything, in letters. */
const LEAST_REASON = 3;

function SignOffForm({
  onSign,
  onLeave,
}: {
  readonly onSign: (why: string) => void;
  readonly onLeave: () => void;
}) {
  const [why, setWhy] = useState('');
  const ready = why.trim().length >= LEAST_REASON;
  return (
    <form
      className="mt-2 flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (ready) onSign(why.trim());
      }}
    >
      <input
        autoFocus
        aria-label="Why it may be cut so"
        placeholder="Why it may be cut so"
        maxLength={200}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        className="min-h-9 rounded-soft border border-linen-3 bg-white px-2.5"
      />
      <span className="flex gap-2">
        <Button type="submit" look="outline" disabled={!ready}>
          Sign off
        </Button>
        <Button look="quiet" onClick={onLeave}>
          Cancel
        </Button>
      </span>
    </form>
  );
}
