import { type RefObject, useEffect, useRef, useState } from "react";
import { codeIn } from "./codeIn";
import { codeReader } from "./reader";

/** Between two looks, so that the phone stays cool. */
const LOOK_MS = 150;

type Seen = {
	readonly video: RefObject<HTMLVideoElement | null>;
	/** Why there is no picture, in words; empty while there is one or it is awaited. */
	readonly trouble: string;
	/** Something was read that is no code of a garden. */
	readonly foreign: boolean;
};

/** Looks through the camera until a code of the garden is seen, and lets go of it then. */
export function useCamera(onCode: (code: string) => void): Seen {
	const video = useRef<HTMLVideoElement>(null);
	const told = useRef(onCode);
	told.current = onCode;
	const [trouble, setTrouble] = useState("");
	const [foreign, setForeign] = useState(false);
	useEffect(() => {
		const over = new AbortController();
		look(video, over.signal, () => setForeign(true))
			.then((code) => code && told.current(code))
			.catch((why) => !over.signal.aborted && setTrouble(inWords(why)));
		return () => over.abort();
	}, []);
	return { video, trouble, foreign };
}

async function look(
	video: RefObject<HTMLVideoElement | null>,
	over: AbortSignal,
	onForeign: () => void,
): Promise<string | undefined> {
	const camera = await navigator.mediaDevices.getUserMedia({ video: { facingMode: "environment" } });
	try {
		const read = await codeReader();
		const screen = video.current;
		if (screen === null) {
			return undefined;
		}
		screen.srcObject = camera;
		await screen.play();
		while (!over.aborted) {
			const texts = await read(screen);
			const code = texts.map(codeIn).find((one) => one !== undefined);
			if (code !== undefined) {
				return code;
			}
			if (texts.length > 0) {
				onForeign();
			}
			await new Promise((resolve) => setTimeout(resolve, LOOK_MS));
		}
		return undefined;
	} finally {
		for (const track of camera.getTracks()) {
			track.stop();
		}
	}
}

function inWords(why: unknown): string {
	switch (why instanceof Error ? why.name : "") {
		case "NotAllowedError":
			return "This page may not use the camera. Allow it beside the address, then try again.";
		case "NotFoundError":
			return "This device has no camera.";
		case "NotReadableError":
			return "Something else uses the camera. Close it, then try again.";
		default:
			return "The camera can't be used here.";
	}
}
