/** The bibliography. Every published table in `tables/` names one of these keys. */
export interface Source {
	readonly title: string;
	readonly publisher: string;
	readonly edition: string;
	/** how the value reached this project */
	readonly via: 'from memory' | 'package' | 'calibrated' | 'judgement' | 'common practice';
	readonly issued?: string;
	readonly reviewAfter?: string;
}

export const sources = {
	'eu-1169-energy': {
		title:
			'Food information to consumers, Annex XIV: conversion factors for energy (general Atwater factors)',
		publisher: 'Regulation (EU) No 1169/2011',
		edition: '2011',
		via: 'from memory'
	},
	'choi-okos-1986': {
		title: 'Effects of temperature and composition on the thermal properties of foods',
		publisher:
			'Choi and Okos; as tabulated in ASHRAE Handbook, Refrigeration, Thermal properties of foods',
		edition: '1986',
		via: 'from memory'
	},
	'iapws-if97': {
		title: 'IAPWS Industrial Formulation 1997 for water and steam, region 4',
		publisher: 'International Association for the Properties of Water and Steam',
		edition: '1997, revised 2007',
		via: 'from memory'
	},
	'isa-1976': {
		title: 'Standard atmosphere, troposphere',
		publisher: 'ISO 2533',
		edition: '1975',
		via: 'from memory'
	},
	'cold-food-storage-chart': {
		title: 'Cold food storage chart (freezer times are for quality at −18 °C)',
		publisher: 'FoodSafety.gov',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'fsis-freezing': {
		title: 'Freezing and food safety',
		publisher: 'USDA FSIS',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	foodkeeper: {
		title: 'FoodKeeper: bread and baked goods, shellfish',
		publisher: 'USDA FSIS, Cornell University, FMI',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'nchfp-freezing': {
		title: 'Freezing: vegetables and fruit, headspace, foods that do not freeze well',
		publisher: 'National Center for Home Food Preservation, University of Georgia',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'frozen-tolerance': {
		title:
			'Time-temperature tolerance of frozen foods: 10 K warmer shortens quality life about threefold',
		publisher: 'frozen-food literature',
		edition: 'no edition',
		via: 'from memory'
	},
	'house-rule': {
		title: 'A figure the household set for itself',
		publisher: 'the household',
		edition: 'no edition',
		via: 'judgement'
	},
	'food-code-2022': {
		title: 'Food Code 3-501.14 (cooling)',
		publisher: 'US FDA',
		edition: '2022',
		via: 'from memory',
		issued: '2022-12-28',
		reviewAfter: '2027-06-01'
	},
	'core-temperatures': {
		title: 'Safe minimum internal temperatures',
		publisher: 'FoodSafety.gov',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'pressure-extension': {
		title: 'Pressure cooker fill and thin liquid',
		publisher: 'university extension services and appliance manuals',
		edition: 'as remembered',
		via: 'from memory'
	},
	'appliance-model': {
		title: 'Lumped models of slow cooker, pressure cooker and oven',
		publisher: 'this project (docs/numbers.md)',
		edition: 'version 1',
		via: 'calibrated'
	},
	'food-data-household': {
		title: 'FoodData Central: household weights of common items',
		publisher: 'USDA',
		edition: 'as remembered, 2024',
		via: 'from memory'
	},
	'item-composition': {
		title: 'Composition of common foods, rounded',
		publisher: 'general food composition tables',
		edition: 'as remembered',
		via: 'from memory'
	},
	'nist-hb44': {
		title: 'Handbook 44, Appendix C: units of measurement',
		publisher: 'NIST',
		edition: '2024',
		via: 'from memory'
	},
	'label-papers': {
		title: 'Sheet label formats sold everywhere',
		publisher: 'common practice',
		edition: 'no edition',
		via: 'common practice'
	},
	'fsis-thawing': {
		title: 'The big thaw: thawing and refreezing',
		publisher: 'USDA FSIS',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'fda-bad-bug-book': {
		title: 'Bad Bug Book, phytohaemagglutinin in kidney beans',
		publisher: 'US FDA',
		edition: 'as remembered, 2012',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'uk-rice': {
		title: 'Home food fact checker: rice; cooking food at home',
		publisher: 'UK Food Standards Agency',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'fsis-partial-cooking': {
		title: 'Partial cooking of meat and poultry',
		publisher: 'USDA FSIS',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'power-cut': {
		title: 'Food safety during a power outage',
		publisher: 'FoodSafety.gov',
		edition: 'as remembered, 2024',
		via: 'from memory',
		reviewAfter: '2027-06-01'
	},
	'container-sizes': {
		title: 'Sizes of common freezer containers, measured when filled',
		publisher: 'common practice',
		edition: 'no edition',
		via: 'judgement'
	},
	'eu-1169-2011': {
		title: 'Regulation (EU) 1169/2011, Annex II: allergens',
		publisher: 'European Union',
		edition: '2011',
		via: 'from memory',
		issued: '2011-10-25'
	}
} as const satisfies Record<string, Source>;

export type SourceKey = keyof typeof sources;
