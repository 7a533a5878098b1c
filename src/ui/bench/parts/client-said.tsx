"use client";

import { papersWords } from "@/words/papers";
import { called } from "@/core/words/called";
import { sayReply } from "../../papers/words/say-reply";
import { useBenchState, useDesk, useLookHistory } from "../state/desk/use-desk";

/** What the client answered to the look on the bench, when it was sent to her; and whether it has changed since. */
export function ClientSaid() {
  const { source } = useDesk();
  const look = useBenchState((state) => state.look);
  const steps = useLookHistory();
  const reply = source.replies?.find(({ lookId }) => lookId === look.id);
  if (!reply) return null;
  const stands = steps.find(({ id }) => id === look.stepId);
  const isChanged = stands !== undefined && Date.parse(stands.at) > Date.parse(reply.at);
  return (
    <p className="mt-3 border-l-2 border-ink pl-2">
      <span className="font-medium">{called(source.client.name)}: </span>
      {sayReply(reply, papersWords.thisLook)}
      {isChanged && <span className="text-ink-soft"> {papersWords.changedSince}</span>}
    </p>
  );
}
