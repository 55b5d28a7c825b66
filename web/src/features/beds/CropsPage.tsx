import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { answer, client } from "../../api/client";
import { problemAt, troubleAt } from "../../api/problem";
import type { Crop, DescribeCrop } from "../../api/types";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { Habits } from "./Habits";
import { cropsQuery } from "./queries";

/** The crops there are, with what is usual for them; own ones beside the shipped ones. */
export function CropsPage() {
	const crops = useQuery(cropsQuery);
	const [open, setOpen] = useState<string | null>(null);
	const queryClient = useQueryClient();
	const forget = useMutation({
		mutationFn: (id: string) => answer(client.DELETE("/api/crops/{id}", { params: { path: { id } } })),
		onSettled: () => queryClient.invalidateQueries({ queryKey: ["crops"] }),
	});
	return (
		<div className="pots narrow-page">
			<h1>Crops</h1>
			<p className="soft">
				What is usual for them, from memory: a starting point for each planting, and yours to change.
			</p>
			{crops.error && <ProblemNote error={crops.error} />}
			<ul className="plain-list">
				{crops.data?.map((crop) => (
					<li key={crop.id} className="place-line">
						<div className="place-words">
							<div>
								<b>{crop.name}</b> {crop.own && <span className="soft">yours</span>}
								<br />
								<small className="soft">
									{crop.appetiteWords} ·{" "}
									{crop.days
										.filter((stage) => stage.days > 0)
										.map((stage) => `${stage.words} ${stage.days} d`)
										.join(", ")}
								</small>
							</div>
							<div className="actions">
								{crop.own && (
									<Button
										variant="link"
										aria-label={`Take your description of ${crop.name} back`}
										onClick={() => forget.mutate(crop.id)}
									>
										as shipped
									</Button>
								)}
								<Button
									variant="link"
									aria-label={`Describe ${crop.name} anew`}
									onClick={() => setOpen(open === crop.id ? null : crop.id)}
								>
									change …
								</Button>
							</div>
						</div>
						{open === crop.id && <CropForm crop={crop} onDone={() => setOpen(null)} />}
					</li>
				))}
			</ul>
			<h2>Add a crop</h2>
			{crops.data && <CropForm key={crops.data.length} onDone={() => {}} like={crops.data[0]} />}
		</div>
	);
}

type FormProps = { readonly crop?: Crop; readonly like?: Crop; readonly onDone: () => void };

function CropForm({ crop, like, onDone }: FormProps) {
	const from = crop ?? like;
	const [typed, setTyped] = useState<DescribeCrop>({
		name: crop?.name ?? "",
		appetite: from?.appetite ?? "MEDIUM",
		eaten: from?.eaten ?? "RAW",
		touched: from?.touched ?? true,
		ironSensitive: from?.ironSensitive ?? false,
		saltSensitive: from?.saltSensitive ?? false,
		soil: from?.soil ?? "LOAM",
		days: Object.fromEntries((from?.days ?? []).map((stage) => [stage.stage, stage.days ? String(stage.days) : ""])),
	});
	const change = (part: Partial<DescribeCrop>) => setTyped((before) => ({ ...before, ...part }));
	const queryClient = useQueryClient();
	const keep = useMutation({
		mutationFn: () =>
			answer(
				crop
					? client.PUT("/api/crops/{id}", { params: { path: { id: crop.id } }, body: typed })
					: client.POST("/api/crops", { body: typed }),
			),
		onSuccess: onDone,
		onSettled: () => queryClient.invalidateQueries({ queryKey: ["crops"] }),
	});
	const prefix = crop?.id ?? "new";
	return (
		<Form
			noValidate
			aria-label={crop ? `Describe ${crop.name} anew` : "Add a crop"}
			onSubmit={(event) => {
				event.preventDefault();
				keep.mutate();
			}}
		>
			<TextField
				id={`crop-name-${prefix}`}
				label="Name"
				value={typed.name}
				problem={troubleAt(keep.error, "name")}
				onChange={(name) => change({ name })}
			/>
			<Habits prefix={prefix} value={typed} onChange={change} />
			<div className="crop-days">
				{from?.days.map((stage) => (
					<TextField
						key={stage.stage}
						id={`days-${stage.stage}-${prefix}`}
						label={`${stage.words}, days`}
						value={typed.days[stage.stage] ?? ""}
						problem={troubleAt(keep.error, `days-${stage.stage}`)}
						onChange={(text) => change({ days: { ...typed.days, [stage.stage]: text } })}
					/>
				))}
			</div>
			{keep.error &&
				problemAt(keep.error, "name", ...Object.keys(typed.days).map((stage) => `days-${stage}`)) === undefined && (
					<ProblemNote error={keep.error} />
				)}
			<Button type="submit" variant="outline" className="mt-2" disabled={keep.isPending}>
				{crop ? "Keep it so" : "Add the crop"}
			</Button>
		</Form>
	);
}
