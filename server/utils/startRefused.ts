/** The server can't start as it was asked to: what is wrong and what to do, in words, without a stack. */
export class StartRefused extends Error {}
