/** Seeds stay within what a row may hold. */
const MOST = 1_000_000;

/** A seed that nobody chose; all that is made of one is made of it alone. */
export const newSeed = (): number => Math.floor(Math.random() * MOST);
