"use client";

import { useEffect, useState } from "react";
import { flushSync } from "react-dom";

/** Whether the page is being printed: what is drawn only then, or only in sight, is drawn now. */
export function usePrinting(): boolean {
  const [isPrinting, setPrinting] = useState(false);
  useEffect(() => {
    // What is printed must be on the page before the browser looks at it.
    const begin = () => flushSync(() => setPrinting(true));
    const end = () => setPrinting(false);
    window.addEventListener("beforeprint", begin);
    window.addEventListener("afterprint", end);
    return () => {
      window.removeEventListener("beforeprint", begin);
      window.removeEventListener("afterprint", end);
    };
  }, []);
  return isPrinting;
}
