import Button from "react-bootstrap/Button";
import type { Garden } from "../../api/types";
import { shortDayAndTime } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { KeptHere } from "../offline";
import { PictureButton } from "./PictureButton";
import { usePhotos, useStrikePhoto } from "./queries";

type Props = { readonly pot: { readonly id: string; readonly name: string }; readonly garden: Garden };

/** Pictures of a pot. Place and camera data are taken out before a picture is kept. */
export function Photos({ pot, garden }: Props) {
	const potId = pot.id;
	const photos = usePhotos(potId);
	const strike = useStrikePhoto(potId);
	return (
		<section aria-labelledby="photos-title" className="mt-3">
			<h2 id="photos-title">Pictures</h2>
			<ul className="photos">
				{(photos.data ?? []).map((photo) => (
					<li key={photo.id}>
						<a href={`/api/pots/${potId}/photos/${photo.id}`} target="_blank" rel="noreferrer">
							<img
								src={`/api/pots/${potId}/photos/${photo.id}?small=true`}
								alt={`The pot on ${shortDayAndTime(photo.at, garden)}`}
								loading="lazy"
							/>
						</a>
						<small className="soft">{shortDayAndTime(photo.at, garden)}</small>
						<Button
							variant="link"
							className="small"
							aria-label={`Take the picture of ${shortDayAndTime(photo.at, garden)} out`}
							onClick={() => strike.mutate(photo.id)}
						>
							take out
						</Button>
					</li>
				))}
			</ul>
			<KeptHere id={potId} />
			<PictureButton pot={pot}>Add a picture</PictureButton>
			<p className="small soft mt-1">JPEG, PNG or WebP up to 8 MB. Where and with what it was taken is removed.</p>
			{strike.error && <ProblemNote error={strike.error} />}
		</section>
	);
}
