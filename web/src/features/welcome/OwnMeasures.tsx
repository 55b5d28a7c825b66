import { useMutation, useQueryClient } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import { answer, client } from "../../api/client";
import type { Garden } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";

/** What the garden's own measures hold, as they were asked; each can be forgotten, and is asked again where it is met. */
export function OwnMeasures({ sizes }: { readonly sizes: Garden["sizes"] }) {
	const queryClient = useQueryClient();
	const forget = useMutation({
		mutationFn: (measure: string) =>
			answer(client.DELETE("/api/garden/sizes/{measure}", { params: { path: { measure } } })),
		onSuccess: () => queryClient.invalidateQueries(),
	});
	if (sizes.length === 0) {
		return (
			<p className="soft small">
				A capful, a scoop, a bucket: each is asked once, where you first type it, and kept here.
			</p>
		);
	}
	return (
		<ul className="own-measures" aria-label="Your own measures">
			{sizes.map((size) => (
				<li key={size.measure}>
					a {size.words} is <b>{size.size}</b>{" "}
					<Button
						variant="link"
						aria-label={`Forget the ${size.words}`}
						disabled={forget.isPending}
						onClick={() => forget.mutate(size.measure)}
					>
						forget it
					</Button>
				</li>
			))}
			{forget.error && <ProblemNote error={forget.error} />}
		</ul>
	);
}
