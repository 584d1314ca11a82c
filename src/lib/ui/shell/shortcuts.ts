/** Every shortcut of the Shot view, shown by the question mark. */
export const SHORTCUTS: readonly [string, string][] = [
	['L W C S P', 'Ladder, why, compare, schools, setup panel'],
	['1 … 9', 'Choose that row of the ladder'],
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
	['Esc', 'Stop the calculation, close a panel'],
	['?', 'This list']
];
