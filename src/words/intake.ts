/** What is said where many pieces are recorded at once, and where a photo gives a piece its colours. */
export const intakeWords = {
  addManyPieces: "Add many pieces",
  aLineAPiece:
    "Write or paste a line a piece, or take a table from a file. Nothing is recorded until every row is right; then all of them are.",
  studioKit: "Studio kit",
  whereFrom: "Where the pieces come from",
  lines: "Lines",
  table: "Table (CSV)",
  whose: "Whose they are",
  onePieceALine: "One piece a line",
  linesExample:
    "cognac suede ankle boots, block heel 5, gold zip\nnavy silk square 90, ivory border\nsame as cognac suede ankle boots but black",
  tableFromAFile: "A table from a file",
  tableHelp:
    "The first line has headings; a table saved from the rail can be changed in a spreadsheet and taken back.",
  tableTooLarge: "{name} is too large for a table of pieces: 20 MB is the most that is taken.",
  columnsUnderstood: "{known} of {all} columns are understood",
  columnNumber: "Column {number}",
  takenFor: "{heading} is taken for",
  leftOut: "left out",
  rowsToLookOver: "Rows to look over",
  andMoreRows: "{count, plural, one {And # row more.} other {And # rows more.}}",
  keptInTheName: "kept in the name: {words}",
  takesThePlaceOf: "changes the piece on the rail",
  rowsToPutRight:
    "{wrong, plural, one {# of {count} rows cannot be taken yet: put it right, and all are recorded together.} other {# of {count} rows cannot be taken yet: put them right, and all are recorded together.}}",
  allCanBeTaken:
    "{count, plural, one {# piece, ready to be recorded.} other {# pieces, ready to be recorded.}}",
  addPieces: "{count, plural, one {Add # piece} other {Add # pieces}}",
  piecesAreOnTheRail: "{count, plural, one {# piece is on the rail.} other {# pieces are on the rail.}}",
} as const;
