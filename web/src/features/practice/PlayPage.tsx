import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import Button from "react-bootstrap/Button";
import { Link, useParams } from "react-router";
import type { PracticeLesson, PracticeScene } from "../../api/types";
import { announce } from "../../shared/announce";
import { ProblemNote } from "../../shared/ProblemNote";
import { PotSight } from "./PotSight";
import { dayOf, FREE, known, ownLesson, usePlay } from "./play";
import { practiceQuery, useScene, useStory } from "./queries";
import { StoryPage } from "./StoryPage";

const SHORT_DAYS = 4;

/** One practice pot: days in seconds, what one does in them, and at the end what happened inside. */
export function PlayPage() {
	const { id = "" } = useParams();
	const lesson = id === FREE ? ownLesson() : known(id);
	if (!lesson) {
		return (
			<div className="pots">
				<h1>Practice</h1>
				<p>No pot was chosen yet.</p>
				<Link className="in-line" to="/practice">
					Choose one
				</Link>
			</div>
		);
	}
	return <Playing key={id} id={id} lesson={lesson} />;
}

function Playing({ id, lesson }: { readonly id: string; readonly lesson: PracticeLesson }) {
	const { play, wind, doNow, again } = usePlay(id);
	const scene = useScene(lesson, play.doings, play.hour);
	const story = useStory();
	const lessons = useQuery(practiceQuery).data?.lessons ?? [];
	const next = lessons[lessons.findIndex((one) => one.id === id) + 1]?.id;
	const shown = scene.data;
	const tellStory = story.mutate;
	const over = shown?.over && !scene.isPlaceholderData && !story.isSuccess && story.isIdle;
	useEffect(() => {
		if (over) {
			tellStory({ lesson, doings: play.doings });
		}
	}, [over, tellStory, lesson, play.doings]);
	if (!shown) {
		return (
			<div className="pots">
				<h1>Practice</h1>
				{scene.error ? <ProblemNote error={scene.error} /> : "Setting the pot …"}
			</div>
		);
	}
	if (story.data) {
		const anew = () => {
			again();
			story.reset();
		};
		return <StoryPage title={shown.title} story={story.data} onAgain={anew} next={next} />;
	}
	const short = shown.days <= SHORT_DAYS;
	return (
		<div className="page-two practice">
			<section className="main" aria-label="The pot">
				<p className="no-print">
					<Link className="in-line" to="/practice">
						Practice
					</Link>
				</p>
				<h1>{shown.title}</h1>
				<p className="soft">{shown.about}</p>
				<div className="practice-table">
					<PotSight scene={shown} />
					<div>
						<p className="practice-day display" role="status">
							{dayOf(play.hour, short)} of {shown.days}
						</p>
						<p className="practice-seen">{shown.seen}.</p>
						<Winding scene={shown} hour={play.hour} short={short} onWind={wind} />
						<Hands scene={shown} onDo={doNow} />
						{scene.error && <ProblemNote error={scene.error} />}
						{story.error && <ProblemNote error={story.error} />}
					</div>
				</div>
			</section>
			<section className="side" aria-label="What you know">
				<h2>What you know</h2>
				<Known scene={shown} short={short} />
				<p className="small soft">Practice pot: nothing of it touches your garden.</p>
			</section>
		</div>
	);
}

type WindingProps = {
	readonly scene: PracticeScene;
	readonly hour: number;
	readonly short: boolean;
	readonly onWind: (hour: number) => void;
};

/** Time goes on, never back. */
function Winding({ scene, hour, short, onWind }: WindingProps) {
	const end = scene.days * 24;
	const on = (hours: number) => {
		const to = Math.min(end, hour + hours);
		announce(dayOf(to, short));
		onWind(to);
	};
	const steps = short
		? [
				{ hours: 1, words: "An hour on" },
				{ hours: 6, words: "Six hours on" },
			]
		: [
				{ hours: 24, words: "A day on" },
				{ hours: 72, words: "Three days on" },
			];
	return (
		<fieldset className="practice-acts">
			<legend>Time</legend>
			{steps.map((step) => (
				<Button key={step.hours} variant="outline-secondary" onClick={() => on(step.hours)}>
					{step.words}
				</Button>
			))}
			<Button
				variant="outline-secondary"
				onClick={() => on((scene.nextHour ?? end) - hour)}
				title="Until whoever passes by would notice something"
			>
				Until something shows
			</Button>
		</fieldset>
	);
}

type HandsProps = {
	readonly scene: PracticeScene;
	readonly onDo: ReturnType<typeof usePlay>["doNow"];
};

function Hands({ scene, onDo }: HandsProps) {
	return (
		<>
			<fieldset className="practice-acts">
				<legend>Now</legend>
				<Button variant="outline-secondary" onClick={() => onDo("LOOK")}>
					Look and smell
				</Button>
				<Button variant="outline-secondary" onClick={() => onDo("MEASURE")}>
					Measure
				</Button>
				{scene.hands.map((hand) => (
					<Button key={hand.act} variant="outline-secondary" onClick={() => onDo("HANDS", hand.act)}>
						{hand.todo}
					</Button>
				))}
				{scene.sight.shut && (
					<Button variant="outline-secondary" onClick={() => onDo("LOOSEN")}>
						leave the lid loose
					</Button>
				)}
			</fieldset>
			<fieldset className="practice-acts">
				<legend>The end</legend>
				<Button onClick={() => onDo("STRAIN")}>Strain it</Button>
				<Button variant="outline-secondary" onClick={() => onDo("THROW_AWAY")}>
					Throw it away
				</Button>
			</fieldset>
		</>
	);
}

/** What was noticed and noted, the latest first. */
function Known({ scene, short }: { readonly scene: PracticeScene; readonly short: boolean }) {
	const all = [
		...scene.noticed.map((noticed) => ({ hour: noticed.hour, words: noticed.words })),
		...scene.noted.map((noted) => ({
			hour: noted.hour,
			words: [...noted.words, noted.ph, noted.warmth].filter(Boolean).join(" · "),
		})),
	].toSorted((one, other) => other.hour - one.hour);
	if (all.length === 0) {
		return <p className="soft">Nothing yet. Wind time on, and look when you like.</p>;
	}
	return (
		<ol className="plain-list practice-known">
			{all.map((one) => (
				<li key={`${one.hour} ${one.words}`}>
					<b>{dayOf(one.hour, short)}</b> {one.words}
				</li>
			))}
		</ol>
	);
}
