import { format, parseISO } from 'date-fns';
import { removeMessage, useOutbox } from '../../api/outbox.ts';
import { Button } from '../../ui/Button.tsx';
import { Failed, Waiting } from '../../ui/Waiting.tsx';
import { CopyButton } from '../../ui/CopyButton.tsx';

/** Messages that would have left the shop. Nobody carries them yet: they are handed on from here. */
export function OutboxPage() {
  const { data: messages, error, mutate } = useOutbox();
  if (error && !messages) return <Failed error={error} again={() => void mutate()} />;
  if (!messages) return <Waiting what="the outbox" />;
  return (
    <main className="flex max-w-4xl flex-col gap-4 p-6 max-md:p-4">
      <h1 className="text-3xl">Outbox</h1>
      <p className="text-walnut-2">
        This shop computer sends nothing by itself. Every message lies here as a mail file, to be copied or
        opened in a mail program; a private link in it is as good as a key.
      </p>
      {messages.length === 0 && <p className="text-lg">Nothing waits to be sent.</p>}
      {messages.map(({ id, to, subject, text, at }) => (
        <article key={id} className="rounded-soft border border-linen-2 bg-white">
          <header className="flex flex-wrap items-center gap-3 border-b border-linen-2 px-5 py-3">
            <div className="grow">
              <h2 className="text-lg">{subject}</h2>
              <p className="text-sm text-walnut-2">
                to {to}, {format(parseISO(at), 'd MMM yyyy, HH:mm')}
              </p>
            </div>
            <CopyButton text={text}>Copy the message</CopyButton>
            <Button look="quiet" onClick={() => void removeMessage(id).then(() => mutate())}>
              Throw away
            </Button>
          </header>
          <p className="px-5 py-4 break-words whitespace-pre-line">{text}</p>
        </article>
      ))}
    </main>
  );
}
