import { type Face, INK } from "./face";

export function TapGlass({ shown }: Face) {
	const { hours = 0, acid = 0 } = shown;
	return (
		<g>
			<path d="M60 40h80l-6 94h-68z" fill="var(--water)" opacity="0.55" />
			<path d="M56 18h88l-8 118h-72z" {...INK} />
			<circle cx="196" cy="62" r="34" {...INK} fill="var(--raised)" />
			<path
				d={hours > 0 ? "M196 62v-24M196 62h16" : "M196 62v-24M196 62l-12 12"}
				stroke="var(--clay)"
				strokeWidth="3"
				strokeLinecap="round"
			/>
			<text x="196" y="118" fontSize="13" textAnchor="middle" fill="var(--ink)">
				{hours > 0 ? "24 h open" : "a dose"}
			</text>
			<text x="196" y="138" fontSize="13" textAnchor="middle" fill="var(--soft)">
				{Math.round(acid)} mg
			</text>
		</g>
	);
}
