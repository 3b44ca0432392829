import { styleFileOf } from '@ample-bolt/core/formats/style/write-style';
import type { Ticket } from '@ample-bolt/core/shop/ticket';
import { useState } from 'react';
import { keepStyle } from '../../api/styles.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Field, inputClass } from '../../ui/Field.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { useKeptForm } from '../../ui/use-kept-form.ts';

interface KeepStyleProps {
  readonly ticket: Ticket;
  readonly onClose: () => void;
}

/** Keeps the ticket's garment in the house's style book, under a name of its own: its parts and choices, nothing of its client. */
export function KeepStyle({ ticket, onClose }: KeepStyleProps) {
  const form = useKeptForm(`keep-style-${ticket.id}`, { name: '' });
  const { errors } = form.formState;
  const [kept, setKept] = useState<string>();
  const keep = form.handleSubmit(async ({ name }) => {
    try {
      setKept((await keepStyle(styleFileOf(ticket, name))).file.name);
      form.forget();
    } catch (error) {
      form.setError('name', {
        message: error instanceof Error ? error.message : 'It was not kept; try again.',
      });
    }
  });
  return (
    <Dialog title="A style of the house" open onClose={onClose}>
      {kept !== undefined ? (
        <Notice tone="done">
          {kept} is in the style book now. The page House has it to take out or to save as a file.
        </Notice>
      ) : (
        <form className="flex flex-col gap-4" noValidate onSubmit={(event) => void keep(event)}>
          <p className="text-walnut-2">
            The parts of this garment and what is chosen of them go into the style book. Measures, cloths and
            figures by hand stay here.
          </p>
          <Field label="Name" error={errors.name?.message}>
            <input
              maxLength={80}
              autoComplete="off"
              className={inputClass}
              {...form.register('name', {
                validate: (name) => name.trim() !== '' || 'Give it a name to find it by.',
              })}
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
