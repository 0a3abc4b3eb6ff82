export const bowlFields = {
	itsBowlInsideSays: 'Its bowl, inside: says whether a frozen block goes in',
	whatToMeasureOf: 'What to measure of a bowl',
	shape: 'Shape',
	notMeasured: 'not measured',
	aLongWay: 'A, long way',
	bShortWay: 'B, short way',
	cDepth: 'C, depth',
	aAcross: 'A, across',
	round: 'round',
	oval: 'oval'
};
