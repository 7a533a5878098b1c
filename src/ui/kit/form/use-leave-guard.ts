import { useEffect } from "react";
import { kitWords } from "@/words/kit";

const question = kitWords.whatYouTypedHereCannot;

/** Asks before the page is left, by a link or by closing the tab, while something on it cannot be kept. */
export function useLeaveGuard(isUnkept: boolean): void {
  useEffect(() => {
    if (!isUnkept) return undefined;
    const close = (event: BeforeUnloadEvent) => event.preventDefault();
    const follow = (event: MouseEvent) => {
      const link = event.target instanceof Element ? event.target.closest("a[href]") : null;
      if (!link || window.confirm(question)) return;
      event.preventDefault();
      event.stopPropagation();
    };
    window.addEventListener("beforeunload", close);
    document.addEventListener("click", follow, true);
    return () => {
      window.removeEventListener("beforeunload", close);
      document.removeEventListener("click", follow, true);
    };
  }, [isUnkept]);
}
