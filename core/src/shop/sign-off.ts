import type { Finding } from '../findings/finding.ts';

/** A stop that somebody took on themselves: why, and what was found then. */
export interface SignOff {
  readonly why: string;
  /** Nothing is said of it in a file that signs it off whatever it comes to. */
  readonly found?: number | null;
}

export type SignOffs = { readonly [key: string]: SignOff };

/** A signed-off figure may drift by this much, mm, before it must be looked at again. */
const SAME = 1;

/** Key of a finding: its code and place, without its figures. */
export const findingKey = ({ code, where }: Finding): string =>
  [code, where.subject, where.piece, where.edge, where.measure, where.choice, where.figure]
    .filter(Boolean)
    .join(' ');

/** Whether a finding was signed off as it stands now; one that has grown since was not. */
export function isSignedOff(finding: Finding, signedOff: SignOffs): boolean {
  const signed = signedOff[findingKey(finding)];
  if (signed === undefined) return false;
  return signed.found === undefined || Math.abs((finding.found ?? 0) - (signed.found ?? 0)) <= SAME;
}

/** Stops that still hold the cut. */
export const openStops = (findings: readonly Finding[], signedOff: SignOffs): Finding[] =>
  findings.filter((finding) => finding.severity === 'stop' && !isSignedOff(finding, signedOff));
