import { Check, Copy } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Button, type ButtonProps } from './Button.tsx';

/** Puts a text into the clipboard and says that it did. */
export function CopyButton({
  text,
  children,
  look = 'outline',
}: {
  readonly text: string;
  readonly children: ReactNode;
  readonly look?: ButtonProps['look'];
}) {
  const [copied, setCopied] = useState<string>();
  const done = copied === text;
  return (
    <Button
      look={look}
      onClick={() =>
        void navigator.clipboard
          .writeText(text)
          .then(() => setCopied(text))
          .catch(() => setCopied(undefined))
      }
    >
      {done ? <Check size={16} aria-hidden /> : <Copy size={16} aria-hidden />}
      {done ? 'Copied' : children}
    </Button>
  );
}
