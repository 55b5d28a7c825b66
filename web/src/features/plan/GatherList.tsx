import type { Gather, Plan } from "../../api/types";
import { calendarDay } from "../../shared/dates";

const FOUND: Readonly<Record<Gather["found"], string>> = {
	WILD: "gather",
	SAVED: "save up",
	BOUGHT: "buy",
	TAP: "draw",
};

/** What to gather, save up and buy by which day; what is bought is added up by the week. */
export function GatherList({ plan }: { readonly plan: Plan }) {
	if (plan.gather.length + plan.taken.length + plan.bought.length === 0) {
		return null;
	}
	const days = [...new Set(plan.gather.map((one) => one.day))];
	const cautions = [...new Set(plan.gather.map((one) => one.caution).filter((words) => words !== ""))];
	return (
		<section className="plan-gather" aria-label="What to gather">
			<h2>Gather, save, buy</h2>
			{cautions.map((words) => (
				<p key={words} className="note">
					<b>Gathering</b>
					<span>{words}</span>
				</p>
			))}
			<dl>
				{days.map((day) => (
					<GatherDay key={day} day={day} things={plan.gather.filter((one) => one.day === day)} />
				))}
			</dl>
			{plan.bought.length > 0 && (
				<>
					<h3>To be bought ready-made</h3>
					<ul className="plain-list">
						{plan.bought.map((one) => (
							<li key={one.name + one.words}>
								<b>{one.name}</b> <span className="soft">{one.words}</span>
							</li>
						))}
					</ul>
				</>
			)}
			{plan.taken.length > 0 && (
				<details>
					<summary>From store: {plan.taken.length} times</summary>
					<ul className="plain-list">
						{plan.taken.map((one, index) => (
							// biome-ignore lint/suspicious/noArrayIndexKey: the list is never reordered, and one bottle may serve one use twice
							<li key={index}>
								<b>{one.name}</b> <span className="soft">{one.words}</span>
							</li>
						))}
					</ul>
				</details>
			)}
		</section>
	);
}

function GatherDay({ day, things }: { readonly day: string; readonly things: readonly Gather[] }) {
	const weekly = things.every((one) => one.weekly);
	return (
		<>
			<dt>{weekly ? `week of ${calendarDay(day).slice(4)}` : calendarDay(day)}</dt>
			<dd>
				{things.map((one) => (
					<span key={one.material + one.amount} className="gather-thing">
						<span className="soft">{FOUND[one.found]}</span> <b>{one.amount}</b> {one.material}
					</span>
				))}
			</dd>
		</>
	);
}
