/** What is put on paper: plain data, drawn alike on the screen and in a PDF. */
export interface Paper {
	title: string;
	/** Under the title. */
	lines: string[];
	sections: Section[];
	/** At the foot. */
	foot: string;
}

export type Section =
	| { kind: 'text'; heading: string; paragraphs: string[] }
	| { kind: 'numbers'; heading: string; numbers: { figure: string; words: string }[] }
	| { kind: 'table'; heading: string; columns: string[]; rows: string[][]; note: string }
	| { kind: 'steps'; heading: string; steps: string[]; drawing: Drawing | null }
	| { kind: 'boxes'; heading: string; items: { words: string; boxes: number }[]; note: string };

/** A picture on the page, by the id of the element that holds it. */
export interface Drawing {
	id: 'setup' | 'drill';
	/** In words, for whoever cannot see it. */
	alt: string;
}
