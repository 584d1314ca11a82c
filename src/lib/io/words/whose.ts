/** What whoever has given no name is called. */
export const YOU = 'You';

/** A pupil's thing, at the beginning of a line: "The bag of Ida", "Your bag". */
export const whose = (name: string, thing: string): string =>
	name === YOU ? `Your ${thing}` : `The ${thing} of ${name}`;

/** Who plays, at the beginning of a line: "Ida plays", "You play". */
export const playsWords = (name: string): string => `${name} ${name === YOU ? 'play' : 'plays'}`;

/** A pupil within a sentence: "for Ida", "for you". */
export const whom = (name: string): string => (name === YOU ? 'you' : name);
