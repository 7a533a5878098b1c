"use client";

import { useRouter } from "next/navigation";
import { useCallback, useMemo, useState } from "react";
import { toast } from "sonner";
import type { CheckedRow, RowToKeep } from "@/core/intake/rows";
import type { Outcome } from "@/core/schema/outcome";
import { intakeWords } from "@/words/intake";
import { sayWith } from "@/words/say";
import { answerOf, sayFaults } from "../kit/answer";
import { Button } from "../kit/button";
import { useDraft } from "../kit/form/use-draft";
import { Segments } from "../kit/segments";
import { Select } from "../kit/select";
import { LinesBox, type PiecesCalled } from "./lines-box";
import { RowsToLookOver } from "./rows-to-look-over";
import { TableBox } from "./table-box";
import { useIntake } from "./use-intake";

interface ManyPiecesProps {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly owner: string | null;
  readonly keep: (input: { readonly pieces: readonly RowToKeep[] }) => Promise<Outcome<string[]>>;
  readonly called: PiecesCalled;
}

/** As many bytes as are sent at once; a server takes a little more. */
const mostSent = 7_800_000;

const sources = ["lines", "table"] as const;
type Source = (typeof sources)[number];
const sourceNames = { lines: intakeWords.lines, table: intakeWords.table } as const;

/** Many pieces at once, from lines or a table: looked over first, then recorded all together or not at all. */
export function ManyPieces({ clients, owner, keep, called }: ManyPiecesProps) {
  const router = useRouter();
  const intake = useIntake();
  const [source, setSource] = useState<Source>("lines");
  const [usual, setUsual] = useState(owner);
  const [rows, setRows] = useState<readonly CheckedRow[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const lines = useDraft("pieces.lines", "");
  const whose = useMemo(() => ({ owners: clients, usual }), [clients, usual]);
  const nameOf = useCallback(
    (id: string | null) => clients.find((client) => client.id === id)?.name ?? intakeWords.studioKit,
    [clients],
  );
  const take = useCallback((read: readonly CheckedRow[]) => {
    setRows(read);
    setFault(null);
  }, []);
  const pieces = rows.flatMap(({ piece }) => piece ?? []);
  const record = async () => {
    // The pictures of many scarves weigh more than one request may.
    if (new Blob([JSON.stringify(pieces)]).size > mostSent) {
      setFault(intakeWords.tooMuchAtOnce);
      return;
    }
    setBusy(true);
    const outcome = await answerOf(() => keep({ pieces }));
    setBusy(false);
    if (!outcome.ok) {
      setFault(sayFaults({ ...outcome, faults: outcome.faults.slice(0, 1) }));
      return;
    }
    lines.settle("");
    toast(sayWith(intakeWords.piecesAreOnTheRail, { count: outcome.value.length }));
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
          <TakeAll rows={rows} isBusy={isBusy} onTake={() => void record()} />
          {fault && (
            <p role="alert" className="text-thread">
              {fault}
            </p>
          )}
          <RowsToLookOver rows={rows} nameOf={nameOf} />
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
          options={[...clients, { id: "", name: intakeWords.studioKit }]}
        />
      </div>
    </div>
  );
}

interface TakeAllProps {
  readonly rows: readonly CheckedRow[];
  readonly isBusy: boolean;
  readonly onTake: () => void;
}

/** How many rows there are, how many want putting right first, and the press that records them all. */
function TakeAll({ rows, isBusy, onTake }: TakeAllProps) {
  const wrong = rows.filter(({ piece }) => piece === null).length;
  return (
    <div className="flex flex-wrap items-center justify-between gap-3">
      <p role="status" className={wrong > 0 ? "text-thread" : ""}>
        {wrong > 0
          ? sayWith(intakeWords.rowsToPutRight, { wrong, count: rows.length })
          : sayWith(intakeWords.allCanBeTaken, { count: rows.length })}
      </p>
      <Button look="strong" disabled={wrong > 0 || isBusy} onClick={onTake}>
        {sayWith(intakeWords.addPieces, { count: rows.length - wrong })}
      </Button>
    </div>
  );
}
