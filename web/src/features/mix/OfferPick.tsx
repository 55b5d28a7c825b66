import { useState } from "react";
import Button from "react-bootstrap/Button";
import type { Bottle, Offer } from "../../api/types";
import { BottleDrawing } from "../../drawings/BottleDrawing";
import { RadioCards } from "../../shared/RadioCards";
import { Tag } from "../../shared/Tag";

/** Bottles that are shown before all are asked for. */
const AT_FIRST = 4;
const LOOK = { group: "mb-2 mt-1", card: "pick" };

type Props = {
	readonly offers: readonly Offer[];
	readonly bottles: readonly Bottle[];
	readonly chosen: string | undefined;
	readonly onChoose: (id: string) => void;
};

/** What suits the plants, best first; every bottle passed over is one tap away, with its reason. Once one is chosen the others fold away. */
export function OfferPick({ offers, bottles, chosen, onChoose }: Props) {
	const [all, setAll] = useState(false);
	const cards = offers.map((offer) => ({ ...offer, id: offer.bottleId }));
	const best = chosen ? [] : cards.filter((offer) => offer.fit === "FIT").slice(0, AT_FIRST);
	const shown = all ? cards : cards.filter((offer) => best.includes(offer) || offer.id === chosen);
	const others = cards.length - shown.length;
	const none = !chosen && best.length === 0;
	const choose = (id: string) => {
		setAll(false);
		onChoose(id);
	};
	return (
		<>
			<h2>From which bottle?</h2>
			{none && <p className="small soft mb-1">Nothing in store is fit for them just as it is. See why below.</p>}
			<RadioCards label="Bottle" cards={shown} value={chosen ?? ""} onChange={choose} look={LOOK}>
				{(offer) => <OfferCard offer={offer} bottle={bottles.find((known) => known.id === offer.id)} />}
			</RadioCards>
			{others > 0 && (
				<Button variant="link" className="px-0" onClick={() => setAll(true)}>
					{chosen ? "another bottle …" : none ? `${others} bottles, and why not` : `${others} more, and why not those`}
				</Button>
			)}
		</>
	);
}

function OfferCard({ offer, bottle }: { readonly offer: Offer; readonly bottle?: Bottle }) {
	return (
		<>
			<BottleDrawing
				share={bottle?.levelShare ?? 0}
				colour={bottle?.colour}
				width={24}
				past={bottle?.freshness === "PAST"}
			/>
			<span>
				<b>{offer.name}</b>
				<small>
					{offer.dose && `${offer.dose} · `}
					{bottle?.level}
					{bottle && ` · ${bottle.soilOnly ? "soil only · " : ""}${bottle.useByWords}`}
				</small>
				<small className={offer.fit === "FIT" ? "fit" : "unfit"}>
					{offer.fit === "DECIDE" && "By decision: "}
					{offer.fit === "NO" && "No: "}
					{offer.why} {offer.shortOf}
				</small>
			</span>
			<Tag code={offer.code} />
		</>
	);
}
