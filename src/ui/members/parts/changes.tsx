import { format, parseISO } from "date-fns";
import type { ChangeRecord } from "@/core/studio/member-record";
import { membersWords } from "@/words/members";

/** What the tables of the records are called here. */
const recordWords: Readonly<Record<string, string>> = {
  bases: "base",
  clients: "client",
  declined: "no to",
  gaps: membersWords.missingPiece,
  invitations: membersWords.invitationOf,
  looks: "look",
  measurements: membersWords.measureOf,
  memberships: "member",
  occasions: "occasion",
  overrulings: membersWords.overrulingOf,
  pieces: "piece",
  set_templates: "template",
  sets: "set",
  studios: "studio",
  wears: membersWords.wearOf,
};

/** Who changed what, the last first; the whole list as a file. */
export function Changes({ changes }: { readonly changes: readonly ChangeRecord[] }) {
  return (
    <section aria-labelledby="changes">
      <div className="mb-2 flex items-baseline justify-between gap-4">
        <h2 id="changes" className="text-lead">
          {membersWords.whoChangedWhat}
        </h2>
        {/* A file, and no page: the browser keeps it. */}
        <a
          href="/members/changes.csv"
          download
          className="inline-flex shrink-0 items-center underline decoration-rule-strong underline-offset-2 hover:decoration-ink touch:min-h-11"
        >
          {membersWords.allOfItAsA}
        </a>
      </div>
      <ul className="border-t border-rule">
        {changes.map(({ id, at, by, record, name, deed, fields }) => (
          <li key={id} className="flex flex-wrap gap-x-3 border-b border-rule py-1 text-small">
            <time dateTime={at} className="tabular w-28 shrink-0 text-ink-soft">
              {format(parseISO(at), "d MMM, HH:mm")}
            </time>
            <span className="w-32 shrink-0">{by ?? membersWords.theStudioItself}</span>
            <span className="min-w-0 grow basis-full sm:basis-0">
              {deed} {recordWords[record] ?? record}{" "}
              <span className="font-medium">{name.replaceAll("_", " ")}</span>
              {fields.length > 0 && (
                <span className="text-ink-soft">: {fields.join(", ").replaceAll("_", " ")}</span>
              )}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
