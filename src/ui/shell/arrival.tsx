"use client";

import { usePathname } from "next/navigation";
import { useEffect, useRef } from "react";
import { shellWords } from "@/words/shell";
import { contentId } from "../kit/content";

/** A link over the tape to the content, and the focus at the content whenever another place is come to. */
export function Arrival() {
  const path = usePathname();
  const last = useRef(path);
  useEffect(() => {
    if (last.current === path) return;
    last.current = path;
    const content = document.getElementById(contentId);
    // A field that takes the focus by itself keeps it.
    if (content && !content.contains(document.activeElement)) content.focus({ preventScroll: true });
  }, [path]);
  return (
    <a
      href={`#${contentId}`}
      className="sr-only focus:not-sr-only focus:absolute focus:top-1 focus:left-1 focus:z-50 focus:flex focus:h-11 focus:items-center focus:bg-ink focus:px-4 focus:text-paper"
    >
      {shellWords.skipToTheContent}
    </a>
  );
}
