/** Every shortcut, shown by the question mark. */
export const SHORTCUTS: readonly [string, string][] = [
	['L W C S P', 'Ladder, why, compare, schools, setup panel'],
	['1 … 9', 'On the Shot view: choose that row of the ladder'],
	['J K', 'Next and previous row of the ladder'],
	['B', 'Open the bag'],
	['Ctrl + S', 'Save the shot'],
	['Ctrl + Z', 'Undo'],
	['Ctrl + Shift + Z', 'Redo'],
	['Space', 'Play the ball, when the play button is focused'],
	[
		'Tab, arrow keys',
		'Go from handle to handle on the drawing and move it; Shift moves five times as far'
	],
	['1 … 6', 'On a green: today, survey, outline, pins, misses, two pins'],
	['Enter', 'On the map of a green, while something is added: put it in the middle'],
	['Delete', 'On a green: remove what is chosen'],
	['Esc', 'Stop the calculation, stop adding, close a panel'],
	['?', 'This list']
];
