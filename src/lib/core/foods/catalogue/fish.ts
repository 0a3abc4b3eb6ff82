import type { Family } from './row.ts';

const white = { like: 'white fish' } as const;
const oily = { storage: 'fish-oily', like: 'salmon' } as const;

/** Raw fish. */
export const fish: Family = {
	facts: {
		aisle: 'fish',
		keeps: 'days',
		storage: 'fish-lean',
		hygiene: 'raw-meat-fish',
		core: 'fish',
		allergens: ['fish'],
		cupG: 225,
		pieceG: 150
	},
	rows: [
		['white fish', 'fish|white fish fillet|fish fillet|firm white fish|fish steak|fish piece|skinless white fish|fish pie mix|fish head|fish bone|fish loin|meen|machli|fish cube|mixed fish|frozen fish|boneless fish', [17.8, 1, 0, 0, 1.1]],
		['cod', 'cod fillet|cod loin|atlantic cod|pacific cod|skrei', [17.8, 0.7, 0, 0, 1.2], white],
		['haddock', 'haddock fillet', [17, 0.6, 0, 0, 1.2], white],
		['pollock', 'alaska pollock|+coley|saithe|pollack|+whiting|+hake|hake fillet|+hoki|+ling|blue grenadier|rosefish', [18, 0.9, 0, 0, 1.2], { ...white, mixed: true }],
		['plaice', 'sole|+lemon sole|+flounder|dab|dover sole|+turbot|brill|fluke|megrim', [17, 1.4, 0, 0, 1.2], { ...white, mixed: true }],
		['halibut', 'halibut steak|+monkfish|monkfish tail|john dory|wolffish|+catfish|swai|basa|+pangasius|anglerfish|river cobbler|rock salmon', [18.5, 1.5, 0, 0, 1.2], { ...white, mixed: true }],
		['sea bass', 'bass|bream|+sea bream|snapper|+red snapper|+barramundi|grouper|+mullet|red mullet|gurnard|branzino|+perch|+pike|+zander|rockfish|orange roughy|dorade|pomfret|kingfish|barracuda|pike perch|ocean perch|rohu|catla|surmai|bhetki|betki|walleye|flathead|trevally', [19, 2.2, 0, 0, 1.2], { ...white, mixed: true }],
		['tilapia', '+carp|tilapia fillet|milkfish|bangus', [20, 2.5, 0, 0, 1], white],
		['swordfish', '+shark|+marlin|+mahi mahi|mahi|dogfish|+skate|skate wing|ray wing|huss|flake fish', [19.5, 5, 0, 0, 1.4], { ...white, mixed: true }],
		['smoked haddock', 'undyed smoked haddock|smoked cod|finnan haddie|smoked white fish|smoked haddock fillet|arbroath smokie|undyed haddock', [19.5, 0.7, 0, 0, 2.6], { ...white, mixed: true }],
		['salt cod', 'bacalao|saltfish|bacalhau|dried cod|stockfish|dried fish|baccala|salt fish|salted cod', [60, 2.3, 0, 0, 20], { ...white, keeps: 'weeks' }],
		['salmon', 'salmon fillet|salmon steak|salmon side|side of salmon|wild salmon|salmon piece|salmon tail|sockeye', [20.5, 12, 0, 0, 1.2], oily],
		['trout', 'rainbow trout|sea trout|trout fillet|+arctic char|char', [20.5, 6, 0, 0, 1.2], oily],
		['mackerel', 'mackerel fillet|bluefish|fresh mackerel|bangda|whole mackerel|horse mackerel', [18.6, 14, 0, 0, 1.3], oily],
		['herring', 'sardine|pilchard|fresh sardine|+sprat|+whitebait|pilchard fresh|fresh herring|smelt|shad|hilsa|+eel|mathi|fresh anchovy', [18, 10, 0, 0, 1.4], { ...oily, mixed: true }],
		['tuna', 'tuna steak|fresh tuna|ahi tuna|bonito|ahi|tuna loin|albacore steak', [24, 2.5, 0, 0, 1.2], oily],
		['fish cakes', 'fish cake|fishcake|+fish finger|fish stick|breaded fish|battered fish|+fish ball|gefilte fish|fish burger', [11, 9, 18, 1, 1.8], { ...white, pieceG: 60, allergens: ['fish', 'cereals (wheat)'], checkPacket: true, unitG: { packet: 250 }, mixed: true }],
		['roe', 'cod roe|fish roe|herring roe', [22, 6, 1.5, 0, 1.5], { ...white }]
	]
};

