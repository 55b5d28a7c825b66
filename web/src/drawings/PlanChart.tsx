import type { Plan, PlanStep, Started } from "../api/types";
import { calendarDay, DAY_MS, dayAfter, millis } from "../shared/dates";
import { useWidth } from "../shared/useWidth";

type Props = {
	readonly plan: Plan;
	/** One row for each step, or one for each vessel. */
	readonly by: "step" | "vessel";
	readonly open?: string;
	readonly onOpen: (step: string) => void;
};

const ROW = 44;
const HEAD = 34;
const BAR = 18;
const LETTER = 7.4;
const LEAST_ROOM = 150;

/** The plan on an axis of weeks: what is set when, ready with luck, surely ready, and when it is wanted. */
export function PlanChart({ plan, by, open, onOpen }: Props) {
	const { ref, width } = useWidth<HTMLDivElement>(860);
	const from = millis(`${plan.today}T00:00:00Z`) - DAY_MS;
	const until = millis(`${plan.until}T00:00:00Z`) + 4 * DAY_MS;
	const at = (day: string) => ((millis(`${day}T00:00:00Z`) - from) / (until - from)) * width;
	const rows = by === "step" ? stepRows(plan) : vesselRows(plan);
	const height = HEAD + rows.length * ROW + 6;
	return (
		<div className="plan-chart" ref={ref}>
			{/* biome-ignore lint/a11y/useSemanticElements: a drawing whose bars are buttons is a group, and SVG has no fieldset */}
			<svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="group" aria-label="The plan by weeks">
				<Weeks plan={plan} width={width} height={height} at={at} />
				{rows.map((row, index) => (
					<g key={row.key} transform={`translate(0 ${HEAD + index * ROW})`}>
						<line x1="0" x2={width} y1={ROW} y2={ROW} stroke="var(--line)" strokeWidth="1" />
						<RowName name={row.name} at={by === "vessel" ? at(plan.today) + 4 : at(row.begins)} width={width} />
						{row.started.map((pot) => (
							<StartedBar key={pot.potId} pot={pot} today={plan.today} at={at} />
						))}
						{row.steps.map((step) => (
							<StepBar key={step.id} step={step} at={at} open={step.id === open} onOpen={() => onOpen(step.id)} />
						))}
					</g>
				))}
			</svg>
		</div>
	);
}

type Row = {
	readonly key: string;
	readonly name: string;
	readonly begins: string;
	readonly steps: readonly PlanStep[];
	readonly started: readonly Started[];
};

function stepRows(plan: Plan): Row[] {
	return [
		...plan.started.map((pot) => ({
			key: pot.potId,
			name: `${pot.code} ${pot.name}, at work`,
			begins: plan.today,
			steps: [],
			started: [pot],
		})),
		...plan.steps.map((step) => ({
			key: step.id,
			name: `${step.title} · ${step.code}`,
			begins: step.start,
			steps: [step],
			started: [],
		})),
	];
}

function vesselRows(plan: Plan): Row[] {
	const codes = [...new Set([...plan.started, ...plan.steps].map((one) => one.code))].sort((one, other) =>
		one.localeCompare(other, "en", { numeric: true }),
	);
	return codes.map((code) => ({
		key: code,
		name: code,
		begins: plan.today,
		steps: plan.steps.filter((step) => step.code === code),
		started: plan.started.filter((pot) => pot.code === code),
	}));
}

/** A name stands over its bar; near the right edge it ends there. */
function RowName({ name, at, width }: { readonly name: string; readonly at: number; readonly width: number }) {
	const room = width - at;
	const long = name.length * LETTER > room && room < Math.max(LEAST_ROOM, name.length * LETTER);
	return (
		<text x={long ? width - 2 : at + 2} y="14" fontSize="13" fill="var(--ink)" textAnchor={long ? "end" : "start"}>
			{name}
		</text>
	);
}

type BarProps = {
	readonly step: PlanStep;
	readonly at: (day: string) => number;
	readonly open: boolean;
	readonly onOpen: () => void;
};

