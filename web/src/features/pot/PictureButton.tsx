import { type ReactNode, useRef } from "react";
import Button from "react-bootstrap/Button";
import { drawn } from "../../shared/drawn";
import { ProblemNote } from "../../shared/ProblemNote";
import { useWriteKey } from "../../shared/useWriteKey";
import { useAddPhoto } from "./queries";

type Props = {
	readonly pot: { readonly id: string; readonly name: string };
	readonly children: ReactNode;
	/** Where the words don't tell it all. */
	readonly label?: string;
	/** Whether it is to be taken now, not chosen from those that were taken. */
	readonly camera?: boolean;
};

/** Adds a picture to the pot, at once: nothing else has to be logged with it. It is made small on this device first. */
export function PictureButton({ pot, children, label, camera = false }: Props) {
	const add = useAddPhoto(pot.id, pot.name);
	const key = useWriteKey();
	const input = useRef<HTMLInputElement>(null);
	const send = async (file: File | undefined) => {
		if (file) {
			const picture = await drawn(file);
			add.mutate({ key: key.of([file.name, file.size, file.lastModified]), picture }, { onSuccess: key.renew });
		}
	};
	return (
		<>
			<input
				ref={input}
				type="file"
				hidden
				accept="image/jpeg,image/png,image/webp"
				capture={camera ? "environment" : undefined}
				aria-label={`A picture of ${pot.name}`}
				onChange={(event) => {
					send(event.target.files?.[0]);
					event.target.value = "";
				}}
			/>
			<Button variant="outline" aria-label={label} disabled={add.isPending} onClick={() => input.current?.click()}>
				{add.isPending ? "Taking it in …" : children}
			</Button>
			<span className="picture-taken" role="status">
				{add.isSuccess && (add.data ? "Picture added ✓" : "Picture kept here ✓")}
			</span>
			{add.error && <ProblemNote error={add.error} />}
		</>
	);
}
