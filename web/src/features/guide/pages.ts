import firstJar from "../../../../docs/guide/first-jar.md?raw";
import mixing from "../../../../docs/guide/mixing-and-feeding.md?raw";
import planning from "../../../../docs/guide/planning-a-season.md?raw";
import practice from "../../../../docs/guide/practice.md?raw";
import round from "../../../../docs/guide/round-on-the-phone.md?raw";
import running from "../../../../docs/guide/running-garden.md?raw";
import scripts from "../../../../docs/guide/scripts-and-sensors.md?raw";

/** The pages of the guide, in reading order. They are the files of docs/guide, so there is one text to keep true. */
export const PAGES = [
	{ id: "first-jar", name: "The first jar", text: firstJar },
	{ id: "running-garden", name: "A garden that runs already", text: running },
	{ id: "round-on-the-phone", name: "The round on the phone", text: round },
	{ id: "mixing-and-feeding", name: "Mixing and feeding", text: mixing },
	{ id: "planning-a-season", name: "Planning a season", text: planning },
	{ id: "practice", name: "Practice", text: practice },
	{ id: "scripts-and-sensors", name: "Scripts and sensors", text: scripts },
] as const;

const PICTURES = import.meta.glob<string>(
	"../../../../docs/screenshots/{new-pot,bottles,round-phone,mix,garden,plan,practice,practice-story}.png",
	{ eager: true, query: "?url", import: "default" },
);

/** Where a picture of the guide lies in the application. */
export function picture(path: string): string | undefined {
	return PICTURES[`../../../../docs/${path.replace("../", "")}`];
}
