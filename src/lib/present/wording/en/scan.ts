export const scan = {
	title: 'Scan a label · Almacen',
	heading: 'Scan a label',
	camera: 'Use the camera',
	stop: 'Stop the camera',
	view: 'What the camera sees',
	needsSecure:
		'The camera works in this page only over a secure connection (https). Take a photo of the code instead, or type it.',
	refused:
		'The camera is not allowed for this page. Allow it in the browser, take a photo of the code, or type it.',
	noCamera: 'No camera was found. Take a photo of the code, or type it.',
	photo: 'A photo of the code, or a picture file',
	looking: 'Looking for the code …',
	nothing:
		'No pack code in this picture. Come closer, hold it straight, wipe off the frost; or type the code.',
	notAPicture: 'This file could not be read as a picture. Choose a photo, or type the code.'
};
