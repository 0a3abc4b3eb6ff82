export const rail = {
	stations: 'Stations',
	almacen: 'Almacen',
	household: 'household',
	menu: 'Menu',
	cool: 'Cool',
	pack: 'Pack',
	freezer: 'Freezer',
	table: 'Table'
};
