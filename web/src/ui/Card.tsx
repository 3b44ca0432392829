import type { ReactNode } from 'react';

/** A white sheet on the table, with a quiet heading. */
export const Card = ({
  title,
  children,
  className = '',
}: {
  readonly title?: ReactNode;
  readonly children: ReactNode;
  readonly className?: string;
}) => (
  <section className={`rounded-soft border border-linen-2 bg-white ${className}`}>
    {title !== undefined && (
      <h2 className="border-b border-linen-2 px-5 py-3 font-text text-sm font-semibold tracking-normal text-walnut-2">
        {title}
      </h2>
    )}
    {children}
  </section>
);
