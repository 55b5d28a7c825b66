import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import Form from "react-bootstrap/Form";
import { problemAt, troubleAt } from "../../api/problem";
import type { Bottle, Garden, Planting } from "../../api/types";
import { unwise } from "../../shared/Decision";
import { ProblemNote } from "../../shared/ProblemNote";
import { useDebounced } from "../../shared/useDebounced";
import { useLastGood } from "../../shared/useLastGood";
import { useWriteKey } from "../../shared/useWriteKey";
import { keptPour } from "./keptPour";
import { MixLabel } from "./MixLabel";
import { BottleLine, TargetPick } from "./Picks";
import { PourPanel } from "./PourPanel";
import { mixQuery, type usePour } from "./queries";
import { StrengthPanel } from "./StrengthPanel";
import { TankPanel } from "./TankPanel";
import { ADDITIONS, allFindings, requestOf, type Target, type Wish } from "./wish";

const LEAVES: readonly Target[] = ["LEAVES", "LEAF_WIPE"];

/** What is told beside its field; besides these the strength of each brew. */
const ONCE = ["strength", "area", "mix", "can", "pots", "potSize", "perPot"];

type Props = {
	readonly garden: Garden;
	readonly bottles: readonly Bottle[];
	readonly plantings: readonly Planting[];
	readonly bottle: Bottle;
	readonly chosen: readonly string[];
	readonly target: Target;
	readonly wish: Wish;
	readonly picks: ReactNode;
	readonly pour: ReturnType<typeof usePour>;
	readonly onPoured: () => void;
	readonly onChange: (part: Partial<Wish>) => void;
};

/** The bench with a bottle on it: how strong, how much, what the rules say. */
export function CanBench({
	garden,
	bottles,
	plantings,
	bottle,
	chosen,
	target,
	wish,
	picks,
	pour,
	onPoured,
	onChange,
}: Props) {
	const key = useWriteKey();
	const request = requestOf(wish, bottle, chosen, target, garden.units);
	const asked = useDebounced(request);
	const mix = useQuery(mixQuery(asked, garden.units, bottle.level));
	const shown = useLastGood(mix.data);
	// Only what the rules were asked about can be poured, not what was typed since.
	const answered = mix.data !== undefined && JSON.stringify(asked) === JSON.stringify(request);
	const pourIt = () => {
		if (!shown) {
			return;
		}
		const confirmed = wish.decided ? unwise(allFindings(shown)).map((finding) => finding.rule) : [];
		const decided = { ...request, confirmed };
		const poured = { request: decided, kept: keptPour(decided, shown, bottles) };
		pour.mutate(
			{ ...poured, key: key.of(decided), name: fed.join(", ") || bottle.name },
			{
				onSuccess: () => {
					key.renew();
					onPoured();
				},
			},
		);
	};
	const fed = plantings.filter((planting) => chosen.includes(planting.id)).map((planting) => planting.name);
	const names = namesOf(bottle, wish, bottles);
	const told = [...ONCE, ...names.map((_, index) => `strength${index}`)];
	return (
		<Form className="mix" noValidate onSubmit={(event) => event.preventDefault()}>
			<section className="mix-from" aria-label="From what, for what">
				{picks}
				<BottleLine bottle={bottle} />
				<TankPanel
					bottles={bottles}
					first={bottle}
					extras={wish.extras}
					mix={shown}
					error={mix.error}
					onChange={(extras) => onChange({ extras })}
				/>
				<TargetPick
					bottle={bottle}
					chosen={target}
					onChoose={(picked) =>
						onChange({
							target: picked,
							strength: undefined,
							can: undefined,
							carrier: LEAVES.includes(picked) ? "hand" : "can",
						})
					}
				/>
			</section>
			<section aria-label="How strong">
				{shown && (
					<StrengthPanel mix={shown} wish={wish} problem={troubleAt(mix.error, "strength")} onChange={onChange} />
				)}
				{mix.error && problemAt(mix.error, ...told) === undefined && <ProblemNote error={mix.error} />}
			</section>
			<section className="mix-can" aria-label="Into the can">
				{shown && (
					<PourPanel
						mix={shown}
						wish={wish}
						request={request}
						bottle={bottle}
						names={names}
						error={mix.error}
						pour={pour}
						answered={answered}
						onPour={pourIt}
						onChange={onChange}
					/>
				)}
			</section>
			{shown && <MixLabel mix={shown} names={names} garden={garden} plants={fed} />}
		</Form>
	);
}

/** What goes into the can, by name: the bottle, and what is added to the same water. */
function namesOf(bottle: Bottle, wish: Wish, bottles: readonly Bottle[]): string[] {
	const added = wish.extras.map(
		(extra) =>
			bottles.find((known) => known.id === extra.bottleId)?.name ??
			ADDITIONS.find((addition) => addition.id === extra.addition)?.words ??
			"",
	);
	return [bottle.name, ...added];
}
