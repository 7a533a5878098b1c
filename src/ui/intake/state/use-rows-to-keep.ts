import { useCallback, useState } from "react";
import type { CheckedRow, RowToKeep } from "@/core/intake/rows";
import type { Outcome } from "@/core/schema/outcome";
import { intakeWords } from "@/words/intake";
import { answerOf, sayFaults } from "../../kit/answer";

export type KeepRows = (input: { readonly pieces: readonly RowToKeep[] }) => Promise<Outcome<string[]>>;

/** As many bytes as are sent at once; a server takes a little more. The pictures of many scarves weigh more than that. */
const mostSent = 7_800_000;

/** Rows that are looked over, and recorded all together or not at all. */
export function useRowsToKeep(keep: KeepRows) {
  const [rows, setRows] = useState<readonly CheckedRow[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  const pieces = rows.flatMap(({ piece }) => piece ?? []);
  /** Takes rows in place of those that are there. */
  const take = useCallback((read: readonly CheckedRow[]) => {
    setRows(read);
    setFault(null);
  }, []);
  /** Records them; their ids, or null where the studio did not take them, which is then said. */
  const record = async (): Promise<readonly string[] | null> => {
    if (new Blob([JSON.stringify(pieces)]).size > mostSent) {
      setFault(intakeWords.tooMuchAtOnce);
      return null;
    }
    setBusy(true);
    const outcome = await answerOf(() => keep({ pieces }));
    setBusy(false);
    if (outcome.ok) return outcome.value;
    setFault(sayFaults({ ...outcome, faults: outcome.faults.slice(0, 1) }));
    return null;
  };
  return { rows, pieces, wrong: rows.length - pieces.length, fault, isBusy, take, record };
}
