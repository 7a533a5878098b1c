/** What a place is about, below the tape: where the skip link leads, and where the focus goes on arrival. */
export const contentId = "content";
