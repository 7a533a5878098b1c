import { useEffect } from "react";
import { keyOfAction } from "@/core/studio/shortcuts";
import { useShortcuts } from "../../kit/shortcuts";
import { benchActions } from "./desk/actions";
import type { Desk } from "./desk/use-desk";

/** What the browser calls a key, in the words of the table. */
const names: Readonly<Record<string, string>> = {
  ArrowUp: "up",
  ArrowDown: "down",
  ArrowLeft: "left",
  ArrowRight: "right",
  Enter: "enter",
  Backspace: "backspace",
};

/** Elements that have keys of their own: what is typed there is theirs. */
const typing =
  "input, textarea, select, [contenteditable], [role=combobox], [role=dialog], [role=menu], [role=listbox] [role=option] input";

/** Controls that Enter belongs to. */
const controls = "button, a, summary";

/** Binds the keys of the bench's actions, except while a dialog, a menu or a field has them. */
export function useBenchKeys(desk: Desk, enabled: boolean): void {
  const { shortcuts } = useShortcuts();
  useEffect(() => {
    if (!enabled) return;
    const hear = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
      const at = event.target instanceof Element ? event.target : null;
      if (at?.closest(typing)) return;
      const key = names[event.key] ?? event.key.toLowerCase();
      if (key === "enter" && at?.closest(controls)) return;
      const action = benchActions.find((each) => keyOfAction(each, shortcuts) === key);
      if (!action || action.applies?.(desk) === false) return;
      event.preventDefault();
      action.does(desk);
    };
    document.addEventListener("keydown", hear);
    return () => document.removeEventListener("keydown", hear);
  }, [desk, enabled, shortcuts]);
}
