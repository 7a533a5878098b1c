"use client";
// The form library keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { Fragment, type ReactNode } from "react";
import { FormProvider, type FieldValues } from "react-hook-form";
import type { Fault } from "@/core/schema/outcome";
import { sayMayNot, type Deed } from "@/core/studio/roles";
import { kitWords } from "@/words/kit";
import { Button } from "../button";
import { useMay } from "../role";
import { MeanwhilePanel } from "./meanwhile-panel";
import { useRecordForm, type KeptRecord } from "./use-record-form";

interface RecordFormProps<T extends FieldValues> extends KeptRecord<T> {
  readonly saveLabel: string;
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
export function RecordForm<T extends FieldValues>(props: RecordFormProps<T>) {
  const { saveLabel, deed = "see", actions, children } = props;
  const { form, restored, elsewhere, meanwhile, put, putAnew, startOver, submit } = useRecordForm(props);
  return (
    <FormProvider {...form}>
      <form
        noValidate
        onSubmit={(event) => {
          void submit(event);
        }}
      >
        {restored && <Restored onStartOver={startOver} />}
        {/* A value that is put in from elsewhere is read by fields that open anew. */}
        <Fragment key={put}>{children}</Fragment>
        <div className="mt-6 border-t border-rule pt-4">
          {meanwhile && (
            <MeanwhilePanel
              key={String(meanwhile.theirs.version)}
              opened={meanwhile.opened}
              theirs={meanwhile.theirs}
              onPut={putAnew}
            />
          )}
          <Homeless faults={elsewhere} />
          <Buttons deed={deed} isKeeping={form.formState.isSubmitting} saveLabel={saveLabel}>
            {actions}
          </Buttons>
        </div>
      </form>
    </FormProvider>
  );
}

/** Says that what was typed here before is back, and lets it go. */
function Restored({ onStartOver }: { readonly onStartOver: () => void }) {
  return (
    <p role="status" className="mb-4 flex flex-wrap items-center gap-3 bg-well px-3 py-2">
      {kitWords.whatYouTypedHereBefore}
      <Button size="small" onClick={onStartOver}>
        {kitWords.startOver}
      </Button>
    </p>
  );
}

/** What was refused and has no field of its own. */
function Homeless({ faults }: { readonly faults: readonly Fault[] }) {
  return (
    <div role="alert">
      {faults.map(({ field, say }) => (
        <p key={field} className="mb-3 font-medium text-thread">
          {say}
        </p>
      ))}
    </div>
  );
}

interface ButtonsProps {
  readonly deed: Deed;
  readonly isKeeping: boolean;
  readonly saveLabel: string;
  readonly children: ReactNode;
}

/** The button that keeps, with others beside it; whoever may not keep sees why in its place. */
function Buttons({ deed, isKeeping, saveLabel, children }: ButtonsProps) {
  const may = useMay(deed);
  return (
    <div className="flex flex-wrap items-center gap-2">
      {may ? (
        <Button type="submit" look="strong" disabled={isKeeping}>
          {isKeeping ? kitWords.keeping : saveLabel}
        </Button>
      ) : (
        <p className="text-ink-soft">{sayMayNot(deed)}</p>
      )}
      {may && children}
    </div>
  );
}
