import { useController, useFormContext } from 'react-hook-form';
import { controlClass, Field } from '../../ui/Field.tsx';
import { useHouseStyles } from '../../api/styles.ts';
import { Segmented } from '../../ui/Segmented.tsx';
import { ClientPicker } from '../clients/ClientPicker.tsx';
import { WhichClient } from '../clients/WhichClient.tsx';
import { pickedStyle } from '../ticket/picked-style.ts';
import { StyleBook } from '../ticket/StyleBook.tsx';
import type { NewTicketFields } from './new-ticket-fields.ts';
import type { Whose } from './use-whose.ts';

/** For whom a ticket is, what is made, by when, and in which style. */
export function TicketFields({ whose }: { readonly whose: Whose }) {
  const { data: own = [] } = useHouseStyles();
  const { register, formState } = useFormContext<NewTicketFields>();
  const { field: client } = useController<NewTicketFields, 'client'>({
    name: 'client',
    rules: { validate: (name) => name.trim() !== '' || 'Write the client’s name.' },
  });
  const { field: style } = useController<NewTicketFields, 'styleId'>({ name: 'styleId' });
  const { namesakes, known } = whose;
  return (
    <>
      <div className="grid gap-5 md:grid-cols-2">
        <ClientPicker
          label="Client"
          autoFocus
          value={client.value}
          onType={client.onChange}
          onPick={({ id, name }) => {
            client.onChange(name);
            whose.say(name, id);
          }}
          error={formState.errors.client?.message}
          hint={
            known
              ? `Another ticket for ${known.name}.`
              : namesakes.length > 0
                ? 'Somebody else of this name: a new client.'
                : 'A new name opens a new client.'
          }
        />
        <Field label="What is made" error={formState.errors.title?.message}>
          <input
            className={controlClass}
            {...register('title', {
              validate: (title) => title.trim() !== '' || 'Give it a name, such as “Navy dress”.',
            })}
          />
        </Field>
      </div>
      {namesakes.length > 0 && (
        <WhichClient
          namesakes={namesakes}
          value={whose.which}
          onChoose={(chosen) => whose.say(client.value, chosen)}
        />
      )}
      <div className="flex flex-wrap items-end gap-x-8 gap-y-4">
        <Field label="Due" error={formState.errors.dueOn?.message}>
          <input
            type="date"
            className={controlClass}
            {...register('dueOn', { required: 'Choose the day it must be ready.' })}
          />
        </Field>
        <Choice name="unit" label="Measured in" options={units} />
        {!known && <Choice name="kind" label="Sizing" options={kinds} />}
      </div>
      <fieldset>
        <legend className="pb-1 text-sm font-semibold text-walnut-2">Style</legend>
        <StyleBook value={style.value} onChange={style.onChange} />
        <p className="pt-1.5 text-sm text-walnut-2">{pickedStyle(style.value, own)?.summary}</p>
      </fieldset>
    </>
  );
}

const units = [
  { value: 'in', word: 'inches' },
  { value: 'cm', word: 'centimetres' },
] as const;
const kinds = [
  { value: 'adult', word: 'Adult' },
  { value: 'child', word: 'Child' },
] as const;

interface ChoiceProps<Name extends 'unit' | 'kind'> {
  readonly name: Name;
  readonly label: string;
  readonly options: readonly { readonly value: NewTicketFields[Name]; readonly word: string }[];
}

/** One of two. */
function Choice<Name extends 'unit' | 'kind'>({ name, label, options }: ChoiceProps<Name>) {
  const { field } = useController<NewTicketFields, Name>({ name });
  return (
    <div className="flex items-center gap-3">
      <span className="text-sm font-semibold text-walnut-2">{label}</span>
      <Segmented label={label} value={field.value} onChange={field.onChange} options={options} />
    </div>
  );
}
