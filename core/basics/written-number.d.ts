declare module 'written-number' {
  /** A whole number in English words. */
  export default function writtenNumber(number: number): string
}
