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

interface FactsProps extends AsideProps {
  /** What can be done about them, under the facts. */
  readonly below?: ReactNode;
}

export const Facts = ({ title, children, below }: FactsProps) => (
  <Aside title={title}>
    <dl className="grid grid-cols-2 gap-x-3">{children}</dl>
    {below}
  </Aside>
);

interface FactProps {
  readonly words: string;
  /** It takes the whole row. */
  readonly wide?: boolean;
  readonly children: ReactNode;
}

export const Fact = ({ words, wide = false, children }: FactProps) => (
  <div className={`mt-1.5 ${wide ? 'col-span-2' : ''}`}>
    <dt className="text-[13px] font-semibold text-walnut-2">{words}</dt>
    <dd className="text-lg font-bold">{children}</dd>
  </div>
);
