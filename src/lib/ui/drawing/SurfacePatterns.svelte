<!-- Hatchings that tell sand, water and rough apart without colour; once a page, inside any drawing. -->
<defs>
	<pattern id="grains" width="7" height="7" patternUnits="userSpaceOnUse">
		<circle cx="2" cy="2" r="1" /><circle cx="5.5" cy="5" r="1" />
	</pattern>
	<pattern id="waves" width="12" height="6" patternUnits="userSpaceOnUse">
		<path d="M0,3q3,-3 6,0t6,0" />
	</pattern>
	<pattern id="blades" width="6" height="8" patternUnits="userSpaceOnUse">
		<path d="M1,8l2,-7M5,8l-1,-5" />
	</pattern>
	<pattern id="off" width="9" height="9" patternUnits="userSpaceOnUse">
		<path d="M0,0L9,9" />
	</pattern>
	<pattern id="unsure" width="8" height="8" patternUnits="userSpaceOnUse">
		<path d="M0,8L8,0" />
	</pattern>
</defs>

<style>
	pattern circle {
		fill: var(--ink);
		opacity: 0.55;
	}
	pattern path {
		fill: none;
		stroke: var(--ink);
		stroke-width: 1;
		opacity: 0.6;
	}
</style>
