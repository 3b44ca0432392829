import { Download } from 'lucide-react';
import type { Unit } from '@ample-bolt/core/units/length';
import { useState } from 'react';
import type { TakenIn } from '@ample-bolt/core/messages/client-messages';
import { takeInClients } from '../../api/clients.ts';
import { paths } from '../../app/paths.ts';
import { buttonClass } from '../../ui/Button.tsx';
import { FileButton } from '../../ui/FileButton.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useKept } from '../../ui/use-kept.ts';

const counted = (count: number, one: string, more: string): string => `${count} ${count === 1 ? one : more}`;

const takenWords = ({ clients, sets, known }: TakenIn): string =>
  [
    `${counted(sets, 'set', 'sets')} taken in`,
    clients > 0 ? `${counted(clients, 'client is', 'clients are')} new` : '',
    known > 0 ? `${counted(known, 'set was', 'sets were')} here already` : '',
  ]
    .filter(Boolean)
    .join(', ');

/** Everybody's newest measures out as one table, and a table of clients in. */
export function PeopleFiles({ onTaken }: { readonly onTaken: () => void }) {
  const [unit = 'in'] = useKept<Unit>('people-unit');
  const [said, setSaid] = useState<{ readonly tone: 'done' | 'stop'; readonly words: string }>();
  const takeIn = async (file: File) => {
    try {
      setSaid({ tone: 'done', words: `${takenWords(await takeInClients(await file.text(), unit))}.` });
      onTaken();
    } catch (error) {
      setSaid({
        tone: 'stop',
        words: error instanceof Error ? error.message : 'The table was not taken in.',
      });
    }
  };
  return (
    <>
      <a href={paths.clientsCsv(unit)} className={buttonClass('outline')}>
        <Download size={16} aria-hidden />
        All measures as CSV
      </a>
      <FileButton accept=".csv,text/csv" onFile={(file) => void takeIn(file)}>
        Clients from CSV
      </FileButton>
      {said && (
        <div className="basis-full" role="status">
          <Notice tone={said.tone}>{said.words}</Notice>
        </div>
      )}
    </>
  );
}
