import type { KnownClient } from '@ample-bolt/core/shop/known-client';
import { useCombobox } from 'downshift';
import { useClients } from '../../api/clients.ts';
import { controlClass, FieldNote } from '../../ui/Field.tsx';
import { tellsApart } from './tells-apart.ts';

interface ClientPickerProps {
  readonly label: string;
  /** What is typed. */
  readonly value: string;
  readonly onType: (name: string) => void;
  readonly onPick: (client: KnownClient) => void;
  /** Who cannot be meant. */
  readonly besides?: string;
  readonly hint?: string | undefined;
  readonly error?: string | undefined;
  readonly autoFocus?: boolean;
}

/** So many are offered. */
const OFFERED = 8;

/** Finds a client while her name is typed: she is picked as herself, with what tells her from another of her name. */
export function ClientPicker({
  label,
  value,
  onType,
  onPick,
  besides,
  hint,
  error,
  autoFocus = false,
}: ClientPickerProps) {
  const { data } = useClients({ q: value, state: 'here', limit: OFFERED + 1 });
  const items = (data?.clients ?? []).filter(({ id }) => id !== besides).slice(0, OFFERED);
  const { isOpen, highlightedIndex, getLabelProps, getInputProps, getMenuProps, getItemProps } =
    useCombobox<KnownClient>({
      items,
      inputValue: value,
      selectedItem: null,
      itemToString: (client) => client?.name ?? '',
      // What is typed stays as it is, whatever closes the list: only a press on one of them picks her.
      stateReducer: (state, { type, changes }) => {
        const { InputBlur, InputKeyDownEscape } = useCombobox.stateChangeTypes;
        return type === InputBlur || type === InputKeyDownEscape
          ? { ...state, isOpen: false, highlightedIndex: -1 }
          : changes;
      },
      onStateChange: ({ type, selectedItem }) => {
        const { InputKeyDownEnter, ItemClick } = useCombobox.stateChangeTypes;
        if ((type === ItemClick || type === InputKeyDownEnter) && selectedItem) onPick(selectedItem);
      },
    });
  const isShown = isOpen && items.length > 0;
  return (
    <div className="flex flex-col gap-1">
      <label {...getLabelProps()} className="text-sm font-semibold text-walnut-2">
        {label}
      </label>
      <div className="relative">
        <input
          {...getInputProps({
            autoFocus,
            autoComplete: 'off',
            maxLength: 120,
            onChange: ({ currentTarget }) => onType(currentTarget.value),
          })}
          className={controlClass}
        />
        <ul
          {...getMenuProps()}
          className={`absolute top-full right-0 left-0 z-20 max-h-72 overflow-auto rounded-soft border border-walnut bg-chalk ${isShown ? '' : 'hidden'}`}
        >
          {isShown &&
            items.map((client, index) => (
              <li
                key={client.id}
                {...getItemProps({ item: client, index })}
                className={`flex min-h-11 flex-col justify-center px-3 py-1.5 ${index === highlightedIndex ? 'bg-linen-2' : ''}`}
              >
                <span className="font-semibold">{client.name}</span>
                <span className="text-sm text-walnut-2">{tellsApart(client)}</span>
              </li>
            ))}
        </ul>
      </div>
      <FieldNote hint={hint} error={error} />
    </div>
  );
}
