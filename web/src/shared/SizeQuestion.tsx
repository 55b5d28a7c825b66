import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { answer, client } from "../api/client";
import { type OwnMeasure, problemFrom } from "../api/problem";
import { Readings } from "./Readings";

/** Keeps what a measure of the gardener's own holds; everything that was asked meanwhile is asked anew. */
export function useKeepSize() {
	const queryClient = useQueryClient();
	return useMutation({
		mutationFn: ({ measure, size }: { measure: string; size: string }) =>
			answer(client.PUT("/api/garden/sizes/{measure}", { params: { path: { measure } }, body: { size } })),
		onSuccess: () => queryClient.invalidateQueries(),
	});
}

type Props = {
	readonly measure: OwnMeasure;
	/** What such a measure usually holds. */
	readonly offers: readonly string[];
};

/** Asks once how much a capful or a scoop holds, and keeps it for the garden. */
export function SizeQuestion({ measure, offers }: Props) {
	const [other, setOther] = useState("");
	const keep = useKeepSize();
	const id = `size-${measure.id}`;
	const take = (size: string) => keep.mutate({ measure: measure.id, size });
	if (keep.data) {
		const kept = keep.data.sizes.find((size) => size.measure === measure.id);
		return (
			<p className="small soft mb-1" role="status">
				Kept: a {measure.words} is {kept?.size}.
			</p>
		);
	}
	return (
		<div className="size-question">
			<Readings readings={offers} words={`My ${measure.words} holds`} onTake={take} />
			<div className="size-other">
				<Form.Control
					aria-label={`My ${measure.words} holds something else`}
					aria-describedby={`${id}-problem`}
					placeholder="or measured"
					autoComplete="off"
					value={other}
					isInvalid={keep.isError}
					onChange={(event) => setOther(event.target.value)}
				/>
				<Button variant="outline" disabled={keep.isPending} onClick={() => take(other)}>
					Keep it
				</Button>
			</div>
			<div className="field-problem" id={`${id}-problem`} role="alert">
				{keep.error && problemFrom(keep.error).detail}
			</div>
		</div>
	);
}
