import type { ClubWire } from './club';
import type { Golfer } from './player';
import { bagOf, golferOf, type PupilFile } from './pupil';

/** Who plays and with what: all that a shot's answer takes from its pupil. */
export interface Playing {
	golfer: Golfer;
	bag: readonly ClubWire[];
}

export const playingOf = (file: PupilFile): Playing => ({
	golfer: golferOf(file),
	bag: bagOf(file.clubs)
});
