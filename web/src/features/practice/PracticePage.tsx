import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { Link, useNavigate } from "react-router";
import type { Practice } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { chooseLesson, FREE } from "./play";
import { lessonFile, practiceQuery, useFreeLesson, useSharedLesson } from "./queries";

/** Can I learn this without spoiling a bucket? */
export function PracticePage() {
	const practice = useQuery(practiceQuery);
	if (!practice.data) {
		return (
			<div className="pots">
				<h1>Practice</h1>
				{practice.error ? <ProblemNote error={practice.error} /> : "Laying out the pots …"}
			</div>
		);
	}
	const ended = practice.data.lessons.filter((lesson) => lesson.done).length;
	return (
		<div className="pots practice">
			<h1>Practice</h1>
			<p className="soft">
				Pots that are worked out instead of watched: days take seconds, and nothing is spoilt but a drawing. You come,
				look, smell, decide; at the end you see what happened inside. {ended} of {practice.data.lessons.length} lessons.
			</p>
			<ul className="plain-list practice-lessons">
				{practice.data.lessons.map((lesson) => (
					<li key={lesson.id}>
						<Link className="practice-card" to={`/practice/${lesson.id}`}>
							<b className="display">{lesson.title}</b>
							<span>{lesson.about}</span>
							<span className="small soft">
								{lesson.method} · up to {lesson.days} days
								{lesson.done && (lesson.well ? " · ended well" : " · ended, not yet well")}
							</span>
						</Link>
					</li>
				))}
			</ul>
			<FreePractice practice={practice.data} />
			<Sharing practice={practice.data} />
		</div>
	);
}

const SEEDS = 1_000_000;

/** Any pot, at any warmth, with what goes wrong chosen. */
function FreePractice({ practice }: { readonly practice: Practice }) {
	const navigate = useNavigate();
	const free = useFreeLesson();
	const [methodId, setMethodId] = useState(practice.brews[0]?.methodId ?? "");
	const [celsius, setCelsius] = useState(practice.warmths.find((warmth) => warmth.usual)?.celsius ?? 0);
	const [accidents, setAccidents] = useState<readonly string[]>([]);
	const begin = () =>
		free.mutate(
			{ methodId, celsius, accidents: [...accidents], seed: Math.floor(Math.random() * SEEDS) },
			{
				onSuccess: (lesson) => {
					chooseLesson(lesson.yaml);
					navigate(`/practice/${FREE}`);
				},
			},
		);
	return (
		<Form
			className="practice-free"
			onSubmit={(event) => {
				event.preventDefault();
				begin();
			}}
		>
			<h2>Free practice</h2>
			<div className="practice-choices">
				<Form.Group controlId="practice-method">
					<Form.Label>What is made</Form.Label>
					<Form.Select value={methodId} onChange={(event) => setMethodId(event.target.value)}>
						{practice.brews.map((brew) => (
							<option key={brew.methodId} value={brew.methodId}>
								{brew.title}
							</option>
						))}
					</Form.Select>
				</Form.Group>
				<Form.Group controlId="practice-celsius">
					<Form.Label>How warm it stands</Form.Label>
					<Form.Select value={celsius} onChange={(event) => setCelsius(Number(event.target.value))}>
						{practice.warmths.map((warmth) => (
							<option key={warmth.celsius} value={warmth.celsius}>
								{warmth.words}
							</option>
						))}
					</Form.Select>
				</Form.Group>
			</div>
			<fieldset className="practice-accidents">
				<legend>What goes wrong</legend>
				{practice.accidents.map((accident) => (
					<Form.Check
						key={accident.id}
						id={`accident-${accident.id}`}
						label={accident.words}
						checked={accidents.includes(accident.id)}
						onChange={(event) =>
							setAccidents(
								event.target.checked ? [...accidents, accident.id] : accidents.filter((one) => one !== accident.id),
							)
						}
					/>
				))}
			</fieldset>
			{free.error && <ProblemNote error={free.error} />}
			<Button type="submit">Set this pot</Button>
		</Form>
	);
}

/** A lesson goes to somebody else as a small file, and comes so. */
function Sharing({ practice }: { readonly practice: Practice }) {
	const navigate = useNavigate();
	const shared = useSharedLesson();
	const [id, setId] = useState(practice.lessons[0]?.id ?? "");
	const save = async () => {
		const url = URL.createObjectURL(new Blob([await lessonFile(id)], { type: "application/yaml" }));
		const link = document.createElement("a");
		link.href = url;
		link.download = `${id}.yaml`;
		link.click();
		URL.revokeObjectURL(url);
	};
	const open = async (file: File) => {
		shared.mutate(await file.text(), {
			onSuccess: (lesson) => {
				chooseLesson(lesson.yaml);
				navigate(`/practice/${FREE}`);
			},
		});
	};
	return (
		<section aria-label="Lessons as files">
			<h2>Lessons as files</h2>
			<div className="practice-choices">
				<Form.Group controlId="practice-share">
					<Form.Label>A lesson to share</Form.Label>
					<Form.Select value={id} onChange={(event) => setId(event.target.value)}>
						{practice.lessons.map((lesson) => (
							<option key={lesson.id} value={lesson.id}>
								{lesson.title}
							</option>
						))}
					</Form.Select>
				</Form.Group>
				<Button variant="outline-secondary" onClick={() => void save()}>
					Save it as a file
				</Button>
				<Form.Group controlId="practice-file">
					<Form.Label>A lesson that you were given</Form.Label>
					<Form.Control
						type="file"
						accept=".yaml,.yml"
						onChange={(event) => {
							const file = (event.target as HTMLInputElement).files?.[0];
							if (file) {
								void open(file);
							}
						}}
					/>
				</Form.Group>
			</div>
			{shared.error && <ProblemNote error={shared.error} />}
		</section>
	);
}
