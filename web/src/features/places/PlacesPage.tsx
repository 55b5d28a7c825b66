import { useState } from "react";
import Button from "react-bootstrap/Button";
import type { Place, PlaceKind } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { PlaceForm } from "./PlaceForm";
import { usePlaceKinds, usePlaces, useWalk } from "./queries";
import { WeatherPanel } from "./WeatherPanel";

/** Where pots stand, in walking order, and the weather that their warmth goes with. */
export function PlacesPage() {
	const places = usePlaces();
	const kinds = usePlaceKinds();
	const walk = useWalk();
	if (places.isPending || kinds.isPending) {
		return <p className="pots">Walking about …</p>;
	}
	if (!places.data || !kinds.data) {
		return (
			<div className="pots">
				<ProblemNote error={places.error ?? kinds.error} />
			</div>
		);
	}
	const ids = places.data.map((place) => place.id);
	const earlier = (index: number) => {
		const order = [...ids];
		const [moved] = order.splice(index, 1);
		if (moved) {
			order.splice(index - 1, 0, moved);
			walk.mutate({ places: order, from: ids });
		}
	};
	return (
		<div className="page-two">
			<section className="main" aria-label="Places">
				<h1>Places</h1>
				<p className="soft">
					In the order of your walk. A pot's dates follow the warmth of its place; change a place, and they are worked
					out anew.
				</p>
				<ul className="place-list">
					{places.data.map((place, index) => (
						<PlaceLine
							key={`${place.id} ${place.version}`}
							place={place}
							kinds={kinds.data}
							onEarlier={index > 0 ? () => earlier(index) : undefined}
						/>
					))}
				</ul>
				{walk.error && <ProblemNote error={walk.error} />}
				<h2 className="mt-4">Add a place</h2>
				<PlaceForm kinds={kinds.data} />
			</section>
			<section className="side" aria-label="Weather">
				<WeatherPanel />
			</section>
		</div>
	);
}

type LineProps = { readonly place: Place; readonly kinds: readonly PlaceKind[]; readonly onEarlier?: () => void };

function PlaceLine({ place, kinds, onEarlier }: LineProps) {
	const [open, setOpen] = useState(false);
	return (
		<li className="place-line">
			<div className="place-words">
				<div>
					<b>{place.name}</b> <span className="soft">{place.temperature} now</span>
					<br />
					<small className="soft">
						{place.kindWords} · {place.usual} · {place.light.toLowerCase()}
						{place.outdoors && ", open air"}
					</small>
				</div>
				<div className="actions">
					{onEarlier && (
						<Button variant="link" aria-label={`Walk to ${place.name} earlier`} onClick={onEarlier}>
							earlier
						</Button>
					)}
					{!open && (
						<Button variant="link" aria-label={`Describe ${place.name} anew`} onClick={() => setOpen(true)}>
							change …
						</Button>
					)}
				</div>
			</div>
			{open && <PlaceForm kinds={kinds} place={place} onDone={() => setOpen(false)} />}
		</li>
	);
}
