import type { ReactNode } from "react";

import { contentId } from "./content";

interface PageProps {
  readonly title: string;
  readonly about?: ReactNode;
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}

/** A place other than the bench: its name, what can be done, and a sheet of pattern paper. */
export function Page({ title, about, actions, children }: PageProps) {
  return (
    <main id={contentId} tabIndex={-1} className="outline-none mx-auto w-full max-w-[80rem] px-6 pt-6 pb-10">
      <header className="mb-5 flex flex-wrap items-end justify-between gap-x-6 gap-y-3">
        <div>
          <h1 className="text-title">{title}</h1>
          {about && <p className="mt-1 max-w-[68ch] text-ink-soft">{about}</p>}
        </div>
        {actions && <div className="flex flex-wrap gap-2">{actions}</div>}
      </header>
      {children}
    </main>
  );
}

/** A place with nothing in it yet: what to do first, and the way to do it. */
export function Empty({ say, children }: { readonly say: string; readonly children?: ReactNode }) {
  return (
    <div className="border border-dashed border-rule-strong bg-paper px-8 py-12 text-center">
      <p className="mx-auto max-w-[52ch] font-serif text-lead">{say}</p>
      {children && <div className="mt-5 flex justify-center gap-2">{children}</div>}
    </div>
  );
}
