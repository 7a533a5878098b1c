"use client";

import { useState } from "react";
import { paperKinds, sheetNames, type PaperKind, type SheetName } from "@/core/studio/paper-source";
import type { LaidOutLook } from "@/core/studio/shown-look";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { ButtonLink } from "../../kit/button";
import type { Place } from "../../kit/place";
import { Segments } from "../../kit/segments";
import { paperSpecs } from "./build";
import { fileStem } from "../words/file-stem";
import { lookTitle } from "../words/look-title";
import { paperAddress } from "../state/paper-address";
import { SavePdf } from "./save-pdf";
import { SavePictures } from "./save-pictures";

interface PapersToMakeProps {
  readonly clientId: string;
  readonly clientName: string;
  readonly laid: readonly LaidOutLook[];
  /** Ids of the looks that are chosen. */
  readonly chosen: ReadonlySet<string>;
}

/** What a scarf's own page hands over. */
const fromElsewhere: ReadonlySet<PaperKind> = new Set(["scarf-card"]);
const kinds = paperKinds.filter((kind) => !fromElsewhere.has(kind));

const sheetWords: Readonly<Record<SheetName, string>> = { a5: papersWords.half, phone: papersWords.phone };

/** The pictures and papers that are made of the looks that are chosen. */
export function PapersToMake({ clientId, clientName, laid, chosen }: PapersToMakeProps) {
  const [sheet, setSheet] = useState<SheetName>("a5");
  return (
    <section aria-labelledby="papers" className="border border-rule-strong bg-paper">
      <header className="border-b border-rule px-4 py-3">
        <h2 id="papers" className="mb-2 text-lead">
          {papersWords.papers}
        </h2>
        <Segments
          label={papersWords.sheet}
          value={sheet}
          segments={sheetNames.map((name) => ({ value: name, shown: sheetWords[name] }))}
          onChange={setSheet}
          size="normal"
        />
      </header>
      <ul>
        <li className="grid gap-2 border-b border-rule px-4 py-3">
          <div>
            <h3 className="font-medium">{papersWords.pictures}</h3>
            <p className="text-small text-ink-soft">{papersWords.aboutPictures}</p>
          </div>
          <SavePictures
            looks={laid
              .filter(({ record }) => chosen.has(record.id))
              .map(({ record, look, base }) => ({ look, ...lookTitle({ record, look, base }) }))}
            stem={clientName}
          />
        </li>
        {kinds.map((kind) => (
          <PaperRow
            key={kind}
            kind={kind}
            clientName={clientName}
            {...paperAddress({ clientId, kind, sheet, looks: [...chosen] })}
          />
        ))}
      </ul>
    </section>
  );
}

interface PaperRowProps {
  readonly kind: PaperKind;
  readonly clientName: string;
  /** Where it is looked at, and where its file comes from. */
  readonly seen: Place;
  readonly pdf: string;
}

function PaperRow({ kind, clientName, seen, pdf }: PaperRowProps) {
  const { name, about } = paperSpecs[kind];
  return (
    <li className="grid gap-2 border-b border-rule px-4 py-3 last:border-b-0">
      <div>
        <h3 className="font-medium">{name}</h3>
        <p className="text-small text-ink-soft">{about}</p>
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <ButtonLink
          size="small"
          href={seen}
          aria-label={sayWith(papersWords.openPaperCalled, { paper: name.toLowerCase() })}
        >
          {papersWords.openPaper}
        </ButtonLink>
        <SavePdf
          size="small"
          address={pdf}
          fileName={`${fileStem(clientName, kind)}.pdf`}
          label={sayWith(papersWords.savePaper, { paper: name.toLowerCase() })}
        />
      </div>
    </li>
  );
}
