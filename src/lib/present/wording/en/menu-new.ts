export const menuNew = {
	writeADishAlmacen: 'Write a dish · Almacen',
	writeADish: 'Write a dish',
	saveTheDish: 'Save the dish'
};
