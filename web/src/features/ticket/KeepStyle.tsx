import { styleFileOf } from '@ample-bolt/core/formats/style/write-style';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useState } from 'react';
import { keepStyle } from '../../api/styles.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Field, inputClass } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';

interface KeepStyleProps {
  readonly ticket: Ticket;
  readonly onClose: () => void;
}

/** Keeps the ticket's garment in the house's style book, under a name of its own: its parts and choices, nothing of its client. */
export function KeepStyle({ ticket, onClose }: KeepStyleProps) {
  const [name, setName] = useState('');
  const [failure, setFailure] = useState<string>();
  const [kept, setKept] = useState(false);
  const keep = async () => {
    if (name.trim() === '') {
      setFailure('Give it a name to find it by.');
      return;
    }
    try {
      await keepStyle(styleFileOf(ticket, name));
      setFailure(undefined);
      setKept(true);
    } catch (error) {
      setFailure(error instanceof Error ? error.message : 'It was not kept; try again.');
    }
  };
  return (
    <Dialog title="A style of the house" open onClose={onClose}>
      {kept ? (
        <Notice tone="done">
          {name.trim()} is in the style book now. The page House has it to take out or to save as a file.
        </Notice>
      ) : (
        <form
          className="flex flex-col gap-4"
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            void keep();
          }}
        >
          <p className="text-walnut-2">
            The parts of this garment and what is chosen of them go into the style book. Measures, cloths and
            figures by hand stay here.
          </p>
          <Field label="Name" error={failure}>
            <input
              value={name}
              maxLength={80}
              autoComplete="off"
              onChange={({ target }) => setName(target.value)}
              className={inputClass}
            />
          </Field>
          <div>
            <Button type="submit">Keep it</Button>
          </div>
        </form>
      )}
    </Dialog>
  );
}
