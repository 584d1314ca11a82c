// The package ships its types where its own exports hide them.
declare module 'tinykeys' {
	export function createKeybindingsHandler(
		bindings: Record<string, (event: KeyboardEvent) => void>
	): (event: Event) => void;
}
