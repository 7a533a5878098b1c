"use client";

import { useSelect, type UseSelectReturnValue } from "downshift";
import { ChevronDown } from "lucide-react";
import { Popover } from "radix-ui";
import type { Ref } from "react";
import { overPage } from "./over-page";

/** What a form's field says of the control it labels. */
interface Control {
  readonly id: string;
  readonly "aria-invalid"?: boolean;
  readonly "aria-describedby"?: string | undefined;
  readonly className: string;
}

interface Option {
  readonly id: string;
  readonly name: string;
}

interface SelectProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Option[];
  readonly onChange: (id: string) => void;
  readonly className?: string;
  /** A long choice takes two lines rather than being cut off. */
  readonly twoLines?: boolean;
  /** In a form: whose field it is. The field's own label names it then. */
  readonly control?: Control;
  readonly ref?: Ref<HTMLButtonElement>;
  readonly onBlur?: () => void;
  /** Where the focus goes after a choice, by the id of the element; left alone it stays at the list. */
  readonly focusAfter?: string;
}

const { ItemClick, ToggleButtonKeyDownEnter, ToggleButtonKeyDownSpaceButton } = useSelect.stateChangeTypes;
const choosing: readonly unknown[] = [ItemClick, ToggleButtonKeyDownEnter, ToggleButtonKeyDownSpaceButton];

/** One choice of a list that may be long. The page behind an open list stays readable to everybody. */
export function Select(props: SelectProps) {
  const { label, value, options, onChange, className = "", twoLines = false } = props;
  const { control, ref, onBlur, focusAfter } = props;
  const chosen = options.find(({ id }) => id === value) ?? null;
  const list = useSelect<Option>({
    items: [...options],
    selectedItem: chosen,
    itemToString: (option) => option?.name ?? "",
    itemToKey: (option) => option?.id,
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem) onChange(selectedItem.id);
    },
    onStateChange: ({ type, isOpen }) => {
      if (isOpen !== false || !focusAfter || !choosing.includes(type)) return;
      // The list gives the focus back to its button first.
      requestAnimationFrame(() => document.getElementById(focusAfter)?.focus({ preventScroll: true }));
    },
  });
  const line = `${twoLines ? "h-9 xl:h-8" : "h-7"} border-b border-rule-strong font-serif font-medium ${className}`;
  return (
    <Popover.Root open={list.isOpen}>
      <Popover.Anchor asChild>
        <button
          type="button"
          // The library hands the ref on to the button, and does not read it.
          // eslint-disable-next-line react-hooks/refs
          {...list.getToggleButtonProps({
            ...(ref ? { ref } : {}),
            onBlur,
            "aria-labelledby": undefined,
            ...(control ?? { "aria-label": label }),
          })}
          className={`flex w-full min-w-0 items-center gap-1 text-left text-body ${control?.className ?? line}`}
        >
          <span
            className={`min-w-0 flex-1 ${twoLines ? "line-clamp-2 text-small leading-[1.15]" : "truncate"}`}
          >
            {chosen?.name}
          </span>
          <ChevronDown className="size-3.5 shrink-0 text-ink-soft" aria-hidden="true" />
        </button>
      </Popover.Anchor>
      <Popover.Portal container={list.isOpen ? overPage(document.activeElement) : null}>
        <Popover.Content
          role="presentation"
          align="start"
          sideOffset={4}
          onOpenAutoFocus={(event) => event.preventDefault()}
          onCloseAutoFocus={(event) => event.preventDefault()}
          className="z-50 max-h-[min(24rem,var(--radix-popover-content-available-height))] min-w-(--radix-popover-trigger-width) overflow-auto border border-rule-strong bg-paper shadow-md"
        >
          <Options label={label} list={list} options={options} chosen={chosen} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface OptionsProps extends Pick<SelectProps, "label" | "options"> {
  readonly list: UseSelectReturnValue<Option>;
  readonly chosen: Option | null;
}

function Options({ label, list, options, chosen }: OptionsProps) {
  return (
    <ul
      {...list.getMenuProps(
        { "aria-label": label, "aria-labelledby": undefined },
        { suppressRefError: true },
      )}
      className="py-1"
    >
      {options.map((option, index) => (
        <li
          key={option.id}
          {...list.getItemProps({ item: option, index })}
          className={`flex cursor-pointer items-center px-3 py-1.5 ${index === list.highlightedIndex ? "bg-well" : ""} ${option === chosen ? "font-semibold" : ""}`}
        >
          {option.name}
        </li>
      ))}
    </ul>
  );
}
