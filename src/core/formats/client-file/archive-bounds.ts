/** The most an archive may hold, in bytes and in files: more is refused before it is unpacked. */
export const archiveBounds = {
  packed: 64 * 1024 * 1024,
  unpacked: 128 * 1024 * 1024,
  record: 32 * 1024 * 1024,
  photo: 4 * 1024 * 1024,
  files: 5_000,
} as const;
