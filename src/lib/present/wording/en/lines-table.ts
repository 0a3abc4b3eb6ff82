export const linesTable = {
	howMuch: 'how much',
	item: 'item',
	cut: 'cut',
	where: 'where',
	keptAsText: 'kept as text',
	open: 'open',
	weightNotKnown: 'weight not known'
};
