import type { ReactNode } from 'react';

interface AsideProps {
  readonly title: string;
  readonly children: ReactNode;
}

/** A part of what stands beside the cloth. */
export const Aside = ({ title, children }: AsideProps) => (
  <section aria-label={title} className="border-t border-linen-3 pt-3">
    <h2 className="text-lg">{title}</h2>
    {children}
  </section>
);

export const Facts = ({ title, children }: AsideProps) => (
  <Aside title={title}>
    <dl>{children}</dl>
  </Aside>
);

export const Fact = ({ words, children }: { readonly words: string; readonly children: ReactNode }) => (
  <div className="mt-2">
    <dt className="text-[13px] font-semibold text-walnut-2">{words}</dt>
    <dd className="text-xl font-bold">{children}</dd>
  </div>
);
