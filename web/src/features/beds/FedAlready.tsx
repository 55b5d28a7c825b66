import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemFrom, troubleAt } from "../../api/problem";
import type { Planting } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { useWriteKey } from "../../shared/useWriteKey";
import { useBrewKinds } from "../bottles";
import { useTellFeed } from "./queries";

const BESIDE_A_FIELD = ["strength", "mix", "when"];
const NOTHING = { productId: "", strength: "", mix: "", when: "" };

type Props = { readonly planting: Pick<Planting, "id" | "name">; readonly onDone: () => void };

/** A feed of yesterday, or of last month, from no bottle of the store. */
export function FedAlready({ planting: { id: plantingId, name }, onDone }: Props) {
	const kinds = useBrewKinds().data ?? [];
	const [fed, setFed] = useState(NOTHING);
	const tell = useTellFeed(name);
	const key = useWriteKey();
	const productId = fed.productId || (kinds[0]?.id ?? "");
	const change = (part: Partial<typeof NOTHING>) => setFed({ ...fed, ...part });
	const field = tell.error ? problemFrom(tell.error).field : undefined;
	return (
		<Form
			noValidate
			aria-label="Fed already"
			className="own-grid"
			onSubmit={(event) => {
				event.preventDefault();
				tell.mutate(key.keyed({ plantingIds: [plantingId], ...fed, productId }), {
					onSuccess: () => {
						key.renew();
						onDone();
					},
				});
			}}
		>
			<Form.Group controlId={`fed-brew-${plantingId}`}>
				<Form.Label>What they got</Form.Label>
				<Form.Select value={productId} onChange={(event) => change({ productId: event.target.value })}>
					{kinds.map((kind) => (
						<option key={kind.id} value={kind.id}>
							{kind.name}
						</option>
					))}
				</Form.Select>
			</Form.Group>
			<TextField
				id={`fed-strength-${plantingId}`}
				as="STRENGTH"
				label="How strong"
				value={fed.strength}
				problem={troubleAt(tell.error, "strength")}
				hint="as usual there, where you leave it empty"
				onChange={(strength) => change({ strength })}
			/>
			<TextField
				id={`fed-mix-${plantingId}`}
				label="How much of the mix"
				value={fed.mix}
				problem={troubleAt(tell.error, "mix")}
				hint="as much as that ground takes, where you leave it empty"
				onChange={(mix) => change({ mix })}
			/>
			<TextField
				id={`fed-when-${plantingId}`}
				as="PAST"
				label="When it was poured"
				value={fed.when}
				problem={troubleAt(tell.error, "when")}
				hint="such as “yesterday at 8” or “about two weeks ago”"
				onChange={(when) => change({ when })}
			/>
			<div className="actions">
				<Button type="submit" variant="outline" disabled={tell.isPending || productId === ""}>
					Write it down
				</Button>
			</div>
			{tell.error && !BESIDE_A_FIELD.includes(field ?? "") && <ProblemNote error={tell.error} />}
		</Form>
	);
}
