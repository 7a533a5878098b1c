import { useRouter } from "next/navigation";
import { toast } from "sonner";
import { sayWith } from "@/words/say";
import { kitWords } from "@/words/kit";
import { granted } from "../../kit/answer";
import type { ErasureActions } from "../whole-record";

/** Takes an erasure back by its receipt, says so, and goes to the client who is back. */
export function useTakeBack(
  bringBack: ErasureActions["bringBack"],
): (receipt: string, name: string) => Promise<void> {
  const router = useRouter();
  return async (receipt, name) => {
    const back = await granted(() => bringBack({ id: receipt }));
    if (!back) return;
    toast(sayWith(kitWords.isBack, { name }));
    router.push(`/clients/${back.value}`);
  };
}
