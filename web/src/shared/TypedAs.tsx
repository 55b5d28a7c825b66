import { useQuery } from "@tanstack/react-query";
import { answer, client } from "../api/client";
import type { TypedKind } from "../api/types";
import { Asked } from "./Asked";
import { ReadAs } from "./ReadAs";
import { useDebounced } from "./useDebounced";

type Props = {
	readonly as: TypedKind;
	readonly typed: string;
	readonly onTake: (reading: string) => void;
};

/** How an entry is understood while it is typed, before it is sent. */
export function TypedAs({ as, typed, onTake }: Props) {
	const rested = useDebounced(typed);
	const read = useQuery({
		queryKey: ["typed", as, rested],
		queryFn: () => answer(client.GET("/api/typed", { params: { query: { as, text: rested } } })),
		enabled: rested.trim() !== "",
	});
	if (!read.data || rested !== typed || typed.trim() === "") {
		return null;
	}
	const { question, readings, measure } = read.data;
	return (
		<>
			<ReadAs typed={typed} read={read.data.read} />
			{question && (
				<>
					<p className="small mb-1">{question}</p>
					<Asked trouble={{ words: question, readings, measure }} onTake={onTake} />
				</>
			)}
		</>
	);
}
