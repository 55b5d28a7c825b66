import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import { troubleAt } from "../../api/problem";
import type { Bed, Garden, Planting } from "../../api/types";
import { FeedStrip } from "../../drawings/FeedStrip";
import { calendarDay } from "../../shared/dates";
import { Options } from "../../shared/Options";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWidth } from "../../shared/useWidth";
import { useWriteKey } from "../../shared/useWriteKey";
import { WorkingMark } from "../../shared/WorkingMark";
import { FedAlready } from "./FedAlready";
import { LookPad } from "./LookPad";
import { PlantingForm } from "./PlantingForm";
import { useEndPlanting, useGrow, useWater } from "./queries";

type Props = {
	readonly bed: Bed;
	readonly planting: Planting;
	readonly garden: Garden;
	readonly open: boolean;
	readonly onOpen: () => void;
};

/** A planting: its stage, what it got and showed, and what it could get next. */
export function BedCard({ bed, planting, garden, open, onOpen }: Props) {
	const { ref, width } = useWidth<HTMLDivElement>(600);
	const next = bed.next[0];
	return (
		<li className={open ? "bed open" : "bed"}>
			<button type="button" className="bed-head" aria-expanded={open} onClick={onOpen}>
				<b>{planting.name}</b>
				<small>
					{planting.size} · {planting.stage}
					{bed.lastFeed && ` · ${bed.lastFeed}`}
				</small>
			</button>
			<div ref={ref} className="bed-strip">
				<FeedStrip width={width} from={bed.from} until={bed.until} today={garden.today} marks={bed.marks} />
			</div>
			{bed.response && <p className="bed-response mb-0">{bed.response}</p>}
			{bed.pick && (
				<p className="bed-response mb-0">
					{bed.pick.words} <WorkingMark of={bed.pick.words} working={bed.pick.working} />
				</p>
			)}
			{next && <Next next={next} today={garden.today} plantingId={planting.id} />}
			{open && <Inside bed={bed} planting={planting} garden={garden} />}
		</li>
	);
}

type NextProps = { readonly next: Bed["next"][number]; readonly today: string; readonly plantingId: string };

/** One proposal, with the way to carry it out. */
function Next({ next, today, plantingId }: NextProps) {
	const [why, setWhy] = useState(false);
	return (
		<p className="bed-next mb-0">
			<b>{next.day <= today ? "Today" : calendarDay(next.day)}</b>: {next.words}
			{next.mix && ` for ${next.mix}`}. <span className="soft">{next.why}</span>{" "}
			<WorkingMark of={next.words} working={next.working} />{" "}
			{next.bottleId && (
				<Link className="in-line" to={mixPath(next, plantingId, today)}>
					mix this
				</Link>
			)}
			{next.make.map((make) => (
				<Link key={make.productId} className="in-line" to={`/pots/new?method=${make.methodId}`}>
					make {make.name}
				</Link>
			))}
			{next.passedOver.length > 0 && " "}
			{next.passedOver.length > 0 && (
				<Button variant="link" className="in-line why-not" aria-expanded={why} onClick={() => setWhy(!why)}>
					{why ? "enough" : `why not the other${next.passedOver.length > 1 ? ` ${next.passedOver.length}` : ""}`}
				</Button>
			)}
			{why && (
				<span className="passed-over">
					{next.passedOver.map((over) => (
						<small key={over.code} className="d-block soft">
							<b>
								{over.code} {over.name}
							</b>
							: {over.reason}
						</small>
					))}
				</span>
			)}
		</p>
	);
}

/** The way to the can, with the whole question; a later day's at its first good hour. */
function mixPath(next: Bed["next"][number], plantingId: string, today: string): string {
	const at = next.at && next.day > today ? `&at=${next.at}` : "";
	return `/mix?bottle=${next.bottleId}&planting=${plantingId}&target=${next.target}${at}`;
}

/** The open part: stage, look, water, ladders, what comes, what was seen. */
function Inside({ bed, planting, garden }: Pick<Props, "bed" | "planting" | "garden">) {
	const [changing, setChanging] = useState(false);
	const [telling, setTelling] = useState(false);
	const grow = useGrow();
	const water = useWater(planting);
	const [when, setWhen] = useState("");
	const end = useEndPlanting();
	const told = troubleAt(water.error, "when") !== undefined;
	const failure = grow.error ?? (told ? null : water.error) ?? end.error;
	const key = useWriteKey();
	const stages = planting.stages.map(({ stage, words }) => ({ id: stage, words }));
	return (
		<div className="bed-inside">
			<Options
				label={`Stage of ${planting.name}`}
				options={stages}
				value={planting.stageId}
				onChange={(stage) => grow.mutate({ id: planting.id, stage })}
			/>
			<p className="small soft mb-0">
				{planting.wants}
				{planting.usualStage && ` By its sowing it would usually be ${planting.usualStage} by now.`}
			</p>
			<LookPad bed={bed} wall={garden} when={when} onWhen={setWhen} whenError={water.error} />
			<div className="actions">
				<Button
					variant="outline"
					disabled={water.isPending}
					onClick={() =>
						water.mutate(key.keyed({ when }), {
							onSuccess: () => {
								key.renew();
								setWhen("");
							},
						})
					}
				>
					Watered, plain
				</Button>
				<Button variant="link" onClick={() => setTelling(!telling)}>
					{telling ? "no feed to tell" : "fed already …"}
				</Button>
				<Button variant="link" onClick={() => setChanging(!changing)}>
					{changing ? "leave it as it is" : "describe it anew …"}
				</Button>
				<Button variant="link" disabled={end.isPending} onClick={() => end.mutate(planting.id)}>
					cleared away
				</Button>
			</div>
			{failure && <ProblemNote error={failure} />}
			{telling && <FedAlready planting={planting} onDone={() => setTelling(false)} />}
			{changing && <PlantingForm planting={planting} onDone={() => setChanging(false)} />}
			{bed.ladders.map((ladder) => (
				<section key={ladder.brew} aria-label={`Ladder of ${ladder.brew}`}>
					<h3>Ladder: {ladder.brew}</h3>
					<ol className="rungs">
						{ladder.rungs.map((rung, index) => (
							<li key={rung} className={index === ladder.here ? "here" : undefined}>
								{rung}
								{index === ladder.here && " · here"}
							</li>
						))}
					</ol>
					<p className="small soft">{ladder.words}</p>
				</section>
			))}
			{bed.next.length > 1 && (
				<section aria-label="The coming weeks">
					<h3>The coming weeks</h3>
					{bed.next.slice(1).map((next) => (
						<Next key={next.day + next.words} next={next} today={garden.today} plantingId={planting.id} />
					))}
				</section>
			)}
		</div>
	);
}
