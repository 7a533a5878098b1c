// The form library keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import type Joi from "joi";
import { useRouter } from "next/navigation";
import { useState, type SyntheticEvent } from "react";
import { useForm, type DefaultValues, type FieldValues, type Path, type PathValue } from "react-hook-form";
import { toast } from "sonner";
import type { Fault, Outcome } from "@/core/schema/outcome";
import { validate } from "@/core/schema/validate";
import { answerOf } from "../answer";
import type { Place } from "../place";
import { fieldId } from "./field-id";
import { useFormDraft } from "./use-form-draft";

export interface KeptRecord<T extends FieldValues> {
  readonly initial: T;
  /** What the form is of, under which a draft of it is kept; null for a form that keeps none. */
  readonly draft: string | null;
  /** What the server will check it by, fetched when it is first needed: most faults are told without asking. */
  readonly schema: () => Promise<Joi.Schema>;
  readonly onSave: (values: T) => Promise<Outcome<string | null>>;
  /** Where to go once it is kept, by the id it was kept under; null to stay. */
  readonly then: (id: string | null) => Place | null;
  readonly onKept?: () => void;
  readonly savedSay?: string;
}

/** One record in a form, from what is on record or drafted to what the studio answers when it is sent. */
export function useRecordForm<T extends FieldValues>({
  initial,
  draft: draftName,
  schema,
  onSave,
  then,
  onKept,
  savedSay,
}: KeptRecord<T>) {
  const form = useForm<T>({ defaultValues: initial as DefaultValues<T> });
  const draft = useFormDraft(form, draftName, initial);
  const router = useRouter();
  const [elsewhere, setElsewhere] = useState<readonly Fault[]>([]);
  // What stood on record at each refusal for having come too late, the last one shown.
  const [meanwhile, setMeanwhile] = useState<{ readonly theirs: T; readonly opened: T } | null>(null);
  const [put, setPut] = useState(0);

  const keep = form.handleSubmit(async (values) => {
    const checked = validate(await schema(), values);
    const outcome = checked.ok ? await answerOf(() => onSave(values)) : checked;
    if (outcome.ok) {
      draft.forget();
      if (savedSay) toast(savedSay);
      const next = then(outcome.value);
      if (next) router.push(next);
      onKept?.();
      return;
    }
    if (outcome.theirs) {
      const theirs = outcome.theirs as T;
      setMeanwhile({ theirs, opened: meanwhile?.theirs ?? draft.opened });
      form.setValue("version" as Path<T>, theirs.version as PathValue<T, Path<T>>);
      return;
    }
    outcome.faults.forEach(({ field, say }) => form.setError(field as never, { message: say }));
    setElsewhere(focusFirst(outcome.faults));
  });

  const submit = (event: SyntheticEvent) => {
    // The server's sentences are of the last try: one left standing would bar the next.
    form.clearErrors();
    setElsewhere([]);
    return keep(event);
  };
  const putAnew = () => setPut((count) => count + 1);
  const startOver = () => {
    draft.startOver();
    putAnew();
  };
  return { form, restored: draft.restored, elsewhere, meanwhile, put, putAnew, startOver, submit };
}

/** Goes to the first field that was refused; faults of no field that is here are given back. */
function focusFirst(faults: readonly Fault[]): readonly Fault[] {
  const homeless = faults.filter(({ field }) => !document.getElementById(fieldId(field)));
  const first = faults.find((fault) => !homeless.includes(fault));
  if (first) document.getElementById(fieldId(first.field))?.focus();
  return homeless;
}
