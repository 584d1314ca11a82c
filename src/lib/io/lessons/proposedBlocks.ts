import { freshBlock, type Block } from './lesson';
import type { About } from './proposal';

/** How blocks are said. */
export interface ProposalWords {
	title: (about: About) => string;
	cue: (about: About) => string;
	why: (about: About) => string;
}

/** A proposal as blocks of a lesson. */
export const blocksOf = (
	proposed: readonly { about: About; minutes: number }[],
	words: ProposalWords,
	newId: () => string
): Block[] =>
	proposed.map(({ about, minutes }) => {
		const said = { title: words.title(about), cue: words.cue(about), why: words.why(about) };
		const part = partOf(about);
		return freshBlock(newId(), { ...part, ...said, minutes: Math.max(1, Math.round(minutes)) });
	});

/** What of a block its subject decides. */
function partOf(about: About): Partial<Block> & Pick<Block, 'kind'> {
	switch (about.kind) {
		case 'left-over': {
			const { kind, drillId, shotId, cells } = about.block;
			return {
				kind,
				...(drillId !== undefined && { drillId }),
				...(shotId !== undefined && { shotId }),
				...(cells !== undefined && { cells })
			};
		}
		case 'habit':
			return { kind: 'drill', drillId: about.habit.treatedBy };
		case 'measure':
			return {
				kind: 'drill',
				drillId: 'swing-matrix',
				cells: [about.cell],
				balls: about.cell.balls
			};
		case 'test':
			return { kind: 'test', drillId: about.drillId };
		case 'basics':
		case 'spaced':
			return { kind: 'drill', drillId: about.drillId };
		case 'transfer':
			return { kind: 'free' };
		case 'reading':
		case 'homework':
		case 'end':
			return { kind: 'talk' };
	}
}
