import { problemFrom } from "../api/problem";

/** What went wrong, in the server's own words. */
export function ProblemNote({ error }: { readonly error: unknown }) {
	const problem = problemFrom(error);
	return (
		<div className="note refuse" role="alert">
			<b>{problem.status === 409 ? "Changed" : "No"}</b>
			<span>{problem.detail}</span>
		</div>
	);
}
