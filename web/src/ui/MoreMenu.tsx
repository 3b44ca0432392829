import { Ellipsis } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

interface MoreMenuProps {
  /** The thing that it is about, such as “This ticket”. */
  readonly label: string;
  readonly children: ReactNode;
}

/** Three points that hold what is done with the whole of something, rarely. */
export const MoreMenu = ({ label, children }: MoreMenuProps) => (
  <DropdownMenu.Root modal={false}>
    <DropdownMenu.Trigger
      aria-label={label}
      title={label}
      className="grid h-9 min-w-10 place-items-center rounded-soft border border-linen-3 bg-white hover:bg-linen-1 max-md:h-11"
    >
      <Ellipsis size={18} aria-hidden />
    </DropdownMenu.Trigger>
    <DropdownMenu.Portal>
      <DropdownMenu.Content
        align="end"
        sideOffset={4}
        className="z-30 min-w-52 rounded-soft border border-walnut bg-chalk p-1.5 text-base"
      >
        {children}
      </DropdownMenu.Content>
    </DropdownMenu.Portal>
  </DropdownMenu.Root>
);

interface MoreItemProps {
  readonly onSelect: () => void;
  readonly children: ReactNode;
  /** It takes something away. */
  readonly grave?: boolean;
}

export const MoreItem = ({ onSelect, children, grave = false }: MoreItemProps) => (
  <DropdownMenu.Item
    className={`flex min-h-10 cursor-default items-center rounded-soft px-3 outline-none data-[highlighted]:bg-linen-1 max-md:min-h-11 ${grave ? 'text-madder' : ''}`}
    onSelect={onSelect}
  >
    {children}
  </DropdownMenu.Item>
);

export const MoreLine = () => <DropdownMenu.Separator className="my-1 h-px bg-linen-3" />;
