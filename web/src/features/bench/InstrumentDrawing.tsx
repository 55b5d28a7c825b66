import type { ReactElement } from "react";

type Values = Readonly<Record<string, number>>;

type Props = {
	readonly id: string;
	/** The numbers of the answer, by their ids; those that aren't known are drawn as usual. */
	readonly values: Values;
	/** What the picture says, for those who don't see it. */
	readonly words: string;
	readonly small?: boolean;
};

const WIDTH = 260;
const HEIGHT = 150;

/** The picture of an instrument: it answers as its entries are turned. */
export function InstrumentDrawing({ id, values, words, small }: Props) {
	const draw = DRAWINGS[id] ?? DRAWINGS.glass;
	return (
		<svg
			className={small ? "instrument small" : "instrument"}
			viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
			role="img"
			aria-label={words}
		>
			{draw?.((name, usual) => values[name] ?? usual)}
		</svg>
	);
}

type Read = (name: string, usual: number) => number;

const INK = { fill: "none", stroke: "var(--ink)", strokeWidth: 2.4, strokeLinejoin: "round" } as const;

function between(value: number, least: number, most: number): number {
	return Math.max(least, Math.min(most, value));
}

/** Where a strength stands on a ruler from neat to 1:10 000. */
function onRuler(water: number): number {
	return 26 + (between(Math.log10(Math.max(1, water)), 0, 4) / 4) * 204;
}

/** Where parts of vinegar to one of shell stand on an axis from 1:1 to 1:30. */
function onParts(parts: number): number {
	return 18 + (between(Math.log10(Math.max(1, parts)), 0, 1.48) / 1.48) * 116;
}

const SHELL_SCHOOLS: readonly (readonly [string, number, string])[] = [
	["equalWeight", 1, "1:1"],
	["equalVolume", 1.7, "vol."],
	["tenfold", 10, "1:10"],
	["balance", 23, "all used"],
];

