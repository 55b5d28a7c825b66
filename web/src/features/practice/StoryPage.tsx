import { useState } from "react";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import type { PracticeStory } from "../../api/types";
import { StoryCurves } from "./StoryCurves";

type Props = {
	readonly title: string;
	readonly story: PracticeStory;
	readonly onAgain: () => void;
	/** The lesson after this one; left out after the last. */
	readonly next?: string | undefined;
};

/** The last page of a practice pot: what happened inside, what it cost, and one sentence to take along. */
export function StoryPage({ title, story, onAgain, next }: Props) {
	const [number, setNumber] = useState(() =>
		Math.max(
			0,
			story.chapters.findIndex((one) => !one.well),
		),
	);
	const told = story.chapters[number]?.chapter;
	return (
		<div className="page-two practice">
			<section className="main" aria-label="What happened inside">
				<h1>{title.endsWith("?") ? `${title} What happened inside` : `${title}: what happened inside`}</h1>
				{story.chapters.length > 1 && <Chapters story={story} chosen={number} onChoose={setNumber} />}
				{told && told.curves.length > 0 && <StoryCurves chapter={told} />}
				<p className="small soft">Practice pot: nothing of it touches your garden.</p>
			</section>
			<section className="side" aria-label="What came of it">
				<h2 className="display">{story.headline}</h2>
				{told && story.chapters.length > 1 && <h3>{told.name}</h3>}
				{told && told.what.length > 0 && (
					<ul className="plain-list">
						{told.what.map((words) => (
							<li key={words}>{words}</li>
						))}
					</ul>
				)}
				{story.costs.length > 0 && (
					<>
						<h3>What it cost</h3>
						<dl className="practice-costs">
							{story.costs.map((cost) => (
								<div key={`${cost.amount} ${cost.words}`}>
									<dt className="display">{cost.amount}</dt>
									<dd>{cost.words}</dd>
								</div>
							))}
						</dl>
					</>
				)}
				{story.take && (
					<>
						<h3>Take along</h3>
						<p className="practice-take display">{story.take}</p>
					</>
				)}
				<div className="actions">
					<Button onClick={onAgain}>The same pot again</Button>
					<Link className="btn btn-outline-secondary" to={next ? `/practice/${next}` : "/practice"}>
						{next ? "Next lesson" : "All lessons"}
					</Link>
				</div>
			</section>
		</div>
	);
}

type ChaptersProps = {
	readonly story: PracticeStory;
	readonly chosen: number;
	readonly onChoose: (number: number) => void;
};

/** What became of each; the chosen one is told beside its curves. */
function Chapters({ story, chosen, onChoose }: ChaptersProps) {
	return (
		<fieldset className="practice-chapters">
			<legend className="visually-hidden">Whose story</legend>
			{story.chapters.map(({ chapter, well }, number) => (
				<button
					key={chapter.name}
					type="button"
					className={well ? "practice-one" : "practice-one ill"}
					aria-pressed={number === chosen}
					onClick={() => onChoose(number)}
				>
					<b>{chapter.name}</b>
					<span className="small">{chapter.headline}</span>
				</button>
			))}
		</fieldset>
	);
}
