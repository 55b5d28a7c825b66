import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import Button from "react-bootstrap/Button";
import { answer, client } from "../../api/client";
import type { Garden } from "../../api/types";
import { dayAndTime } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";

const backupsQuery = queryOptions({
	queryKey: ["backups"],
	queryFn: () => answer(client.GET("/api/backups")),
});

/** When the garden was last written out and read back, and where to. */
export function KeptSafe({ garden }: { readonly garden: Garden }) {
	const queryClient = useQueryClient();
	const backups = useQuery(backupsQuery);
	const make = useMutation({
		mutationFn: () => answer(client.POST("/api/backups")),
		onSuccess: (now) => queryClient.setQueryData(backupsQuery.queryKey, now),
	});
	if (!backups.data) {
		return backups.error ? <ProblemNote error={backups.error} /> : null;
	}
	const { kept, folder, failure, age } = backups.data;
	const last = kept[0];
	return (
		<section aria-label="Kept safe" className="welcome kept-safe">
			<h2>Kept safe</h2>
			<p>
				{last ? (
					<>
						Last backup <b>{age}</b> ({dayAndTime(last.at, garden)}), read back and whole; {kept.length} kept in{" "}
						<code>{folder}</code>.
					</>
				) : garden.demo ? (
					"The sample world is made anew at each start, so no backup of it is made by itself."
				) : (
					"No backup yet: the first is made within the quarter of an hour."
				)}
			</p>
			{failure && (
				<div className="note warn" role="status">
					<b>The last one failed</b>
					<span>{failure}</span>
				</div>
			)}
			{!garden.demo && (
				<p className="soft small">
					One is made each day: 7 days, 4 weeks and 12 months are kept. Copy the folder to another machine now and then;
					put one back with <code>./mellow restore FILE</code>.
				</p>
			)}
			<div className="actions">
				<Button variant="outline" disabled={make.isPending} onClick={() => make.mutate()}>
					{make.isPending ? "Writing and reading back …" : "Back up now"}
				</Button>
				<a className="btn btn-outline" href="/api/garden/document" download>
					The whole garden as a file
				</a>
			</div>
			{make.error && <ProblemNote error={make.error} />}
		</section>
	);
}
