import wasm from "zxing-wasm/reader/zxing_reader.wasm?url";

/** Reads the texts of the codes in a picture. */
export type CodeReader = (picture: ImageBitmapSource) => Promise<readonly string[]>;

type Detector = { detect(picture: ImageBitmapSource): Promise<readonly { readonly rawValue: string }[]> };
type Detectors = {
	new (options: { formats: ["qr_code"] }): Detector;
	getSupportedFormats(): Promise<readonly string[]>;
};

const OPTIONS: { formats: ["qr_code"] } = { formats: ["qr_code"] };

/** The device's own reader, or else the one that ships with the application. */
export async function codeReader(): Promise<CodeReader> {
	const detector = (await own()) ?? (await shipped());
	return async (picture) => (await detector.detect(picture)).map((code) => code.rawValue);
}

async function own(): Promise<Detector | undefined> {
	const Own = (globalThis as { readonly BarcodeDetector?: Detectors }).BarcodeDetector;
	const formats = (await Own?.getSupportedFormats().catch(() => [])) ?? [];
	return Own && formats.includes("qr_code") ? new Own(OPTIONS) : undefined;
}

async function shipped(): Promise<Detector> {
	const { BarcodeDetector, prepareZXingModule } = await import("barcode-detector/ponyfill");
	prepareZXingModule({ overrides: { locateFile: () => wasm } });
	return new BarcodeDetector(OPTIONS);
}
