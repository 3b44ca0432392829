import { PICTURES_MOST } from '@ample-bolt/core/shop/home-set';
import { Camera, X } from 'lucide-react';
import { useState } from 'react';
import { Notice } from '../../ui/Notice.tsx';
import { shrinkPicture } from './shrink-picture.ts';
import type { GuestEntry } from './use-guest-entry.ts';

interface GuestPicturesProps {
  readonly entry: GuestEntry;
  readonly pictureUrl: (id: string) => string;
}

/** Up to three pictures, made smaller here before they are sent. */
export function GuestPictures({ entry, pictureUrl }: GuestPicturesProps) {
  const { pictures } = entry.page;
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const add = async (file: File) => {
    setBusy(true);
    try {
      const small = await shrinkPicture(file);
      setFault(undefined);
      await entry.addPicture(small);
    } catch (error) {
      setFault(error instanceof Error ? error.message : 'The picture was not sent; try again.');
    }
    setBusy(false);
  };
  return (
    <section className="flex flex-col gap-3">
      <h1 className="text-3xl">Pictures, if you like</h1>
      <p>
        Front, side and back, standing as you always stand. Only the shop sees them. Where and when they were
        taken is left out.
      </p>
      <ul className="flex flex-wrap gap-3">
        {pictures.map((id, index) => (
          <li key={id} className="relative">
            <img
              src={pictureUrl(id)}
              alt={`Your picture ${index + 1}`}
              className="h-36 w-28 rounded-soft border border-linen-3 object-cover"
            />
            <button
              type="button"
              aria-label={`Take picture ${index + 1} away`}
              onClick={() => void entry.removePicture(id)}
              className="absolute -top-2 -right-2 grid size-11 place-items-center rounded-full border border-linen-3 bg-white"
            >
              <X size={18} aria-hidden />
            </button>
          </li>
        ))}
        {pictures.length < PICTURES_MOST && (
          <li>
            <label className="grid h-36 w-28 cursor-pointer place-items-center rounded-soft border-2 border-dashed border-linen-3 text-center font-semibold text-indigo focus-within:outline-2 focus-within:outline-indigo">
              <span className="flex flex-col items-center gap-1">
                <Camera size={24} aria-hidden />
                {busy ? 'Making it smaller' : 'Add a picture'}
              </span>
              <input
                type="file"
                accept="image/*"
                disabled={busy}
                className="sr-only"
                onChange={(event) => {
                  const [file] = event.target.files ?? [];
                  event.target.value = '';
                  if (file) void add(file);
                }}
              />
            </label>
          </li>
        )}
      </ul>
      {fault && <Notice tone="stop">{fault}</Notice>}
    </section>
  );
}
