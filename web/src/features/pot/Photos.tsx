import { useRef } from "react";
import Button from "react-bootstrap/Button";
import type { Garden } from "../../api/types";
import { shortDayAndTime } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWriteKey } from "../../shared/useWriteKey";
import { useAddPhoto, usePhotos, useStrikePhoto } from "./queries";

/** Pictures of a pot. Place and camera data are taken out before a picture is kept. */
export function Photos({ potId, garden }: { readonly potId: string; readonly garden: Garden }) {
	const photos = usePhotos(potId);
	const add = useAddPhoto(potId);
	const strike = useStrikePhoto(potId);
	const key = useWriteKey();
	const input = useRef<HTMLInputElement>(null);
	const send = (picture: File | undefined) => {
		if (picture) {
			add.mutate(
				{ key: key.of([picture.name, picture.size, picture.lastModified]), picture },
				{ onSuccess: key.renew },
			);
		}
	};
	return (
		<section aria-labelledby="photos-title" className="mt-3">
			<h2 id="photos-title">Pictures</h2>
			<ul className="photos">
				{(photos.data ?? []).map((photo) => (
					<li key={photo.id}>
						<a href={`/api/pots/${potId}/photos/${photo.id}`} target="_blank" rel="noreferrer">
							<img
								src={`/api/pots/${potId}/photos/${photo.id}?small=true`}
								alt={`The pot on ${shortDayAndTime(photo.at, garden.zone)}`}
								loading="lazy"
							/>
						</a>
						<small className="soft">{shortDayAndTime(photo.at, garden.zone)}</small>
						<Button
							variant="link"
							className="small"
							aria-label={`Take the picture of ${shortDayAndTime(photo.at, garden.zone)} out`}
							onClick={() => strike.mutate(photo.id)}
						>
							take out
						</Button>
					</li>
				))}
			</ul>
			<input
				ref={input}
				type="file"
				hidden
				accept="image/jpeg,image/png,image/webp"
				aria-label="A picture of the pot"
				onChange={(event) => {
					send(event.target.files?.[0]);
					event.target.value = "";
				}}
			/>
			<Button variant="outline" disabled={add.isPending} onClick={() => input.current?.click()}>
				{add.isPending ? "Taking it in …" : "Add a picture"}
			</Button>
			<p className="small soft mt-1">JPEG, PNG or WebP up to 8 MB. Where and with what it was taken is removed.</p>
			{(add.error ?? strike.error) && <ProblemNote error={add.error ?? strike.error} />}
		</section>
	);
}
