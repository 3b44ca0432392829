import type { Finding } from '@ample-bolt/core/findings/finding';
import type { Unit } from '@ample-bolt/core/units/length';
import { findingWords } from '@ample-bolt/core/words/finding-words';
import type { ReactNode } from 'react';
import { Notice } from './Notice.tsx';

interface FindingNoticeProps {
  readonly finding: Finding;
  readonly unit: Unit;
  readonly action?: ReactNode;
}

/** What a check found, in words, with what mends it. */
export function FindingNotice({ finding, unit, action }: FindingNoticeProps) {
  const { message, remedy } = findingWords(finding, unit);
  return (
    <Notice tone={finding.severity} action={action}>
      <p className="font-semibold">{message}</p>
      <p className="text-sm text-walnut-2">{remedy}</p>
    </Notice>
  );
}
