"use client";
// The form library keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import type Joi from "joi";
import { useRouter } from "next/navigation";
import { Fragment, useState, type ReactNode } from "react";
import {
  FormProvider,
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type PathValue,
} from "react-hook-form";
import { toast } from "sonner";
import type { Fault, Outcome } from "@/core/schema/outcome";
import { validate } from "@/core/schema/validate";
import { sayMayNot, type Deed } from "@/core/studio/roles";
import { kitWords } from "@/words/kit";
import { answerOf } from "../answer";
import { Button } from "../button";
import { useMay } from "../role";
import { fieldId } from "./field-id";
import { useFormDraft } from "./use-form-draft";
import { MeanwhilePanel } from "./meanwhile-panel";
import type { Place } from "../place";

interface RecordFormProps<T extends FieldValues> {
  readonly initial: T;
  /** What the form is of, under which a draft of it is kept; null for a form that keeps none. */
  readonly draft: string | null;
  /** What the server will check it by, fetched when it is first needed: most faults are told without asking. */
  readonly schema: () => Promise<Joi.Schema>;
  readonly onSave: (values: T) => Promise<Outcome<string | null>>;
  /** Where to go once it is kept, by the id it was kept under; null to stay. */
  readonly then: (id: string | null) => Place | null;
  readonly onKept?: () => void;
  readonly saveLabel: string;
  readonly savedSay?: string;
  /** What it is to keep this: whoever may not sees why in place of the button. */
  readonly deed?: Deed;
  /** Further buttons beside the saving one. */
  readonly actions?: ReactNode;
  readonly children: ReactNode;
}

/**
 * A form over one record, checked here by what the server checks it by, and there once more. Each sentence stands
 * at its field, what has no field of its own stands above the button, and nothing typed is lost.
 */
export function RecordForm<T extends FieldValues>({
  initial,
  draft: draftName,
  schema,
  onSave,
  then,
  onKept,
  saveLabel,
  savedSay,
  deed = "see",
  actions,
  children,
}: RecordFormProps<T>) {
  const may = useMay(deed);
  const form = useForm<T>({ defaultValues: initial as DefaultValues<T> });
  const draft = useFormDraft(form, draftName, initial);
  const router = useRouter();
  const [elsewhere, setElsewhere] = useState<readonly Fault[]>([]);
  // What stood on record at each refusal for having come too late, the last one shown.
  const [meanwhile, setMeanwhile] = useState<{ readonly theirs: T; readonly opened: T } | null>(null);
  const [put, setPut] = useState(0);

  const submit = form.handleSubmit(async (values) => {
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
    const homeless = outcome.faults.filter(({ field }) => !document.getElementById(fieldId(field)));
    setElsewhere(homeless);
    outcome.faults.forEach(({ field, say }) => form.setError(field as never, { message: say }));
    const first = outcome.faults.find((fault) => !homeless.includes(fault));
    if (first) document.getElementById(fieldId(first.field))?.focus();
  });

  return (
    <FormProvider {...form}>
      <form
        noValidate
        onSubmit={(event) => {
          // The server's sentences are of the last try: one left standing would bar the next.
          form.clearErrors();
          setElsewhere([]);
          void submit(event);
        }}
      >
        {draft.restored && (
          <p role="status" className="mb-4 flex flex-wrap items-center gap-3 bg-well px-3 py-2">
            {kitWords.whatYouTypedHereBefore}
            <Button
              size="small"
              onClick={() => {
                draft.startOver();
                setPut((count) => count + 1);
              }}
            >
              {kitWords.startOver}
            </Button>
          </p>
        )}
        {/* A value that is put in from elsewhere is read by fields that open anew. */}
        <Fragment key={put}>{children}</Fragment>
        <div className="mt-6 border-t border-rule pt-4">
          {meanwhile && (
            <MeanwhilePanel
              key={String(meanwhile.theirs.version)}
              opened={meanwhile.opened}
              theirs={meanwhile.theirs}
              onPut={() => setPut((count) => count + 1)}
            />
          )}
          <div role="alert">
            {elsewhere.map(({ field, say }) => (
              <p key={field} className="mb-3 font-medium text-thread">
                {say}
              </p>
            ))}
          </div>
          <div className="flex flex-wrap items-center gap-2">
            {may ? (
              <Button type="submit" look="strong" disabled={form.formState.isSubmitting}>
                {form.formState.isSubmitting ? kitWords.keeping : saveLabel}
              </Button>
            ) : (
              <p className="text-ink-soft">{sayMayNot(deed)}</p>
            )}
            {may && actions}
          </div>
        </div>
      </form>
    </FormProvider>
  );
}