const DRAWINGS: Readonly<Record<string, (read: Read) => ReactElement>> = {
	ratio: (read) => {
		const share = read("share", 0.05);
		const layer = between(share * 78, 2, 78);
		return (
			<g>
				<path d="M78 14h92l-8 84h-76z" fill="var(--water)" opacity="0.55" />
				<path d={`M${84 + (78 - layer) * 0.02} ${98 - layer}h80l-1 ${layer}h-76z`} fill="var(--honey)" />
				<path d="M78 14h92l-8 84h-76zM170 30l44 -12M78 26c-26 6-26 44 6 50" {...INK} />
				<line x1="26" x2="230" y1="124" y2="124" stroke="var(--edge)" strokeWidth="2" />
				{[0, 1, 2, 3, 4].map((power) => (
					<g key={power}>
						<line x1={26 + power * 51} x2={26 + power * 51} y1="118" y2="130" stroke="var(--edge)" strokeWidth="2" />
						<text x={26 + power * 51} y="146" fontSize="12" textAnchor="middle" fill="var(--soft)">
							1:{10 ** power}
						</text>
					</g>
				))}
				<path
					d={`M${onRuler(read("water", 128))} 126l-7 -14h14z`}
					fill="var(--clay)"
					stroke="var(--ink)"
					strokeWidth="1.4"
				/>
			</g>
		);
	},
	shells: (read) => {
		const left = read("left", 0.56);
		const bubbles = between(Math.round(read("gas", 5) / 1.2), 2, 14);
		return (
			<g>
				<path d="M84 52h92v74q0 14 -14 14h-64q-14 0 -14 -14z" fill="var(--honey-wash)" />
				<path d={`M88 138q42 ${-8 - left * 44} 84 0z`} fill="var(--raised)" stroke="var(--edge)" strokeWidth="1.6" />
				{Array.from({ length: bubbles }, (_, index) => (
					<circle
						// biome-ignore lint/suspicious/noArrayIndexKey: bubbles are all alike
						key={index}
						cx={98 + ((index * 37) % 66)}
						cy={112 - ((index * 23) % 54)}
						r={2.5 + (index % 3)}
						fill="var(--raised)"
						stroke="var(--ink)"
						strokeWidth="1.2"
					/>
				))}
				<path d="M90 14h80v12q14 8 14 24v76q0 16 -16 16h-76q-16 0 -16 -16v-76q0 -16 14 -24z" {...INK} />
				<text x="6" y="132" fontSize="13" fill="var(--soft)">
					{Math.round(left * 100)} % left
				</text>
				<line x1="216" x2="216" y1="12" y2="140" stroke="var(--edge)" strokeWidth="2" />
				{SHELL_SCHOOLS.map(([name, usual, words]) => (
					<g key={name}>
						<line
							x1="211"
							x2="221"
							y1={onParts(read(name, usual))}
							y2={onParts(read(name, usual))}
							stroke="var(--ink)"
							strokeWidth="2"
						/>
						<text x="226" y={onParts(read(name, usual)) + 4} fontSize="11.5" fill="var(--ink)">
							{words}
						</text>
					</g>
				))}
				<path
					d={`M210 ${onParts(read("parts", 10))}l-13 -7v14z`}
					fill="var(--clay)"
					stroke="var(--ink)"
					strokeWidth="1.4"
				/>
			</g>
		);
	},
	sugar: (read) => {
		const y = (activity: number) => 134 - between((activity - 0.75) / 0.25, 0, 1) * 118;
		const marks: readonly [number, string][] = [
			[0.91, "bacteria"],
			[0.88, "yeasts"],
			[0.8, "moulds"],
		];
		return (
			<g>
				<rect x="46" y="12" width="26" height="126" rx="13" {...INK} />
				<rect
					x="50"
					y={y(read("activity", 0.92))}
					width="18"
					height={134 - y(read("activity", 0.92))}
					rx="9"
					fill="var(--honey)"
				/>
				{marks.map(([at, name]) => (
					<g key={name}>
						<line
							x1="40"
							x2="110"
							y1={y(at)}
							y2={y(at)}
							stroke="var(--brick)"
							strokeDasharray="5 4"
							strokeWidth="1.6"
						/>
						<text x="116" y={y(at) + 4} fontSize="13" fill="var(--ink)">
							{name} stop
						</text>
					</g>
				))}
				<path
					d={`M40 ${y(read("activity", 0.92))}l-14 -7v14z`}
					fill="var(--clay)"
					stroke="var(--ink)"
					strokeWidth="1.4"
				/>
			</g>
		);
	},
	bran: (read) => {
		const moisture = read("moisture", 0.45);
		const drops = moisture > 0.55 ? 5 : moisture > 0.48 ? 1 : 0;
		const apart = moisture < 0.3 ? 9 : moisture < 0.42 ? 4 : 0;
		return (
			<g>
				<path
					d="M60 92q8 -54 70 -56q64 2 70 56q-10 30 -70 30t-70 -30z"
					fill="var(--honey-wash)"
					{...{ stroke: "var(--ink)", strokeWidth: 2.4 }}
				/>
				<path d="M74 70q56 -26 112 0M70 86q60 -20 120 0M78 102q52 -14 104 0" {...INK} strokeWidth="1.6" />
				{apart > 0 && <path d={`M128 36l${-apart} 30l${apart * 2} 24l${-apart} 30`} {...INK} />}
				{Array.from({ length: drops }, (_, index) => (
					<path
						// biome-ignore lint/suspicious/noArrayIndexKey: drops are all alike
						key={index}
						d={`M${92 + index * 20} 124c7 9 6 14 0 14s-7 -5 0 -14z`}
						fill="var(--water)"
						stroke="var(--ink)"
						strokeWidth="1.2"
					/>
				))}
				<text x="130" y="22" fontSize="14" textAnchor="middle" fill="var(--ink)">
					{Math.round(moisture * 100)} % water
				</text>
			</g>
		);
	},
	air: (read) => {
		const supply = read("supply", 0.5);
		const demand = read("demand", 0.4);
		const most = Math.max(supply, demand, 1e-6);
		const short = demand > supply;
		return (
			<g>
				<path d="M24 34h84l-8 100h-68z" fill="var(--water)" opacity="0.5" />
				<path d="M20 24h92l-10 112h-72z" {...INK} />
				<path d="M64 12v100" stroke="var(--ink)" strokeWidth="3" />
				{[0, 1, 2, 3, 4, 5].map((one) => (
					<circle
						key={one}
						cx={48 + ((one * 17) % 36)}
						cy={106 - one * 12}
						r={3 + (one % 2) * 2}
						fill="var(--raised)"
						stroke="var(--ink)"
						strokeWidth="1.2"
					/>
				))}
				<text x="136" y="40" fontSize="13" fill="var(--ink)">
					oxygen in
				</text>
				<rect x="136" y="48" width={between((supply / most) * 110, 2, 110)} height="18" rx="9" fill="var(--moss)" />
				<text x="136" y="92" fontSize="13" fill="var(--ink)">
					eaten up
				</text>
				<rect
					x="136"
					y="100"
					width={between((demand / most) * 110, 2, 110)}
					height="18"
					rx="9"
					fill={short ? "var(--brick)" : "var(--honey)"}
				/>
				<text x="136" y="140" fontSize="13" fill={short ? "var(--brick)" : "var(--moss)"}>
					{short ? "✕ airless" : "✓ keeps up"}
				</text>
			</g>
		);
	},
	water: (read) => (
		<g>
			<path d="M60 40h80l-6 94h-68z" fill="var(--water)" opacity="0.55" />
			<path d="M56 18h88l-8 118h-72z" {...INK} />
			<circle cx="196" cy="62" r="34" {...INK} fill="var(--raised)" />
			<path
				d={read("hours", 0) > 0 ? "M196 62v-24M196 62h16" : "M196 62v-24M196 62l-12 12"}
				stroke="var(--clay)"
				strokeWidth="3"
				strokeLinecap="round"
			/>
			<text x="196" y="118" fontSize="13" textAnchor="middle" fill="var(--ink)">
				{read("hours", 0) > 0 ? "24 h open" : "a dose"}
			</text>
			<text x="196" y="138" fontSize="13" textAnchor="middle" fill="var(--soft)">
				{Math.round(read("acid", 50))} mg
			</text>
		</g>
	),
	heap: (read) => {
		const now = read("now", 45);
		const top = 118 - between((now - 10) / 50, 0, 1) * 92;
		return (
			<g>
				<path
					d="M20 134q24 -86 92 -90t92 90z"
					fill={now >= 49 ? "var(--brick-wash)" : "var(--honey-wash)"}
					stroke="var(--ink)"
					strokeWidth="2.4"
				/>
				<path d="M60 104q16 -10 30 0t30 0M84 80q14 -8 26 0t26 0" {...INK} strokeWidth="1.4" />
				<rect x="218" y="18" width="16" height="104" rx="8" {...INK} fill="var(--raised)" />
				<rect x="222" y={top} width="8" height={122 - top} fill="var(--brick)" />
				<circle cx="226" cy="128" r="12" fill="var(--brick)" stroke="var(--ink)" strokeWidth="2" />
				<line
					x1="206"
					x2="242"
					y1={118 - (39 / 50) * 92}
					y2={118 - (39 / 50) * 92}
					stroke="var(--ink)"
					strokeDasharray="4 3"
				/>
				<text x="200" y={122 - (39 / 50) * 92} fontSize="12" textAnchor="end" fill="var(--ink)">
					49 °C
				</text>
			</g>
		);
	},
	can: (read) => {
		const bar = (milligrams: number) => between((Math.log10(Math.max(0.01, milligrams)) + 2) / 5, 0.01, 1) * 170;
		return (
			<g>
				{(["n", "p", "k", "ca", "fe"] as const).map((name, index) => (
					<g key={name}>
						<text x="30" y={24 + index * 26} fontSize="13" textAnchor="end" fill="var(--ink)">
							{name === "ca" ? "Ca" : name === "fe" ? "Fe" : name.toUpperCase()}
						</text>
						<rect
							x="38"
							y={12 + index * 26}
							width={bar(read(name, [73, 11, 55, 55, 0.4][index] ?? 1))}
							height="15"
							rx="7"
							fill="var(--leaf)"
							stroke="var(--ink)"
							strokeWidth="1.2"
						/>
						<line
							x1={38 + bar(read(`${name}Full`, [200, 40, 200, 150, 2][index] ?? 1))}
							x2={38 + bar(read(`${name}Full`, [200, 40, 200, 150, 2][index] ?? 1))}
							y1={9 + index * 26}
							y2={30 + index * 26}
							stroke="var(--clay)"
							strokeWidth="3"
						/>
					</g>
				))}
				<text x="38" y="148" fontSize="12" fill="var(--soft)">
					at most · line: a full feed from a shop
				</text>
			</g>
		);
	},
	glass: (read) => {
		const millilitres = read("MILLILITRE", 250);
		const size = 10 ** Math.ceil(Math.log10(Math.max(1, millilitres)));
		const full = between(millilitres / size, 0.02, 1) * 108;
		return (
			<g>
				<path d={`M${84} ${134 - full}h92l-2 ${full}h-88z`} fill="var(--water)" opacity="0.6" />
				<path d="M78 14h104l-8 122h-88z" {...INK} />
				{[0.25, 0.5, 0.75, 1].map((part) => (
					<g key={part}>
						<line x1="84" x2="108" y1={134 - part * 108} y2={134 - part * 108} stroke="var(--ink)" strokeWidth="1.6" />
						<text x="70" y={138 - part * 108} fontSize="12" textAnchor="end" fill="var(--soft)">
							{part * size} mL
						</text>
					</g>
				))}
			</g>
		);
	},
};
