import type { HouseStyle } from '@ample-bolt/core/messages/style-messages';
import { useState } from 'react';
import { keepStyle, removeStyle, useHouseStyles } from '../../api/styles.ts';
import { Button, buttonClass } from '../../ui/Button.tsx';
import { Card } from '../../ui/Card.tsx';
import { FileButton } from '../../ui/FileButton.tsx';
import { Notice } from '../../ui/Notice.tsx';
import { Failed } from '../../ui/Waiting.tsx';
import { StylePicture } from '../ticket/StylePicture.tsx';

/** A style file as an address to save it from. */
const addressOf = (file: HouseStyle['file']): string =>
  `data:application/json;charset=utf-8,${encodeURIComponent(JSON.stringify(file, null, 2))}`;

/** The styles that this house composed: saved as files, taken in from files, taken out. */
export function HouseStyles() {
  const { data: own, error, mutate } = useHouseStyles();
  const [failure, setFailure] = useState<string>();
  const [taken, setTaken] = useState<HouseStyle['file']>();
  /** What stands as taken out once it is done. */
  const attempt = async (act: () => Promise<unknown>, then?: HouseStyle['file']) => {
    try {
      await act();
      setFailure(undefined);
      setTaken(then);
    } catch (problem) {
      setFailure(problem instanceof Error ? problem.message : 'That did not work; try again.');
    }
  };
  const takeIn = (file: File) =>
    attempt(async () => {
      let written: unknown;
      try {
        written = JSON.parse(await file.text());
      } catch {
        throw new Error('This file is not a style: it is no JSON. Choose one that was saved from here.');
      }
      await keepStyle(written as Readonly<Record<string, unknown>>);
    });
  return (
    <Card>
      <div className="p-5 max-md:p-4">
        <header className="flex flex-wrap items-center gap-3">
          <div className="grow">
            <h2 className="text-xl">Styles of the house</h2>
            <p className="text-walnut-2">
              {own?.length === 0
                ? 'None yet. Compose a garment on a ticket, and keep it from the ticket’s menu.'
                : 'They stand first in the style book. A ticket that was made of one keeps what it was made of.'}
            </p>
          </div>
          <FileButton accept=".json,application/json" onFile={(file) => void takeIn(file)}>
            From a style file
          </FileButton>
        </header>
        {error && !own && <Failed error={error} again={() => void mutate()} />}
        {failure !== undefined && <Notice tone="stop">{failure}</Notice>}
        {taken && (
          <p role="status" className="flex flex-wrap items-center gap-3 pt-2">
            {taken.name} is taken out.
            <Button look="quiet" onClick={() => void attempt(() => keepStyle(taken))}>
              Put it back
            </Button>
          </p>
        )}
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))] gap-3 pt-3 empty:hidden">
          {own?.map(({ id, file, choices }) => (
            <li key={id} className="flex items-center gap-3 rounded-soft border border-linen-3 bg-white p-2">
              <StylePicture styleId={file.style} choices={choices} width={84} height={96} />
              <div className="flex min-w-0 grow flex-col gap-1.5">
                <span className="font-semibold break-words">{file.name}</span>
                <a
                  href={addressOf(file)}
                  download={`${file.name}.json`}
                  className={buttonClass('quiet')}
                  aria-label={`Save ${file.name} as a file`}
                >
                  Save as a file
                </a>
                <Button
                  look="quiet"
                  aria-label={`Take out ${file.name}`}
                  onClick={() => void attempt(() => removeStyle(id), file)}
                >
                  Take out
                </Button>
              </div>
            </li>
          ))}
        </ul>
      </div>
    </Card>
  );
}
