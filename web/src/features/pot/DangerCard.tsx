import type { ReactNode } from "react";
import Button from "react-bootstrap/Button";
import { Link } from "react-router";
import type { Danger } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { Tag } from "../../shared/Tag";
import { useWriteKey } from "../../shared/useWriteKey";
import { useCheck } from "./queries";

type Props = {
	readonly danger: Danger;
	/** Whether to say which pot it is, where that isn't plain from the page. */
	readonly named?: boolean;
	/** The one action, where it isn't an act that is logged; else it leads to the pot's page. */
	readonly children?: ReactNode;
};

/** What can burst, burn or sicken, with its one action. */
export function DangerCard({ danger, named, children }: Props) {
	return (
		<section className="danger" role="alert" aria-label={`Danger: ${danger.name}`}>
			<svg width="34" height="34" viewBox="0 0 34 34" aria-hidden="true">
				<path d="M17 4L31 29H3Z" />
				<path d="M17 13v8M17 25v.5" />
			</svg>
			<div>
				<h2>
					{named && <Tag code={danger.code} />} {danger.todo}
				</h2>
				<p className="mb-0">
					{named && (
						<b>
							{danger.name}, {danger.place}:{" "}
						</b>
					)}
					{danger.words.join(" ")}
				</p>
			</div>
			{danger.act ? <ActButton danger={danger} /> : (children ?? <ToItsPage danger={danger} />)}
		</section>
	);
}

function ToItsPage({ danger }: { readonly danger: Danger }) {
	return (
		<Link className="btn btn-danger" to={`/pots/${danger.potId}${danger.throwAway ? "#end" : ""}`}>
			{danger.throwAway ? "Throw it away …" : "See to it …"}
		</Link>
	);
}

/** One tap, wherever it is shown: done, and logged. */
function ActButton({ danger }: { readonly danger: Danger }) {
	const check = useCheck(danger.potId, danger.name);
	const key = useWriteKey();
	const { act } = danger;
	if (!act) {
		return null;
	}
	const log = () =>
		check.mutate(
			key.keyed({
				check: { act, signs: {}, readings: {}, standIns: [], note: "", replaced: "", confirmed: [] },
			}),
			{ onSuccess: key.renew },
		);
	return (
		<div className="danger-act">
			<Button variant="danger" disabled={check.isPending} onClick={log}>
				Done: {danger.did}
			</Button>
			{check.isSuccess && check.data === undefined && (
				<span className="small" role="status">
					Kept on this device, sent by itself.
				</span>
			)}
			{check.error && <ProblemNote error={check.error} />}
		</div>
	);
}
