/** Whoever asked for long work: takes news of an answer that is still growing, and may have left meanwhile. */
export interface Asker<T> {
  readonly tell: (news: T) => void;
  /** Whether the answer is still wanted. */
  readonly goesOn: () => boolean;
}
