import { kindOfWire, STANDARD_BAG_WIRE, type ClubDraft } from '$lib/io/work/club';
import { pupilDraftSchema, type PupilFile } from '$lib/io/work/pupil';
import { newId } from '../base/newId';

/** A pupil to start from, with the standard set in the bag. */
export function newPupilFile(name: string): PupilFile {
	const pupil = pupilDraftSchema.parse({ id: newId(), name });
	const clubs = STANDARD_BAG_WIRE.map((club, order): ClubDraft => {
		const { id: _id, putter: _putter, ...rest } = club;
		return {
			...rest,
			id: newId(),
			pupilId: pupil.id,
			kind: kindOfWire(club),
			order,
			retiredAt: null
		};
	});
	return { pupil, clubs, balls: [] };
}
