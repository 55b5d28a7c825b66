import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemFrom, troubleAt } from "../../api/problem";
import type { BottleArrival } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { TypedBefore } from "../../shared/TypedBefore";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { PlaceSelect } from "../places";
import { useArriveBottle, useBrewKinds } from "./queries";

const EMPTY: BottleArrival = { productId: "", name: "", volume: "", since: "", keepId: "", stood: "" };

/** A bottle that is there already, made before or bought: folded away until wanted. */
export function ArriveBottleForm() {
	const [open, setOpen] = useState(false);
	return open ? (
		<Fields onDone={() => setOpen(false)} />
	) : (
		<Button variant="outline" className="mb-3" onClick={() => setOpen(true)}>
			A bottle you have already …
		</Button>
	);
}

function Fields({ onDone }: { readonly onDone: () => void }) {
	const { typed: bottle, change, letGo, since } = useTyped("bottle", EMPTY);
	const kinds = useBrewKinds().data ?? [];
	const arrive = useArriveBottle();
	const key = useWriteKey();
	const kind = kinds.find((known) => known.id === bottle.productId) ?? kinds[0];
	const told = arrive.error && problemFrom(arrive.error).field !== undefined;
	return (
		<Form
			noValidate
			aria-label="A bottle you have already"
			className="mb-4"
			onSubmit={(event) => {
				event.preventDefault();
				const body = {
					...bottle,
					productId: kind?.id ?? "",
					keepId: bottle.keepId || kind?.keeps[0]?.id,
					placeId: bottle.placeId || undefined,
				};
				arrive.mutate(key.keyed(body), {
					onSuccess: () => {
						key.renew();
						letGo({ ...EMPTY, productId: body.productId });
					},
				});
			}}
		>
			<h2>A bottle you have already</h2>
			<TypedBefore since={since} onLetGo={letGo} />
			<div className="own-grid">
				<Form.Group controlId="bottle-kind">
					<Form.Label>What is in it?</Form.Label>
					<Form.Select value={kind?.id} onChange={(event) => change({ productId: event.target.value, keepId: "" })}>
						{kinds.map((known) => (
							<option key={known.id} value={known.id}>
								{known.name}
							</option>
						))}
					</Form.Select>
				</Form.Group>
				<TextField
					id="bottle-name"
					label="What you call it"
					value={bottle.name ?? ""}
					problem={troubleAt(arrive.error, "name")}
					hint="such as “comfrey juice”; as its brew, where you leave it empty"
					onChange={(name) => change({ name })}
				/>
				<TextField
					id="bottle-volume"
					as={kind?.solid ? "SOLID" : "SMALL_VOLUME"}
					label="How much"
					value={bottle.volume}
					problem={troubleAt(arrive.error, "volume")}
					onChange={(volume) => change({ volume })}
				/>
				<TextField
					id="bottle-since"
					as="PAST"
					label="Filled or bought when?"
					value={bottle.since}
					problem={troubleAt(arrive.error, "since")}
					hint="“last month”, “20 May”, “nobody knows”"
					onChange={(since) => change({ since })}
				/>
				<Form.Group controlId="bottle-keep">
					<Form.Label>Kept</Form.Label>
					<Form.Select value={bottle.keepId} onChange={(event) => change({ keepId: event.target.value })}>
						{kind?.keeps.map((keep) => (
							<option key={keep.id} value={keep.id}>
								{keep.words}
							</option>
						))}
					</Form.Select>
				</Form.Group>
				<TextField
					id="bottle-stood"
					as="PAST"
					label="How long had it stood before?"
					value={bottle.stood ?? ""}
					problem={troubleAt(arrive.error, "stood")}
					hint="such as “3 weeks”; where nobody knows, it is poured as if it were old"
					onChange={(stood) => change({ stood })}
				/>
				<PlaceSelect
					id="bottle-place"
					label="Stands"
					value={bottle.placeId ?? ""}
					none="nobody said"
					onChange={(placeId) => change({ placeId })}
				/>
			</div>
			<div className="actions">
				<Button type="submit" variant="primary" disabled={arrive.isPending || !kind}>
					It is in store
				</Button>
				<Button variant="link" onClick={onDone}>
					That is all
				</Button>
			</div>
			{arrive.error && !told && <ProblemNote error={arrive.error} />}
			{arrive.data && (
				<p className="note" role="status">
					<b>In store</b>
					<span>
						Write {arrive.data.code} on it: {arrive.data.labelLine}
					</span>
				</p>
			)}
		</Form>
	);
}
