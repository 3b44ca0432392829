import type { Finding } from '../findings/finding.ts';
import { finding } from '../findings/finding.ts';
import { inches } from '../units/length.ts';
import { findingWords } from '../words/finding-words.ts';
import type { PlantedSlip } from './planted-slips.ts';

/** The finding of cloth that a lay finds too short: a draft alone does not know it. */
const shortCloth = finding(
  'cloth-too-short',
  { subject: 'outer' },
  { found: inches(64), expected: inches(50) },
);

/** The slips of the trade as a page: what each is, what code is found, how heavily it weighs, and in what words. */
export function slipsPage(
  slips: readonly { readonly slip: PlantedSlip; readonly findings: readonly Finding[] }[],
): string {
  const rows = slips.map(({ slip, findings }) => {
    const found = findings.find(({ code }) => code === slip.says) ?? shortCloth;
    const { message, remedy } = findingWords(found, 'in');
    return `| ${slip.slip} | \`${slip.id}\` | \`${slip.says}\` | ${found.severity} | ${`${message} ${remedy}`.trim().replaceAll('|', '/')} |`;
  });
  return `# Slips of the trade

Each is planted in the example order by \`core/slips.test.ts\`, which writes this page (\`WRITE_DOCS=1\`): what is found at the
command line and in the page, and what is said. A stop holds lay and chalk until it is mended, or signed off with a reason.

| Slip | Planted as | Found as | Weighs | Said |
| --- | --- | --- | --- | --- |
${rows.join('\n')}
`;
}
