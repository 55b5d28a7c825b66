import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemFrom } from "../../api/problem";
import type { BottleArrival } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TypedBefore } from "../../shared/TypedBefore";
import { useTyped } from "../../shared/useTyped";
import { useWriteKey } from "../../shared/useWriteKey";
import { BottleFields } from "./BottleFields";
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
			<BottleFields bottle={bottle} kinds={kinds} kind={kind} error={arrive.error} onChange={change} />
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
