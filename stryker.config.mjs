// Mutation testing of one folder at a time: npm run mutate -- core/math. Not part of npm test.
export default {
	testRunner: 'vitest',
	vitest: { configFile: 'vitest.mutate.config.ts' },
	coverageAnalysis: 'perTest',
	inPlace: true,
	concurrency: 2,
	timeoutMS: 20_000,
	reporters: ['json', 'clear-text'],
	clearTextReporter: { allowColor: false, reportTests: false, reportScoreTable: true },
	jsonReporter: { fileName: 'reports/mutation.json' },
	tempDirName: '.stryker-tmp',
	disableTypeChecks: false,
	ignoreStatic: true
};
