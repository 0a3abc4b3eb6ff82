export const rail = {
	stations: 'Stations',
	almacen: 'Almacen',
	household: 'household',
	shop: 'Shop',
	prep: 'Prep',
	menu: 'Menu',
	cool: 'Cool',
	pack: 'Pack',
	freezer: 'Freezer',
	table: 'Table'
};
