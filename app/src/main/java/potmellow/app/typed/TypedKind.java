package potmellow.app.typed;

import java.time.Instant;
import java.util.function.BiFunction;
import potmellow.app.garden.Garden;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Area;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;

/** What a field wants; a bare number is in the unit that such a field takes. */
enum TypedKind {
    WEIGHT((garden, text) -> garden.reader()
            .mass("It", text, Mass.ofGrams(Quantity.LEAST), Mass.ofGrams(Quantity.MOST))
            .text(garden.units())),
    SMALL_VOLUME((garden, text) -> garden.reader()
            .smallVolume("It", text, Volume.ofMillilitres(Quantity.LEAST), Volume.ofMillilitres(Quantity.MOST))
            .text(garden.units())),
    LARGE_VOLUME((garden, text) -> garden.reader()
            .largeVolume("It", text, Volume.ofMillilitres(Quantity.LEAST), Volume.ofMillilitres(Quantity.MOST))
            .text(garden.units())),
    SOLID((garden, text) -> garden.reader().quantity("It", text, true).text(garden.units())),
    LIQUID((garden, text) -> garden.reader().quantity("It", text, false).text(garden.units())),
    AREA((garden, text) -> AmountText.area(
            garden.reader().area("It", text, Area.ofSquareMetres(1e-4), Area.ofSquareMetres(1e6)), garden.units())),
    TEMPERATURE((garden, text) -> AmountText.temperature(
            garden.reader().temperature("It", text, Temperature.ofCelsius(-60), Temperature.ofCelsius(100)),
            garden.units())),
    STRENGTH((garden, text) -> garden.strength("It", text).how()),
    PAST((garden, text, now) -> garden.past("It", text, now).words(garden.wall()));

    private final Reading reading;

    TypedKind(BiFunction<Garden, String, String> reading) {
        this((garden, text, now) -> reading.apply(garden, text));
    }

    TypedKind(Reading reading) {
        this.reading = reading;
    }

    String read(Garden garden, String text, Instant now) {
        return reading.read(garden, text, now);
    }

    /** Reads a text, at a moment. */
    private interface Reading {
        String read(Garden garden, String text, Instant now);
    }
}
