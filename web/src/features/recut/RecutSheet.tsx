import { Card } from '../../ui/Card.tsx';
import { CheckBox } from '../../ui/CheckBox.tsx';
import { Segmented } from '../../ui/Segmented.tsx';
import { bodyFields, easeFields, shirtFields } from './recut-fields.ts';
import { RecutField } from './RecutField.tsx';
import type { RecutEntry, Typing } from './use-recut.ts';

interface FieldsProps<Id extends string> {
  readonly of: { readonly [id in Id]: { readonly label: string } };
  readonly typing: Typing<Id>;
  readonly columns?: string;
}

const Fields = <Id extends string>({ of, typing, columns = 'grid-cols-4' }: FieldsProps<Id>) => (
  <div className={`grid ${columns} gap-x-3 gap-y-2 max-md:grid-cols-2`}>
    {(Object.keys(of) as Id[]).map((id) => (
      <RecutField key={id} id={id} label={of[id].label} typing={typing} />
    ))}
  </div>
);

/** What the shirt is recut to, and what its seams and halves let a hand do. */
export function RecutSheet({ entry }: { readonly entry: RecutEntry }) {
  const { target, setTarget, withSeams, setWithSeams } = entry;
  return (
    <Card title="Recut to">
      <div className="flex flex-col gap-3 px-5 py-4 max-md:px-3">
        <Segmented
          label="Recut to"
          value={target}
          onChange={setTarget}
          options={[
            { value: 'body', word: 'a body with ease' },
            { value: 'sample', word: 'a shirt that fits' },
          ]}
        />
        {target === 'body' ? (
          <>
            <Fields of={bodyFields} typing={entry.body} />
            <Fields of={easeFields} typing={entry.ease} columns="grid-cols-5" />
            <CheckBox checked={withSeams} onChange={setWithSeams}>
              The ease has the inch of the seams in it: 8 is then the same as 7 without
            </CheckBox>
          </>
        ) : (
          <p className="text-walnut-2">
            Measure the shirt that fits beside the other one, in the same order. A front and a back half need not be
            alike, and cuffs may differ for a watch.
          </p>
        )}
        <Fields of={shirtFields} typing={entry.shirt} />
      </div>
    </Card>
  );
} // prettier-ignore
