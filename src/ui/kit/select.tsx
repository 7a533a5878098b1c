"use client";

import { ChevronDown } from "lucide-react";
import { Select as Radix } from "radix-ui";
import type { Ref } from "react";

/** What a form's field says of the control it labels. */
interface Control {
  readonly id: string;
  readonly "aria-invalid"?: boolean;
  readonly "aria-describedby"?: string | undefined;
  readonly className: string;
}

interface SelectProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (id: string) => void;
  readonly className?: string;
  /** In a form: whose field it is. The field's own label names it then. */
  readonly control?: Control;
  readonly ref?: Ref<HTMLButtonElement>;
  readonly onBlur?: () => void;
}

/** Radix keeps the empty value for "nothing chosen": an option without an id goes by this one. */
const none = "none";

/** One choice of a list that may be long. */
export function Select(props: SelectProps) {
  const { label, value, options, onChange, className = "", control, ref, onBlur } = props;
  const line = `h-7 border-b border-rule-strong font-serif font-medium ${className}`;
  return (
    <Radix.Root value={value || none} onValueChange={(next) => onChange(next === none ? "" : next)}>
      <Radix.Trigger
        ref={ref}
        onBlur={onBlur}
        {...(control ?? { "aria-label": label })}
        className={`flex w-full min-w-0 items-center gap-1 text-left text-body ${control?.className ?? line}`}
      >
        <span className="min-w-0 flex-1 truncate">
          <Radix.Value />
        </span>
        <Radix.Icon className="shrink-0 text-ink-soft">
          <ChevronDown className="size-3.5" aria-hidden="true" />
        </Radix.Icon>
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          position="popper"
          sideOffset={4}
          className="z-50 max-h-[min(24rem,var(--radix-select-content-available-height))] min-w-(--radix-select-trigger-width) overflow-auto border border-rule-strong bg-paper shadow-md"
        >
          <Radix.Viewport className="py-1">
            {options.map(({ id, name }) => (
              <Radix.Item
                key={id || none}
                value={id || none}
                className="cursor-pointer px-3 py-1.5 data-[highlighted]:bg-well data-[state=checked]:font-semibold"
              >
                <Radix.ItemText>{name}</Radix.ItemText>
              </Radix.Item>
            ))}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
