/** A picture's longer side needs no more than this to show a surface. */
const LONGEST_SIDE = 1600;
const QUALITY = 0.85;

/** A picture drawn anew on this device: no larger than it needs to be, and without where and with what it was taken. */
export async function drawn(file: File): Promise<{ readonly bytes: ArrayBuffer; readonly type: string }> {
	const blob = await smaller(file).catch(() => file);
	return { bytes: await blob.arrayBuffer(), type: blob.type };
}

/** @throws where this browser can't read such a picture: then the server says what it takes */
async function smaller(file: File): Promise<Blob> {
	const bitmap = await createImageBitmap(file);
	const scale = Math.min(1, LONGEST_SIDE / Math.max(bitmap.width, bitmap.height));
	const canvas = document.createElement("canvas");
	canvas.width = Math.round(bitmap.width * scale);
	canvas.height = Math.round(bitmap.height * scale);
	canvas.getContext("2d")?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
	bitmap.close();
	return new Promise((resolve, reject) => {
		canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("not drawn"))), "image/jpeg", QUALITY);
	});
}
