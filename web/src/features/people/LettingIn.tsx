import { useEffect, useState } from "react";
import Button from "react-bootstrap/Button";
import type { LettingCode, Person } from "../../api/types";
import { QrDrawing } from "../../drawings/QrDrawing";
import { ProblemNote } from "../../shared/ProblemNote";
import { useShowCode } from "./queries";

/** A code for one device, once, within two minutes: to scan, or to type. */
export function LettingIn({ person }: { readonly person: Person }) {
	const { mutate, data, error, isPending } = useShowCode();
	useEffect(() => mutate(person.id), [mutate, person.id]);
	if (error) {
		return <ProblemNote error={error} />;
	}
	if (!data) {
		return <p className="soft">Cutting a key …</p>;
	}
	return <Shown key={data.code} code={data} pending={isPending} onAgain={() => mutate(person.id)} />;
}

type ShownProps = { readonly code: LettingCode; readonly pending: boolean; readonly onAgain: () => void };

function Shown({ code, pending, onAgain }: ShownProps) {
	const left = useSecondsLeft(code.until);
	if (left === 0) {
		return (
			<div className="note" role="status">
				<b>Over</b>
				<span>
					The code no longer counts.{" "}
					<Button variant="outline" disabled={pending} onClick={onAgain}>
						Show another
					</Button>
				</span>
			</div>
		);
	}
	return (
		<div className="letting-in">
			<div className="home-qr">
				<QrDrawing qr={code.qr} label={`Leads to ${code.link}`} />
			</div>
			<div>
				<p>Scan it with the phone's camera, or open the garden there and type</p>
				<p className="letting-code">{code.code}</p>
				<p className="soft small">
					For one device, once. {left} {left === 1 ? "second" : "seconds"} left.
				</p>
			</div>
		</div>
	);
}

const SECOND = 1000;

/** Counted by this device's own clock from when the code came: it may differ from the garden's. */
function useSecondsLeft(until: string): number {
	const [left, setLeft] = useState(() => secondsUntil(until));
	useEffect(() => {
		const ticking = window.setInterval(() => setLeft((before) => Math.max(0, before - 1)), SECOND);
		return () => window.clearInterval(ticking);
	}, []);
	return left;
}

/** Two minutes at most, also where the clocks disagree. */
function secondsUntil(until: string): number {
	return Math.min(120, Math.max(1, Math.round((Date.parse(until) - Date.now()) / SECOND)));
}
