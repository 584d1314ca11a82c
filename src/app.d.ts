declare module 'virtual:plan-thread' {
	const code: string;
	export default code;
}
