import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, problemFrom } from "../../api/problem";
import type { Notebook, NotebookRequest } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { useDebounced } from "../../shared/useDebounced";
import { useTyped } from "../../shared/useTyped";
import { usePreview, useTakeNotebook } from "./queries";

type Brought = { readonly text: string; readonly columns?: Columns };
type Columns = NonNullable<NotebookRequest["columns"]>;

const ASKED = [
	{ id: "date", words: "When", needed: true },
	{ id: "what", words: "What was done", needed: true },
	{ id: "howMuch", words: "How much", needed: false },
	{ id: "where", words: "Where", needed: false },
] as const satisfies readonly { id: keyof Columns; words: string; needed: boolean }[];

/** A notebook of earlier days: columns matched, every line seen before it is taken in. */
export function NotebookPage() {
	const kept = useTyped<Brought>("notebook", { text: "" });
	const { text, columns } = kept.typed;
	const [leaveOut, setLeaveOut] = useState(false);
	const request: NotebookRequest = { text, columns, leaveOut: false };
	const preview = usePreview(useDebounced(request));
	const take = useTakeNotebook();
	const bring = (next: string) => {
		kept.change({ text: next, columns: undefined });
		take.reset();
	};
	const error = preview.error ?? take.error;
	return (
		<div className="pots notebook">
			<h1>A notebook of earlier days</h1>
			<p className="soft">
				A sheet with a head and a line for each thing done: when, what, how much, where. Read are “watered”, looks such
				as “pale”, feeds such as “nettle liquid 1:10”, “bottled plant juice” and “set weed bucket” in a vessel of yours.
				What came in before is counted once.
			</p>
			<Form.Group controlId="notebook-file">
				<Form.Label>Its file (CSV)</Form.Label>
				<Form.Control
					type="file"
					accept=".csv,.tsv,.txt,text/csv"
					onChange={async (event) => {
						const file = (event.target as HTMLInputElement).files?.[0];
						if (file) {
							bring(await file.text());
						}
					}}
				/>
			</Form.Group>
			<Form.Group controlId="notebook-text" className="mt-2">
				<Form.Label>Or paste it</Form.Label>
				<Form.Control
					as="textarea"
					rows={6}
					className="file-text"
					value={text}
					isInvalid={problemAt(error, "text") !== undefined}
					aria-describedby="notebook-problem"
					onChange={(event) => bring(event.target.value)}
				/>
				<Form.Control.Feedback type="invalid" id="notebook-problem" role="alert">
					{problemAt(error, "text")}
				</Form.Control.Feedback>
			</Form.Group>
			{error && problemFrom(error).field !== "text" && <ProblemNote error={error} />}
			{preview.data && (
				<>
					<Matching notebook={preview.data} onMatch={(matched) => kept.change({ columns: matched })} />
					<Lines notebook={preview.data} />
					<Taking
						notebook={preview.data}
						leaveOut={leaveOut}
						pending={take.isPending}
						onLeaveOut={setLeaveOut}
						onTake={() => take.mutate({ ...request, leaveOut }, { onSuccess: () => kept.letGo(kept.typed) })}
					/>
				</>
			)}
			{take.data && (
				<p className="note" role="status">
					<b>Taken in</b>
					<span>{take.data.lines === 1 ? "1 line" : `${take.data.lines} lines`}; what was known counts once.</span>
				</p>
			)}
		</div>
	);
}

type MatchingProps = { readonly notebook: Notebook; readonly onMatch: (columns: Columns) => void };

/** Which column tells what: guessed by its name, free to change. */
function Matching({ notebook, onMatch }: MatchingProps) {
	return (
		<fieldset className="choices">
			<legend className="visually-hidden">Columns</legend>
			{ASKED.map((asked) => (
				<Form.Group key={asked.id} controlId={`column-${asked.id}`}>
					<Form.Label>{asked.words}</Form.Label>
					<Form.Select
						value={notebook.matched[asked.id] ?? ""}
						onChange={(event) => onMatch({ ...notebook.matched, [asked.id]: event.target.value || undefined })}
					>
						<option value="">{asked.needed ? "choose its column" : "no column"}</option>
						{notebook.columns.map((name) => (
							<option key={name} value={name}>
								{name}
							</option>
						))}
					</Form.Select>
				</Form.Group>
			))}
		</fieldset>
	);
}

function Lines({ notebook }: { readonly notebook: Notebook }) {
	if (notebook.lines.length === 0) {
		return <p className="soft">Say which columns tell when and what.</p>;
	}
	return (
		<table className="notebook-lines">
			<caption className="visually-hidden">Lines of the notebook</caption>
			<tbody>
				{notebook.lines.map((line) => (
					<tr key={line.number} className={line.good ? undefined : "bad"}>
						<th scope="row">line {line.number}</th>
						<td>
							{!line.good && <b>Can't be taken in: </b>}
							{line.words}
							{line.known && <span className="soft"> · known already</span>}
						</td>
					</tr>
				))}
			</tbody>
		</table>
	);
}

type TakingProps = {
	readonly notebook: Notebook;
	readonly leaveOut: boolean;
	readonly pending: boolean;
	readonly onLeaveOut: (leaveOut: boolean) => void;
	readonly onTake: () => void;
};

function Taking({ notebook, leaveOut, pending, onLeaveOut, onTake }: TakingProps) {
	const bad = notebook.lines.filter((line) => !line.good).map((line) => line.number);
	const fresh = notebook.lines.filter((line) => line.good && !line.known).length;
	return (
		<>
			{bad.length > 0 && (
				<Form.Check
					id="leave-out"
					className="decision"
					checked={leaveOut}
					onChange={(event) => onLeaveOut(event.target.checked)}
					label={`Leave out ${bad.length === 1 ? "line" : "lines"} ${bad.join(", ")}`}
				/>
			)}
			<div className="actions">
				<Button variant="primary" disabled={pending || fresh === 0 || (bad.length > 0 && !leaveOut)} onClick={onTake}>
					{fresh === 1 ? "Take 1 line in" : `Take ${fresh} lines in`}
				</Button>
			</div>
		</>
	);
}
