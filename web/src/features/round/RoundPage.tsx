import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState } from "react";
import { Link } from "react-router";
import type { Danger, Pot, Round, Stop } from "../../api/types";
import { ScanSign } from "../../drawings/ScanSign";
import { isOnlyWaiting, useWaiting, type Waiting } from "../../outbox";
import { announce } from "../../shared/announce";
import { ProblemNote } from "../../shared/ProblemNote";
import { isShortcut } from "../../shared/singleKeys";
import { useAwake } from "../../shared/useAwake";
import { useNarrow } from "../../shared/useNarrow";
import { useGarden } from "../garden";
import { useMay } from "../people";
import { DangerCard, type Logged, potQuery } from "../pot";
import { ScanButton, useGoToCode } from "../scan";
import { Below } from "./Below";
import { comes, Heading } from "./Heading";
import { OpenStop } from "./OpenStop";
import { useRound } from "./queries";
import { Segments } from "./Segments";
import { StopList } from "./StopList";

/** How long the hand feels that it was logged, where the device can tell it. */
const TICK_MS = 25;

/** The home: what needs my hands today, in walking order, one stop open at a time. */
export function RoundPage() {
	const garden = useGarden();
	const round = useRound();
	const narrow = useNarrow();
	const [chosen, setChosen] = useState<string>();
	const [changed, setChanged] = useState<string>();
	const [done, setDone] = useState<Pot>();
	const kept = useWaiting();
	const walk = useMemo(() => round.data && withKept(round.data, kept), [round.data, kept]);
	const stops = walk ? stopsOf(walk) : [];
	const open = stops.find((stop) => stop.id === chosen) ?? firstLeft(stops);
	const next = nextLeft(stops, open?.id);
	const goOn = () => {
		setChanged(undefined);
		setChosen(next?.id);
	};
	const logged = (after: Logged, before: Pot) => {
		setDone(before);
		navigator.vibrate?.(TICK_MS);
		announce(`${before.summary.name}: ${after ? "logged" : "kept on this device"}.`);
		if (after && todo(after) !== todo(before)) {
			setChanged(after.summary.id);
			setChosen(after.summary.id);
		} else {
			goOn();
		}
	};
	const choose = useCallback((id: string) => {
		setChanged(undefined);
		setChosen(id);
	}, []);
	const goTo = useGoToCode();
	useArrows(stops, open?.id, choose);
	useAwake();
	useAhead(next?.id);
	if (garden.isPending || round.isPending) {
		return <p className="pots">Putting the boots on …</p>;
	}
	if (!garden.data || !walk) {
		return (
			<div className="pots">
				<ProblemNote error={garden.error ?? round.error} />
			</div>
		);
	}
	const stop = open && (
		<OpenStop
			key={open.id}
			id={open.id}
			garden={garden.data}
			narrow={narrow}
			changed={changed === open.id}
			onLogged={logged}
			onNext={goOn}
		/>
	);
	const logging = done && <LoggedLine pot={done} />;
	const scanned = (code: string) => {
		const there = stops.find((one) => one.code === code);
		there ? choose(there.id) : goTo(code);
	};
	const scan = stops.length > 0 && (
		<ScanButton onCode={scanned} label="Which bucket? Scan its label">
			<ScanSign />
		</ScanButton>
	);
	if (narrow) {
		return (
			<div className="round">
				<Dangers dangers={walk.dangers} />
				<Heading round={walk}>{scan}</Heading>
				<Segments stops={stops} chosen={open?.id} onChoose={choose} />
				{logging}
				{stop ?? <Quiet round={walk} />}
				<StopList round={walk} chosen={open?.id} onChoose={choose} />
				<Below round={walk} />
			</div>
		);
	}
	return (
		<div className="round">
			<Dangers dangers={walk.dangers} />
			<StopList round={walk} chosen={open?.id} onChoose={choose}>
				<Heading round={walk}>{scan}</Heading>
			</StopList>
			<div className="round-main">
				{logging}
				{stop ?? <Quiet round={walk} />}
				<Below round={walk} />
			</div>
		</div>
	);
}

