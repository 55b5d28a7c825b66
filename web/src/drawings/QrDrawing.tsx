import type { components } from "../api/generated/schema";

type Props = { readonly qr: components["schemas"]["QrCode"]; readonly label: string };

/** A code to scan: black on white in every theme, since scanners want it so. */
export function QrDrawing({ qr, label }: Props) {
	return (
		<svg viewBox={`0 0 ${qr.size} ${qr.size}`} role="img" aria-label={label} shapeRendering="crispEdges">
			<rect width={qr.size} height={qr.size} fill="#fff" />
			<path d={qr.path} fill="#000" />
		</svg>
	);
}
