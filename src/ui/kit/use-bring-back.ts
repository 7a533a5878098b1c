import { useRouter } from "next/navigation";
import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";
import { sayWith } from "@/words/say";
import { kitWords } from "@/words/kit";
import { granted } from "./answer";

/** Brings back what was put away, says so, and shows the page as it is then. */
export function useBringBack(): (name: string, bring: () => Promise<Outcome<null>>) => Promise<void> {
  const router = useRouter();
  return async (name, bring) => {
    if (!(await granted(bring))) return;
    toast(sayWith(kitWords.isBack, { name }));
    router.refresh();
  };
}
