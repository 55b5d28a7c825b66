// Cuts the letters of the pages to what the pages use of them: one file each, with the weights that the styles name.
// The whole families weigh 155 kB before the first word is seen; cut so, a third.
import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import subset from "subset-font";

const FROM = new URL("./node_modules/@fontsource-variable/", import.meta.url);
const TO = new URL("./src/theme/fonts/", import.meta.url);

/** The characters of the Latin files, as their packages name them; others come whole, and only where one is written. */
const LATIN = [
	[0x20, 0xff],
	[0x131, 0x131],
	[0x152, 0x153],
	[0x2bb, 0x2bc],
	[0x2c6, 0x2c6],
	[0x2da, 0x2da],
	[0x2dc, 0x2dc],
	[0x304, 0x304],
	[0x308, 0x308],
	[0x329, 0x329],
	[0x2000, 0x206f],
	[0x20ac, 0x20ac],
	[0x2122, 0x2122],
	[0x2191, 0x2191],
	[0x2193, 0x2193],
	[0x2212, 0x2212],
	[0x2215, 0x2215],
	[0xfeff, 0xfeff],
	[0xfffd, 0xfffd],
]
	.flatMap(([first, last]) => Array.from({ length: last - first + 1 }, (_, i) => String.fromCodePoint(first + i)))
	.join("");

const WEIGHTS = { min: 400, max: 700, default: 400 };

const CUTS = [
	// The shapes of headings, soft and a little wonky, drawn for the size of headings.
	["fraunces/files/fraunces-latin-full-normal.woff2", "headings.woff2", { SOFT: 100, WONK: 1, opsz: 36, wght: WEIGHTS }],
	["atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2", "text.woff2", { wght: WEIGHTS }],
];

mkdirSync(TO, { recursive: true });
for (const [from, to, variationAxes] of CUTS) {
	const whole = readFileSync(new URL(from, FROM));
	writeFileSync(new URL(to, TO), await subset(whole, LATIN, { targetFormat: "woff2", variationAxes }));
}
