import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { useState } from 'react';
import { ApiProblem } from '../../api/fetcher.ts';
import { openFromOrder } from '../../api/tickets.ts';
import { FileButton } from '../../ui/FileButton.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { WhichClient } from '../clients/WhichClient.tsx';
import { parsedOrder } from './parsed-order.ts';
import { useOpened } from './use-opened.ts';

/** An order file that waits for somebody to say whose it is. */
interface FiledOrder {
  readonly title: string;
  readonly content: Readonly<Record<string, unknown>>;
  readonly namesakes: readonly KnownClient[];
}

interface FromOrderFileProps {
  /** What is typed already: the file says the rest. */
  readonly title: string;
  readonly dueOn: string;
  /** Once a ticket was opened from it. */
  readonly onOpened: () => void;
}

/** Opens a ticket from an order file; where its name is known here, it is asked whose it is. */
export function FromOrderFile({ title: typed, dueOn, onOpened }: FromOrderFileProps) {
  const opened = useOpened();
  const [filed, setFiled] = useState<FiledOrder>();
  const [failure, setFailure] = useState<string>();
  const open = async (order: FiledOrder, client?: { readonly id: string } | 'new') => {
    setFailure(undefined);
    try {
      const { title, content } = order;
      const ticket = await openFromOrder({ title, dueOn, order: content, ...(client && { client }) });
      onOpened();
      await opened(ticket);
    } catch (error) {
      if (error instanceof ApiProblem && error.code === 'known-name')
        setFiled({ ...order, namesakes: error.body['namesakes'] as KnownClient[] });
      else setFailure(error instanceof Error ? error.message : 'The ticket was not opened; try again.');
    }
  };
  const read = async (file: File) => {
    try {
      const content = parsedOrder(await file.text());
      await open({ title: typed.trim() || file.name.replace(/\.json$/i, ''), content, namesakes: [] });
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'The file cannot be read.');
    }
  };
  return (
    <>
      <FileButton accept=".json,application/json" onFile={(file) => void read(file)}>
        From an order file
      </FileButton>
      {filed && (
        <section className="w-full">
          <WhichClient
            namesakes={filed.namesakes}
            value={undefined}
            onChoose={(id) => void open(filed, id === 'new' ? 'new' : { id })}
          />
        </section>
      )}
      {failure !== undefined && (
        <div className="w-full">
          <Notice tone="stop">{failure}</Notice>
        </div>
      )}
    </>
  );
}
