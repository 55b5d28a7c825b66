import { useMutation, useQueryClient } from "@tanstack/react-query";
import Form from "react-bootstrap/Form";
import { useNavigate } from "react-router";
import { answer, client } from "../../api/client";
import { ProblemNote } from "../../shared/ProblemNote";

/** Brings a garden in from its own document, into one that is still empty. */
export function BringGarden() {
	const navigate = useNavigate();
	const queryClient = useQueryClient();
	const bring = useMutation({
		mutationFn: (file: File) =>
			answer(
				client.PUT("/api/garden/document", {
					body: file as unknown as string,
					bodySerializer: (body) => body,
					headers: { "Content-Type": "application/zip" },
				}),
			),
		onSuccess: async () => {
			await queryClient.invalidateQueries();
			navigate("/round");
		},
	});
	return (
		<section aria-label="A garden from a file" className="welcome kept-safe">
			<h2>You have a garden in a file?</h2>
			<Form.Group controlId="garden-document">
				<Form.Label>A file that “The whole garden as a file” wrote, here or elsewhere</Form.Label>
				<Form.Control
					type="file"
					accept=".zip,application/zip"
					disabled={bring.isPending}
					onChange={(event) => {
						const file = (event.target as HTMLInputElement).files?.[0];
						if (file) {
							bring.mutate(file);
						}
					}}
				/>
				<Form.Text>
					{bring.isPending ? "Reading it, and looking at every page of it …" : "It comes in whole or not at all."}
				</Form.Text>
			</Form.Group>
			{bring.error && <ProblemNote error={bring.error} />}
		</section>
	);
}
