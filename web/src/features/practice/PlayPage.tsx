import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import type { PracticeLesson, PracticePot, PracticeScene } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { BedDrawing } from "./BedDrawing";
import { Hands } from "./Hands";
import { PotSight } from "./PotSight";
import { FREE, known, ownLesson, usePlay } from "./play";
import { practiceQuery, useScene, useStory } from "./queries";
import { Shelf } from "./Shelf";
import { StoryPage } from "./StoryPage";
import { Winding } from "./Winding";

/** Practice pots: days in seconds, what one does in them, and at the end what happened inside. */
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
	const game = usePlay(id);
	const { doings, hour } = game.play;
	const scene = useScene(lesson, doings, hour);
	const story = useStory();
	const lessons = useQuery(practiceQuery).data?.lessons ?? [];
	const next = lessons[lessons.findIndex((one) => one.id === id) + 1]?.id;
	const tellStory = story.mutate;
	const over = scene.data?.over && !scene.isPlaceholderData && story.isIdle;
	useEffect(() => {
		if (over) {
			tellStory({ lesson, doings });
		}
	}, [over, tellStory, lesson, doings]);
	const problem = scene.error ?? story.error;
	if (!scene.data) {
		return (
			<div className="pots">
				<h1>Practice</h1>
				{problem ? <ProblemNote error={problem} /> : "Setting the pots …"}
			</div>
		);
	}
	if (story.data) {
		const anew = () => {
			game.again();
			story.reset();
		};
		return <StoryPage title={scene.data.title} story={story.data} onAgain={anew} next={next} />;
	}
	return (
		<Table
			scene={scene.data}
			hour={hour}
			since={game.since}
			onWind={game.wind}
			onDo={game.doNow}
			problem={problem && <ProblemNote error={problem} />}
		/>
	);
}

type TableProps = {
	readonly scene: PracticeScene;
	readonly hour: number;
	readonly since: number;
	readonly onWind: (hour: number) => void;
	readonly onDo: ReturnType<typeof usePlay>["doNow"];
	readonly problem: React.ReactNode;
};

function Table({ scene, hour, since, onWind, onDo, problem }: TableProps) {
	const [number, setNumber] = useState(0);
	const pot = scene.pots[number];
	if (!pot) {
		return null;
	}
	const several = scene.pots.length > 1;
	// Several stand drawn on the shelf already, and what is in its bottle is no longer looked at.
	const alone = !several && (pot.works || !scene.bed);
	const drawn = alone || scene.bed;
	return (
		<div className="page-two practice">
			<section className="main" aria-label="The pots">
				<p className="no-print">
					<Link className="in-line" to="/practice">
						Practice
					</Link>
				</p>
				<h1>{scene.title}</h1>
				<p className="soft">{scene.about}</p>
				{several && <Shelf pots={scene.pots} chosen={number} onChoose={setNumber} />}
				<div className={drawn ? "practice-table" : undefined}>
					{drawn && (
						<div className="practice-drawn">
							{alone && <PotSight pot={pot} />}
							{scene.bed && <BedDrawing bed={scene.bed} />}
						</div>
					)}
					<div>
						<div role="status">
							<p className="practice-day">
								<span className="display">{scene.when}</span> <span className="small soft">of {scene.days} days</span>
							</p>
							<p className="practice-seen">
								{!alone && <b>{pot.name}: </b>}
								{pot.seen}.
							</p>
							{scene.bed && <p className="practice-seen">{scene.bed.seen}.</p>}
							<p className="visually-hidden">{justNow(scene, since, hour)}</p>
						</div>
						<Winding scene={scene} hour={hour} onWind={onWind} />
						<Hands key={number} pot={pot} bed={scene.bed} onDo={(deed) => onDo({ pot: number, ...deed })} />
						{problem}
					</div>
				</div>
			</section>
			<section className="side" aria-label="What you know">
				<h2>{several ? `What you know of ${pot.name}` : "What you know"}</h2>
				<Known pot={pot} />
				<p className="small soft">Practice pot: nothing of it touches your garden.</p>
			</section>
		</div>
	);
}

/** What is new since the page was heard last, of whichever pot. */
function justNow(scene: PracticeScene, since: number, hour: number): string {
	return scene.pots
		.flatMap((pot) =>
			pot.known
				.filter((one) => one.hour > since || one.hour === hour)
				.map((one) => `${pot.name}, ${one.when}: ${one.words}`),
		)
		.join(" ");
}

/** What was noticed and noted, the latest first. */
function Known({ pot }: { readonly pot: PracticePot }) {
	if (pot.known.length === 0) {
		return <p className="soft">Nothing yet. Wind time on, and look when you like.</p>;
	}
	return (
		<ol className="plain-list practice-known">
			{pot.known.map((one) => (
				<li key={`${one.hour} ${one.words}`}>
					<b>{one.when}</b> {one.words}
				</li>
			))}
		</ol>
	);
}