/** Raw shellfish: crustaceans and molluscs. */
export const shellfish: Family = {
	facts: {
		aisle: 'fish',
		keeps: 'days',
		storage: 'shellfish',
		hygiene: 'raw-meat-fish',
		core: 'fish',
		cupG: 160
	},
	rows: [
		['seafood', 'seafood mix|mixed seafood|frutti di mare|shellfish|marinara mix|seafood medley|fruits de mer', [16, 1.2, 2, 0, 1.7], { allergens: ['crustaceans', 'molluscs', 'fish'] }],
		['prawns', 'prawn|shrimp|king prawn|tiger prawn|raw prawn|jumbo shrimp|raw shrimp|large shrimp|+langoustine|scampi|jhinga|green prawn|banana prawn|gambas|king prawns raw', [19, 0.8, 0.5, 0, 1.5], { pieceG: 12, allergens: ['crustaceans'] }],
		['crab', 'whole crab|crab claw|dressed crab|soft shell crab|king crab leg|crab leg|snow crab', [18.5, 1.1, 0.2, 0, 1.8], { pieceG: 500, allergens: ['crustaceans'], like: 'prawns' }],
		['lobster', 'lobster tail|+crayfish|rock lobster|yabby|crawfish|crayfish tail|moreton bay bug', [18.8, 0.9, 0.2, 0, 1.6], { pieceG: 500, allergens: ['crustaceans'], like: 'prawns' }],
		['mussels', 'mussel|mussel meat|live mussel', [12, 2.2, 3.7, 0, 1.6], { pieceG: 15, allergens: ['molluscs'] }],
		['clams', 'clam|vongole|+cockle|littleneck clam|pipi|whelk|periwinkle|razor clam|venus clam|tellin', [13, 1, 2.8, 0, 1.9], { pieceG: 15, allergens: ['molluscs'], like: 'mussels' }],
		['oysters', 'oyster|oyster meat', [9, 2, 4, 0, 1.6], { pieceG: 25, allergens: ['molluscs'], like: 'mussels' }],
		['scallops', 'scallop|king scallop|queen scallop|bay scallop|sea scallop', [16.5, 0.8, 2.4, 0, 1.4], { pieceG: 25, allergens: ['molluscs'], like: 'mussels' }],
		['squid', 'calamari|squid ring|squid tube|baby squid|+cuttlefish|calamari ring|calamares', [15.6, 1.4, 3.1, 0, 1.4], { pieceG: 120, allergens: ['molluscs'] }],
		['octopus', 'baby octopus|octopus tentacle|abalone|snail|escargot|sea snail|limpet|conch', [15, 1, 2.2, 0, 1.6], { pieceG: 700, allergens: ['molluscs'], like: 'squid' }]
	]
};

