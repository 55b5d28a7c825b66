import { useState } from "react";
import Button from "react-bootstrap/Button";
import Form from "react-bootstrap/Form";
import { problemAt, problemFrom } from "../../api/problem";
import type { Weather } from "../../api/types";
import { calendarDay } from "../../shared/dates";
import { ProblemNote } from "../../shared/ProblemNote";
import { TextField } from "../../shared/TextField";
import { WorkingMark } from "../../shared/WorkingMark";
import { useGarden } from "../garden";
import { usePreviewWeather, useTakeWeather, useWeather, useWriteDay } from "./queries";

/** The last two weeks, today and ten days ahead: measured where the gardener wrote it down, else simulated. */
export function WeatherPanel() {
	const weather = useWeather();
	const today = useGarden().data?.today;
	if (!weather.data || !today) {
		return weather.error ? <ProblemNote error={weather.error} /> : <p className="soft">Looking out of the window …</p>;
	}
	return (
		<>
			<h2>Weather</h2>
			<p className="soft small">
				No weather service is asked: where you write nothing down it is simulated for your climate, and so is the
				forecast. Your own days always count first.
			</p>
			<Days days={weather.data.days} today={today} />
			<p className="small">
				{weather.data.lastFrost && weather.data.firstFrost
					? `Frost usually until ${calendarDay(weather.data.lastFrost)}, and again from ${calendarDay(weather.data.firstFrost)}.`
					: "No frost is to be expected here."}{" "}
				<WorkingMark of="Frost dates" working={weather.data.frostWorking} />
			</p>
			<WriteDay today={today} />
			<TakeWeather columns={weather.data.columns} />
		</>
	);
}

function Days({ days, today }: { readonly days: Weather["days"]; readonly today: string }) {
	const low = Math.min(...days.map((day) => day.low), 0);
	const high = Math.max(...days.map((day) => day.high));
	const share = (celsius: number) => ((celsius - low) / (high - low)) * 100;
	return (
		<table className="weather-days">
			<tbody>
				{days.map((day) => (
					<tr key={day.day} className={day.day === today ? "today" : undefined}>
						<th scope="row">{day.day === today ? "today" : calendarDay(day.day)}</th>
						<td className="weather-bar" aria-hidden="true">
							<i
								className={day.low <= 0 ? "frosty" : undefined}
								style={{ left: `${share(day.low)}%`, width: `${Math.max(2, share(day.high) - share(day.low))}%` }}
							/>
						</td>
						<td>
							{day.words}
							<small className="soft"> {day.originWords}</small>
						</td>
					</tr>
				))}
			</tbody>
		</table>
	);
}

function WriteDay({ today }: { readonly today: string }) {
	const [typed, setTyped] = useState({ day: "", low: "", high: "", rain: "", rainFrom: "", rainUntil: "" });
	const write = useWriteDay();
	const change = (part: Partial<typeof typed>) => setTyped((before) => ({ ...before, ...part }));
	const told = write.error && problemFrom(write.error).field !== undefined;
	return (
		<Form
			noValidate
			aria-label="Write a day down"
			onSubmit={(event) => {
				event.preventDefault();
				write.mutate(
					{ ...typed, day: typed.day || today },
					{ onSuccess: () => change({ low: "", high: "", rain: "", rainFrom: "", rainUntil: "" }) },
				);
			}}
		>
			<h3>Write a day down</h3>
			<div className="own-grid">
				<Form.Group controlId="weather-day">
					<Form.Label>Day</Form.Label>
					<Form.Control
						type="date"
						max={today}
						value={typed.day || today}
						onChange={(event) => change({ day: event.target.value })}
					/>
				</Form.Group>
				<TextField
					id="weather-low"
					label="Lowest"
					value={typed.low}
					problem={problemAt(write.error, "low")}
					onChange={(low) => change({ low })}
				/>
				<TextField
					id="weather-high"
					label="Highest"
					value={typed.high}
					problem={problemAt(write.error, "high")}
					onChange={(high) => change({ high })}
				/>
				<TextField
					id="weather-rain"
					label="Rain, mm"
					value={typed.rain}
					problem={problemAt(write.error, "rain")}
					onChange={(rain) => change({ rain })}
				/>
				<TextField
					id="weather-rain-from"
					label="It rains from"
					value={typed.rainFrom}
					problem={problemAt(write.error, "rainHours")}
					hint="such as 14:00, where you know the hours; also of today, still to come"
					onChange={(rainFrom) => change({ rainFrom })}
				/>
				<TextField
					id="weather-rain-until"
					label="until"
					value={typed.rainUntil}
					onChange={(rainUntil) => change({ rainUntil })}
				/>
			</div>
			<div className="actions">
				<Button type="submit" variant="outline" disabled={write.isPending}>
					Write it down
				</Button>
			</div>
			{write.error && !told && <ProblemNote error={write.error} />}
		</Form>
	);
}

function TakeWeather({ columns }: { readonly columns: readonly string[] }) {
	const [text, setText] = useState("");
	const preview = usePreviewWeather();
	const take = useTakeWeather();
	const shown = take.data ?? preview.data;
	return (
		<Form
			noValidate
			aria-label="Take a weather file in"
			className="mt-3"
			onSubmit={(event) => {
				event.preventDefault();
				take.reset();
				preview.mutate(text);
			}}
		>
			<h3>Import a file</h3>
			<Form.Group controlId="weather-file">
				<Form.Label>CSV with the columns {columns.join(", ")}</Form.Label>
				<Form.Control as="textarea" rows={3} value={text} onChange={(event) => setText(event.target.value)} />
			</Form.Group>
			<div className="actions">
				<Button type="submit" variant="outline" disabled={preview.isPending || text.trim() === ""}>
					Check it first
				</Button>
				{preview.data && !take.data && preview.data.days.length > 0 && (
					<Button
						variant="outline"
						disabled={take.isPending}
						onClick={() => take.mutate(text, { onSuccess: () => setText("") })}
					>
						Take in {preview.data.days.length} days
					</Button>
				)}
			</div>
			{shown && (
				<div role="status">
					<p className="mb-1">
						{take.data ? `${shown.days.length} days taken in.` : `${shown.days.length} days can be taken in`}
						{shown.broken.length > 0 && `, ${shown.broken.length} rows can't:`}
					</p>
					<ul className="small">
						{shown.broken.slice(0, 8).map((row) => (
							<li key={row.line}>
								line {row.line}: {row.why}
							</li>
						))}
					</ul>
				</div>
			)}
			{(preview.error ?? take.error) && <ProblemNote error={preview.error ?? take.error} />}
		</Form>
	);
}