/** What was logged last, and the way to set it right. */
function LoggedLine({ pot }: { readonly pot: Pot }) {
	return (
		<p className="logged-line">
			<span aria-hidden="true">✓</span> {pot.summary.name} logged ·{" "}
			<Link className="in-line" to={`/pots/${pot.summary.id}#log-title`}>
				correct it
			</Link>
		</p>
	);
}

/** Fetches the stop that comes next while hands are busy with this one. */
function useAhead(id?: string): void {
	const queryClient = useQueryClient();
	useEffect(() => {
		if (id !== undefined) {
			queryClient.prefetchQuery(potQuery(id));
		}
	}, [queryClient, id]);
}

/** What can burst, burn or sicken comes first, whatever stop is open. */
function Dangers({ dangers }: { readonly dangers: readonly Danger[] }) {
	return (
		<div className="dangers">
			{dangers.map((danger) => (
				<DangerCard key={danger.potId + danger.todo} danger={danger} named />
			))}
		</div>
	);
}

/** What a pot asks for, to tell whether a visit changed it. */
function todo(pot: Pot): string {
	return [pot.verdict.kind, ...pot.dangers.map((danger) => danger.todo)].join();
}

function Quiet({ round }: { readonly round: Round }) {
	const gardener = useMay("GARDENER");
	return (
		<div className="empty">
			<h2>Nothing needs your hands today</h2>
			<p>
				{round.leftAlone === 0
					? "No pot is working. A handful of leaves and as much sugar are enough to begin."
					: "Your pots are best left alone. Have a cup of something."}
			</p>
			{round.next && <p>Next: {comes(round.next)}.</p>}
			{gardener && (
				<Link className="btn btn-primary" to="/pots/new">
					Set a pot
				</Link>
			)}
		</div>
	);
}

/** The round with what was logged here and waits for a connection: such a stop is done, and not asked for twice. */
function withKept(round: Round, kept: readonly Waiting[]): Round {
	const visited = kept.filter(isOnlyWaiting).flatMap(({ act }) => (act.kind === "visit" ? [act.potId] : []));
	const pots = new Set(visited);
	return {
		...round,
		places: round.places.map((place) => ({
			...place,
			stops: place.stops.map((stop) => (pots.has(stop.id) ? { ...stop, done: true, did: "kept here" } : stop)),
		})),
	};
}

function stopsOf(round: Round): readonly Stop[] {
	return round.places.flatMap((place) => place.stops);
}

function firstLeft(stops: readonly Stop[]): Stop | undefined {
	return stops.find((stop) => !stop.done) ?? stops[0];
}

/** The next stop with something left to do, round the corner to the first where need be. */
function nextLeft(stops: readonly Stop[], from?: string): Stop | undefined {
	const at = stops.findIndex((stop) => stop.id === from);
	return [...stops.slice(at + 1), ...stops.slice(0, Math.max(0, at))].find((stop) => !stop.done);
}

/** Arrow keys walk the round and Enter logs the stop; never while something is typed or chosen. */
function useArrows(stops: readonly Stop[], from: string | undefined, onChoose: (id: string) => void) {
	useEffect(() => {
		const onKey = (event: KeyboardEvent) => {
			if (!isShortcut(event)) {
				return;
			}
			const step = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : 0;
			const on = event.target instanceof HTMLElement ? event.target : document.body;
			const next = stops[stops.findIndex((stop) => stop.id === from) + step];
			if (step !== 0 && next) {
				event.preventDefault();
				onChoose(next.id);
			} else if (event.key === "Enter" && !event.repeat && on.matches("body, .stop.on, h1, #view")) {
				event.preventDefault();
				document.querySelector<HTMLFormElement>(".open-stop form")?.requestSubmit();
			}
		};
		document.addEventListener("keydown", onKey);
		return () => document.removeEventListener("keydown", onKey);
	}, [stops, from, onChoose]);
}