/** Fish and shellfish that are eaten as they are: smoked, cured, cooked, canned. */
export const readyFish: Family = {
	facts: {
		aisle: 'fish',
		keeps: 'days',
		storage: 'fish-oily',
		hygiene: 'ready-to-eat',
		allergens: ['fish'],
		cupG: 150
	},
	rows: [
		['smoked salmon', '+smoked trout|gravlax|gravadlax|lox|hot smoked salmon|smoked salmon trimming', [22, 7, 0.3, 0, 4], { like: 'salmon', unitG: { slice: 25 } }],
		['smoked mackerel', '+kipper|smoked herring|smoked eel|buckling|peppered mackerel|smoked sprat', [19, 24, 0, 0, 3], { like: 'salmon', pieceG: 80 }],
		['cooked salmon', 'poached salmon|leftover salmon|flaked cooked fish|cooked fish|leftover fish|canned salmon|tinned salmon|pink salmon', [23, 10, 0, 0, 1.6], { like: 'salmon', unitG: { can: 213 } }],
		['canned tuna', 'tinned tuna|tuna in oil|tuna in brine|tuna in water|tuna in spring water|tuna chunk|chunk light tuna|albacore tuna|tuna flake|can tuna|tin tuna', [25, 2.5, 0, 0, 1.6], { aisle: 'tins', keeps: 'cupboard', unitG: { can: 145 }, drained01: 0.7, like: 'tuna' }],
		['canned sardines', 'tinned sardine|tinned mackerel|canned mackerel|sild|brisling|canned herring|tinned fish|canned fish', [23, 12, 0.3, 0, 2.5], { aisle: 'tins', keeps: 'cupboard', unitG: { can: 120, piece: 20 }, like: 'salmon', mixed: true }],
		['anchovy', 'anchovy fillet|anchovies|tinned anchovy|salted anchovy|boqueron|anchovies fillet', [29, 10, 0, 0, 11], { aisle: 'tins', keeps: 'cupboard', pieceG: 4, unitG: { can: 50 } }],
		['anchovy paste', 'anchovy essence|anchovy sauce', [20, 20, 2, 0, 12], { aisle: 'tins', keeps: 'cupboard', cupG: 250 }],
		['pickled herring', '+rollmop|matjes|soused herring|bismarck herring|herring in brine', [14, 18, 9, 0, 3], { aisle: 'fish', keeps: 'weeks', pieceG: 80 }],
		['surimi', 'crab stick|seafood stick|imitation crab|kamaboko|seafood extender', [8, 0.5, 15, 0.2, 2], { allergens: ['fish', 'eggs', 'cereals (wheat)', 'soybeans', 'crustaceans'], checkPacket: true, pieceG: 17, like: 'white fish', storage: 'shellfish' }],
		['crab meat', 'crabmeat|white crab meat|lump crab|canned crab|brown crab meat|lump crabmeat|crab meat lump', [18, 1, 0.5, 0, 2], { allergens: ['crustaceans'], storage: 'shellfish', unitG: { can: 170 }, like: 'prawns' }],
		['cooked prawns', 'cooked shrimp|cooked king prawn|salad shrimp|peeled cooked prawn|north atlantic prawn|cooked peeled prawn|potted shrimp|bay shrimp', [18, 0.8, 0.3, 0, 2.3], { allergens: ['crustaceans'], storage: 'shellfish', pieceG: 6, like: 'prawns' }],
		['dried shrimp', 'dried prawn|shrimp powder', [60, 4, 2, 0, 15], { allergens: ['crustaceans'], storage: null, aisle: 'dry', keeps: 'cupboard', cupG: 60 }],
		['canned clams', 'tinned clam|clam chopped|minced clam|canned oyster|smoked oyster|smoked mussel|clam meat|canned mussel', [18, 2, 4, 0, 2.5], { allergens: ['molluscs'], storage: 'shellfish', aisle: 'tins', keeps: 'cupboard', unitG: { can: 185 }, like: 'mussels' }],
		['clam juice', 'clam broth|fish fumet', [0.5, 0.1, 0.2, 0, 1.2], { allergens: ['molluscs', 'fish'], storage: null, aisle: 'tins', keeps: 'cupboard', cupG: 240 }],
		['caviar', 'lumpfish roe|salmon roe|taramasalata|tobiko', [20, 14, 3, 0, 5], { keeps: 'weeks', mixed: true }],
		['bonito flakes', 'katsuobushi|dashi flake|dashi powder|dashi|dashi stock|dashi granule', [70, 3, 2, 0, 6], { aisle: 'dry', keeps: 'cupboard', storage: null, cupG: 10 }]
	]
};
