import { FileUp } from 'lucide-react';
import type { ReactNode } from 'react';
import { buttonClass } from './Button.tsx';

interface FileButtonProps {
  /** Kinds of files that are offered, as for an input. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
  readonly children: ReactNode;
}

/** Asks for a file of this device. The same file may be chosen again after it was mended. */
export const FileButton = ({ accept, onFile, children }: FileButtonProps) => (
  <label
    className={`${buttonClass('outline')} cursor-pointer focus-within:outline-2 focus-within:outline-indigo`}
  >
    <FileUp size={16} aria-hidden />
    {children}
    <input
      type="file"
      accept={accept}
      className="sr-only"
      onChange={(event) => {
        const [file] = event.target.files ?? [];
        event.target.value = '';
        if (file) onFile(file);
      }}
    />
  </label>
);
