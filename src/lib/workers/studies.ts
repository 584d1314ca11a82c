// What a planning worker is asked now and then: fetched together, so that what every first call takes along stays small.
export { landingRegion } from '../core/plan/studies/landingRegion';
export { ratiosAfter } from '../core/today/fewBalls';
export { studySpot } from '../core/plan/studies/spotStudy';
export { ruleShot } from '../core/plan/studies/ruleShot';
export { searchRules } from '../core/plan/studies/ownRule';
export { worthMeasuring } from '../core/plan/studies/worthMeasuring';
export { missExtras } from '../core/lessons/missExtras';
export { judgeReading } from '../core/trainer/reading';
export { glanceOf } from '../core/trainer/glances';
export { stationReaches } from '../core/lessons/stationBalls';
export { surveyReport } from '../core/green/surveyReport';
export { readBalls } from '../core/today/readBalls';
export { studyRolls } from '../core/practice/rollStudy';
export { missCost } from '../core/plan/studies/whereToMiss';
