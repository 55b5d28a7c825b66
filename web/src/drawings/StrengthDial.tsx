import { useRef } from "react";
import { MIDDLE, pointAt, RADIUS, Scale, turned, WEAKEST } from "./strengthScale";

type Props = {
	/** Parts of water to one of brew. */
	readonly water: number;
	readonly span: { readonly strongest: number; readonly usual: number; readonly weakest: number };
	/** Rungs of a ladder, marked outside the scale. */
	readonly rungs?: readonly { readonly water: number; readonly here: boolean }[];
	readonly tooStrong: string;
	readonly words: string;
	readonly onChange: (water: number) => void;
};

/** A strength on a log scale, with its safe span. Drag its knob, or use the keys. */
export function StrengthDial({ water, span, rungs = [], tooStrong, words, onChange }: Props) {
	const face = useRef<HTMLDivElement>(null);
	const scale = new Scale(span.strongest);
	const hand = pointAt(scale.angleOf(water), RADIUS);
	const root = pointAt(scale.angleOf(water), 134);

	const turnTo = (event: React.PointerEvent) => {
		const box = face.current?.getBoundingClientRect();
		if (!box) {
			return;
		}
		const x = ((event.clientX - box.left) / box.width) * 520 - MIDDLE.x;
		const y = ((event.clientY - box.top) / box.height) * 330 - MIDDLE.y;
		onChange(scale.waterAt((Math.atan2(x, -y) * 180) / Math.PI));
	};
	const step = (event: React.KeyboardEvent) => {
		const next = turned(event.key, water, span);
		if (next !== undefined) {
			event.preventDefault();
			onChange(next);
		}
	};

	return (
		<div
			ref={face}
			className="dial-face"
			role="slider"
			tabIndex={0}
			aria-label="Strength, parts of water to one of brew; right is stronger"
			aria-valuemin={scale.strongest}
			aria-valuemax={WEAKEST}
			aria-valuenow={water}
			aria-valuetext={water === 0 ? "neat" : `1 to ${water}`}
			onKeyDown={step}
		>
			<svg viewBox="0 0 520 330" aria-hidden="true">
				<g fill="none" strokeWidth="34">
					<path d={scale.arc(WEAKEST, scale.strongest)} stroke="var(--line)" strokeLinecap="round" opacity="0.6" />
					<path d={scale.arc(span.strongest, scale.strongest)} stroke="var(--brick-wash)" strokeLinecap="round" />
					<path d={scale.arc(span.weakest, span.strongest)} stroke="var(--moss-wash)" />
					<path d={scale.arc(span.weakest, span.strongest)} stroke="var(--moss)" strokeWidth="4" />
				</g>
				{scale.ticks().map((tick) => (
					<Tick key={tick} water={tick} angle={scale.angleOf(tick)} />
				))}
				{rungs.map((rung) => (
					<Rung key={rung.water} angle={scale.angleOf(rung.water)} here={rung.here} />
				))}
				<path
					d={`M${root.x} ${root.y}L${hand.x} ${hand.y}`}
					stroke="var(--ink)"
					strokeWidth="7"
					strokeLinecap="round"
				/>
				<circle cx={hand.x} cy={hand.y} r="14" fill="var(--clay)" stroke="var(--ink)" strokeWidth="2" />
				<g fontFamily="var(--text)" fontSize="14" textAnchor="middle">
					<text x={MIDDLE.x} y={MIDDLE.y + 34} fill="var(--moss)" fontWeight="700" fontSize="15">
						{words}
					</text>
					<text x="106" y="322" fill="var(--soft)">
						weaker
					</text>
					<text x="414" y="322" fill="var(--brick)">
						{tooStrong}
					</text>
				</g>
			</svg>
			<Knob x={hand.x / 520} y={hand.y / 330} onTurn={turnTo} />
		</div>
	);
}

type KnobProps = {
	readonly x: number;
	readonly y: number;
	readonly onTurn: (event: React.PointerEvent) => void;
};

/** Where the dial is taken hold of: only here, so that a thumb that scrolls past turns nothing. */
function Knob({ x, y, onTurn }: KnobProps) {
	return (
		<span
			className="dial-knob"
			style={{ left: `${x * 100}%`, top: `${y * 100}%` }}
			onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
			onPointerMove={(event) => event.currentTarget.hasPointerCapture(event.pointerId) && onTurn(event)}
		/>
	);
}

function Tick({ water, angle }: { readonly water: number; readonly angle: number }) {
	const inner = pointAt(angle, RADIUS - 17);
	const outer = pointAt(angle, RADIUS + 17);
	const text = pointAt(angle, RADIUS + 35);
	return (
		<>
			<path d={`M${inner.x} ${inner.y}L${outer.x} ${outer.y}`} stroke="var(--paper)" strokeWidth="2" />
			<text x={text.x} y={text.y + 5} textAnchor="middle" fontFamily="var(--text)" fontSize="13.5" fill="var(--soft)">
				{water === 0 ? "neat" : water}
			</text>
		</>
	);
}

/** A rung: a notch inside the scale, filled where one stands. */
function Rung({ angle, here }: { readonly angle: number; readonly here: boolean }) {
	const at = pointAt(angle, RADIUS - 28);
	return (
		<circle
			cx={at.x}
			cy={at.y}
			r="6"
			fill={here ? "var(--moss)" : "var(--paper)"}
			stroke="var(--ink)"
			strokeWidth="2"
		/>
	);
}
