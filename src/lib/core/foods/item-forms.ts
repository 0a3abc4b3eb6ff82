/** What an item is when it comes in a can or a jar. */
export const canned: Readonly<Record<string, string>> = {
	tomato: 'canned tomatoes',
	tuna: 'canned tuna',
	salmon: 'cooked salmon',
	herring: 'canned sardines',
	mackerel: 'canned sardines',
	prawns: 'cooked prawns',
	crab: 'crab meat',
	clams: 'canned clams',
	mussels: 'canned clams',
	oysters: 'canned clams',
	mushroom: 'jarred mushrooms',
	pumpkin: 'pumpkin puree',
	ham: 'canned ham',
	milk: 'evaporated milk',
	'chicken thigh': 'cooked chicken',
	'chicken breast': 'cooked chicken',
	'corned beef brisket': 'canned corned beef',
	'sweet pepper': 'roasted peppers'
};

/** Pulses that are called the same dried and cooked, cooked ones first. */
export const dried: Readonly<Record<string, string>> = {
	chickpeas: 'dried chickpeas',
	'white beans': 'dried beans',
	'cannellini bean': 'dried beans',
	'navy bean': 'dried beans',
	'great northern bean': 'dried beans',
	'flageolet bean': 'dried beans',
	'butter beans': 'dried beans',
	'borlotti beans': 'dried beans',
	'pinto bean': 'dried beans',
	'kidney beans': 'dried kidney beans',
	'black beans': 'dried black beans',
	'black-eyed beans': 'dried beans',
	'mixed beans': 'dried beans'
};

/** Dried pulses that hurt unless they are soaked, then boiled. */
export const soakedFirst: ReadonlySet<string> = new Set([
	'dried kidney beans',
	'dried black beans',
	'dried beans'
]);

/** What a name means when it is measured with a spoon. */
export const spooned: Readonly<Record<string, string>> = {
	'coriander leaves': 'coriander seeds',
	oregano: 'dried oregano',
	thyme: 'dried thyme',
	chilli: 'chilli powder'
};
