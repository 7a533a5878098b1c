import { format, parseISO } from "date-fns";
import type { NewReply } from "@/core/studio/link-record";
import { called } from "@/core/words/called";
import { Link } from "../../kit/link";
import { sayReply } from "../../papers/words/say-reply";

/** What clients answered in the last days to the looks they were sent, the newest first. */
export function ClientAnswers({ replies }: { readonly replies: readonly NewReply[] }) {
  return (
    <ul className="border border-rule-strong bg-paper">
      {replies.map((reply) => (
        <li key={`${reply.lookId} ${reply.at}`} className="border-b border-rule px-3 py-2.5 last:border-b-0">
          <p>
            <Link
              href={`/bench?client=${reply.clientId}&look=${reply.lookId}`}
              className="font-medium hover:underline touch:inline-flex touch:min-h-11 touch:items-center"
            >
              {reply.clientName}
            </Link>{" "}
            <time dateTime={reply.at} className="text-tiny text-ink-soft">
              {format(parseISO(reply.at.slice(0, 10)), "d MMM")}
            </time>
          </p>
          <p>{sayReply(reply, called(reply.look))}</p>
        </li>
      ))}
    </ul>
  );
}