function StepBar({ step, at, open, onOpen }: BarProps) {
	const start = at(step.start);
	const hopeful = Math.max(start + 3, at(step.hopeful));
	const safe = Math.max(hopeful + 3, at(step.safe));
	const wanted = step.uses.map((use) => use.day).sort()[0] ?? step.safe;
	const words = `${step.title} in ${step.code}: set ${step.setWords}, ready ${calendarDay(step.hopeful)} with luck, ${calendarDay(step.safe)} surely`;
	return (
		// biome-ignore lint/a11y/useSemanticElements: a bar of a drawing can't be an HTML button
		<g
			role="button"
			tabIndex={0}
			aria-label={words}
			aria-expanded={open}
			className={open ? "plan-bar open" : "plan-bar"}
			onClick={onOpen}
			onKeyDown={(event) => {
				if (event.key === "Enter" || event.key === " ") {
					event.preventDefault();
					onOpen();
				}
			}}
		>
			<title>{words}</title>
			<rect x={start - 2} y="0" width={Math.max(44, safe - start + 4)} height={ROW} fill="transparent" />
			<rect
				x={start}
				y="20"
				width={hopeful - start}
				height={BAR}
				rx="8"
				fill="var(--honey-wash)"
				stroke={step.critical ? "var(--clay)" : "var(--honey)"}
				strokeWidth={step.critical ? 2.4 : 1.4}
			/>
			<rect
				x={hopeful}
				y="23"
				width={safe - hopeful}
				height={BAR - 6}
				rx="6"
				fill="var(--moss-wash)"
				stroke="var(--moss)"
				strokeWidth="1.4"
				strokeDasharray="4 3"
			/>
			{at(wanted) > safe + 2 && (
				<line x1={safe} x2={at(wanted)} y1="29" y2="29" stroke="var(--edge)" strokeWidth="1.4" strokeDasharray="1 4" />
			)}
			<path
				d={`M${at(wanted)} 21l7 8l-7 8l-7 -8z`}
				fill={step.slackDays < 0 ? "var(--brick)" : "var(--raised)"}
				stroke={step.slackDays < 0 ? "var(--brick)" : "var(--ink)"}
				strokeWidth="1.6"
			/>
			{open && (
				<rect
					x={start - 3}
					y="17"
					width={safe - start + 6}
					height={BAR + 6}
					rx="10"
					fill="none"
					stroke="var(--ink)"
					strokeWidth="1.6"
				/>
			)}
		</g>
	);
}

type StartedProps = {
	readonly pot: Started;
	readonly today: string;
	readonly at: (day: string) => number;
};

/** A pot that works already: its forecast, filled. */
function StartedBar({ pot, today, at }: StartedProps) {
	const hopeful = Math.max(at(today) + 3, at(pot.hopeful));
	return (
		<g>
			<title>{`${pot.name} in ${pot.code}, at work: ready ${calendarDay(pot.hopeful)} with luck, ${calendarDay(pot.safe)} surely`}</title>
			<rect x={at(today) - 8} y="20" width={hopeful - at(today) + 8} height={BAR} rx="8" fill="var(--honey)" />
			<rect x={hopeful} y="23" width={Math.max(3, at(pot.safe) - hopeful)} height={BAR - 6} rx="6" fill="var(--leaf)" />
		</g>
	);
}

type WeeksProps = {
	readonly plan: Plan;
	readonly width: number;
	readonly height: number;
	readonly at: (day: string) => number;
};

const TICK_ROOM = 64;
const WEEK = 7;

/** Mondays along the top, with frost and rain as far as they are forecast. */
function Weeks({ plan, width, height, at }: WeeksProps) {
	const week = at(dayAfter(plan.today, WEEK)) - at(plan.today);
	const every = Math.max(1, Math.ceil(TICK_ROOM / Math.max(1, week)));
	const weekday = (new Date(`${plan.today}T12:00:00Z`).getUTCDay() + 6) % 7;
	const monday = dayAfter(plan.today, (WEEK - weekday) % WEEK);
	const count = Math.ceil((millis(plan.until) - millis(plan.today)) / (WEEK * DAY_MS)) + 1;
	const mondays = Array.from({ length: count }, (_, index) => dayAfter(monday, index * WEEK)).filter(
		(day) => at(day) <= width,
	);
	const day = at(dayAfter(plan.today, 1)) - at(plan.today);
	return (
		<g>
			{mondays.map((one, index) => (
				<g key={one}>
					<line x1={at(one)} x2={at(one)} y1={index % every === 0 ? 20 : HEAD} y2={height} stroke="var(--line)" />
					{index % every === 0 && at(one) > 40 && at(one) < width - 20 && (
						<text x={at(one)} y="14" fontSize="13" textAnchor="middle" fill="var(--soft)">
							{calendarDay(one).slice(4)}
						</text>
					)}
				</g>
			))}
			{plan.rains.map((one) => (
				<path
					key={one}
					d={`M${at(one) + day / 2} ${HEAD - 11}c5 6 4 9 0 9s-5 -3 0 -9z`}
					fill="var(--water)"
					stroke="var(--ink)"
					strokeWidth="0.8"
				/>
			))}
			{plan.frosts.map((one) => (
				<rect
					key={one}
					x={at(one)}
					y={HEAD}
					width={Math.max(3, day)}
					height={height}
					fill="var(--water)"
					opacity="0.35"
				/>
			))}
			{plan.frostDates.map((one) => (
				<g key={one}>
					<line
						x1={at(one)}
						x2={at(one)}
						y1="20"
						y2={height}
						stroke="var(--plum)"
						strokeWidth="1.6"
						strokeDasharray="6 4"
					/>
					<text
						x={at(one) > width - 60 ? at(one) - 4 : at(one) + 4}
						y={height - 6}
						fontSize="13"
						fill="var(--plum)"
						textAnchor={at(one) > width - 60 ? "end" : "start"}
					>
						frost
					</text>
				</g>
			))}
			<line x1={at(plan.today)} x2={at(plan.today)} y1="0" y2={height} stroke="var(--ink)" strokeWidth="2" />
			<text x={at(plan.today) + 4} y="14" fontSize="13" fontWeight="700" fill="var(--ink)">
				today
			</text>
		</g>
	);
}
