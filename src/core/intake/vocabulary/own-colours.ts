/** What is made of these has a colour of its own until another is said, #rrggbb. */
export const ownColours = {
  pearl: "#e9e5dd",
  straw: "#d6bd8c",
  tortoiseshell: "#6b4226",
  wood: "#8a5f3c",
  denim: "#3f5778",
  chambray: "#8fa6bf",
} as const;
