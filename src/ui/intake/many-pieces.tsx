"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { intakeWords } from "@/words/intake";
import { railWords } from "@/words/rail";
import { sayWith } from "@/words/say";
import { Button } from "../kit/button";
import { useDraft } from "../kit/form/use-draft";
import { Segments } from "../kit/segments";
import { Select } from "../kit/select";
import { Fault } from "../kit/fault";
import { LinesBox, type PiecesCalled } from "./parts/lines-box";
import { RowsToLookOver } from "./parts/rows-to-look-over";
import { TableBox } from "./parts/table-box";
import { useIntake } from "./state/use-intake";
import { useRowsToKeep, type KeepRows } from "./state/use-rows-to-keep";

interface ManyPiecesProps {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly owner: string | null;
  readonly keep: KeepRows;
  readonly called: PiecesCalled;
}

const sources = ["lines", "table"] as const;
type Source = (typeof sources)[number];
const sourceNames = { lines: intakeWords.lines, table: intakeWords.table } as const;

/** Many pieces at once, from lines or a table: looked over first, then recorded all together or not at all. */
export function ManyPieces({ clients, owner, keep, called }: ManyPiecesProps) {
  const router = useRouter();
  const intake = useIntake();
  const [source, setSource] = useState<Source>("lines");
  const [usual, setUsual] = useState(owner);
  const { rows, wrong, fault, isBusy, take, record } = useRowsToKeep(keep);
  const lines = useDraft("pieces.lines", "");
  const whose = useMemo(() => ({ owners: clients, usual }), [clients, usual]);
  const takeAll = async () => {
    const ids = await record();
    if (!ids) return;
    lines.settle("");
    toast(sayWith(intakeWords.piecesAreOnTheRail, { count: ids.length }));
    router.push(usual ? `/rail?client=${usual}` : "/rail");
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
      <WhereFrom
        source={source}
        onSource={(next) => {
          setSource(next);
          take([]);
        }}
        clients={clients}
        owner={usual}
        onOwner={setUsual}
      />
      {source === "lines" ? (
        <LinesBox
          intake={intake}
          whose={whose}
          text={lines.value}
          onText={lines.change}
          onRows={take}
          called={called}
        />
      ) : (
        <TableBox intake={intake} whose={whose} onRows={take} />
      )}
      {rows.length > 0 && (
        <>
          <TakeAll count={rows.length} wrong={wrong} isBusy={isBusy} onTake={() => void takeAll()} />
          <Fault say={fault} />
          <RowsToLookOver rows={rows} owners={clients} />
        </>
      )}
    </div>
  );
}

interface WhereFromProps extends Pick<ManyPiecesProps, "clients" | "owner"> {
  readonly source: Source;
  readonly onSource: (source: Source) => void;
  readonly onOwner: (owner: string | null) => void;
}

function WhereFrom({ source, onSource, clients, owner, onOwner }: WhereFromProps) {
  return (
    <div className="flex flex-wrap items-center gap-4">
      <Segments
        label={intakeWords.whereFrom}
        size="normal"
        value={source}
        onChange={onSource}
        segments={sources.map((value) => ({ value, shown: sourceNames[value] }))}
      />
      <div className="w-56">
        <Select
          label={intakeWords.whose}
          value={owner ?? ""}
          onChange={(id) => onOwner(id || null)}
          options={[...clients, { id: "", name: railWords.studioKit }]}
        />
      </div>
    </div>
  );
}

interface TakeAllProps {
  readonly count: number;
  /** How many of them cannot be taken yet. */
  readonly wrong: number;
  readonly isBusy: boolean;
  readonly onTake: () => void;
}

/** How many rows there are, how many want putting right first, and the press that records them all. */
function TakeAll({ count, wrong, isBusy, onTake }: TakeAllProps) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-3">
      <p role="status" className={wrong > 0 ? "text-thread" : ""}>
        {wrong > 0
          ? sayWith(intakeWords.rowsToPutRight, { wrong, count })
          : sayWith(intakeWords.allCanBeTaken, { count })}
      </p>
      <Button look="strong" disabled={wrong > 0 || isBusy} onClick={onTake}>
        {sayWith(intakeWords.addPieces, { count: count - wrong })}
      </Button>
    </div>
  );
}
