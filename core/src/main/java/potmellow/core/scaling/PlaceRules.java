package potmellow.core.scaling;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import potmellow.core.book.Light;
import potmellow.core.book.Method;
import potmellow.core.book.PlaceNeed;
import potmellow.core.craft.Family;
import potmellow.core.craft.StatedRange;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.place.PlaceKind;
import potmellow.core.ripening.Pace;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.vessel.Gas;
import potmellow.core.vessel.GasSource;
import potmellow.core.vessel.VesselKind;
import potmellow.core.weather.DryDays;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;

/** Whether a place will do: light, in or out of doors, warmth, frost, and the air of a small room. */
record PlaceRules(Method method, Gas gas, Setting where, UnitSystem system) {
    private static final String CONCERNS = "place";
    /** Share of the room's air; NIOSH's limit for a working day. */
    private static final double MOST_CARBON_DIOXIDE = 0.005;

    private static final double FROST = 1;
    private static final double SLOW = 0.5;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.ENGLISH);

    List<Finding> findings(Optional<GasSource> gas) {
        List<Finding> findings = new ArrayList<>();
        findings.add(light());
        outdoors().ifPresent(findings::add);
        warmth().ifPresent(findings::add);
        frost().ifPresent(findings::add);
        dry().ifPresent(findings::add);
        dust().ifPresent(findings::add);
        gas.flatMap(this::room).ifPresent(findings::add);
        return findings;
    }

    private Setting.Spot spot() {
        return where.spot();
    }

    private PlaceNeed need() {
        return method.place();
    }

    private Finding light() {
        Light asked = need().light();
        Light light = spot().light();
        Step step = Step.of("This way wants " + asked.words() + ".", light.words(), Evidence.commonPractice());
        if (asked == Light.SUN ? light == Light.SUN : light.suits(asked)) {
            String words = asked == Light.SUN ? "The place is sunny." : "The place is dark enough.";
            return Finding.of("light", Severity.HOLDS, CONCERNS, words, step);
        }
        String words = asked == Light.SUN
                ? "This way likes a warm, sunny place; " + spot().name() + " gets " + light.words()
                        + ". It works, only slower."
                : "This place gets " + light.words() + "; this way wants " + asked.words()
                        + ". Cover the vessel, or choose another place.";
        return Finding.of("light", Severity.NOTE, CONCERNS, words, step);
    }

    private Optional<Finding> outdoors() {
        if (spot().outdoors()) {
            return Optional.empty();
        }
        if (method.family() == Family.ANAEROBIC && where.vessel().kind() == VesselKind.DRUM) {
            return Optional.of(indoors(
                    "drum-indoors",
                    Severity.REFUSE,
                    "No anaerobic drum indoors: its gases can knock you out, and they burn. Choose a place outdoors,"
                            + " downwind of people."));
        }
        String words = "This brew belongs outdoors, away from houses; " + spot().name()
                + " is indoors. It stinks, and its gas must not build up indoors.";
        return need().outdoors() ? Optional.of(indoors("indoors", Severity.CONFIRM, words)) : Optional.empty();
    }

    private static Finding indoors(String id, Severity severity, String words) {
        Step step = Step.of(
                "Anaerobic drums stand outdoors: their gases stink, numb the nose and burn.",
                "indoors",
                Evidence.commonPractice());
        return Finding.of(id, severity, CONCERNS, words, step);
    }

    private Optional<Finding> warmth() {
        if (need().celsius().isEmpty()) {
            return slow();
        }
        StatedRange range = need().celsius().get();
        double here = spot().temperature().celsius();
        boolean suits = here >= range.least() && here <= range.most();
        String span = AmountText.temperature(Temperature.ofCelsius(range.least()), system) + " to "
                + AmountText.temperature(Temperature.ofCelsius(range.most()), system);
        Step step = Step.of(
                "It works best from " + span + ".",
                AmountText.temperature(spot().temperature(), system),
                range.evidence());
        return Optional.of(
                suits
                        ? Finding.of("warmth", Severity.HOLDS, CONCERNS, "It is warm enough, and not too warm.", step)
                        : Finding.of(
                                "warmth",
                                Severity.NOTE,
                                CONCERNS,
                                spot().name() + " has " + AmountText.temperature(spot().temperature(), system)
                                        + "; this way wants " + span + ".",
                                step));
    }

    /** Where nobody tells a span, half the usual pace or less is worth telling. */
    private Optional<Finding> slow() {
        double celsius = spot().temperature().celsius();
        double rate = Pace.of(method.family(), method.stages().get(0)).rate(celsius);
        if (rate > SLOW) {
            return Optional.empty();
        }
        String here = AmountText.temperature(spot().temperature(), system);
        return Optional.of(Finding.of(
                "slow",
                Severity.NOTE,
                CONCERNS,
                spot().name() + " has " + here + ": "
                        + (rate > 0
                                ? "it takes about " + AmountText.number(1 / rate, 0) + " times as long there."
                                : "there it doesn't work at all."),
                Step.of(
                        "Its pace there, against that at the warmth it is told for.",
                        AmountText.percent(rate),
                        Evidence.fromMemory(),
                        "temperature",
                        here)));
    }

    private Optional<Finding> frost() {
        boolean cold = need().frostFree() && spot().coldest().celsius() < FROST;
        return cold
                ? Optional.of(Finding.of(
                        "frost",
                        Severity.CONFIRM,
                        CONCERNS,
                        "Frost must not reach it, and " + spot().name()
                                + " gets that cold before it is ready. Choose another place.",
                        Step.of(
                                "It stands frost-free: the coldest until it is ready, by the forecast and what is usual.",
                                AmountText.temperature(spot().coldest(), system),
                                Evidence.commonPractice())))
                : Optional.empty();
    }

    private Optional<Finding> dry() {
        return need().dryDays().map(wanted -> {
            String days = AmountText.number(wanted.value());
            Optional<DryDays> sky = spot().rain();
            boolean dry = sky.filter(one -> one.before() >= wanted.value()).isPresent();
            String lately = sky.map(one -> one.before() == 0
                            ? " It rained yesterday."
                            : " The last rain was " + one.before() + " days before.")
                    .orElse("");
            return Finding.of(
                    "dry-days",
                    dry ? Severity.HOLDS : Severity.NOTE,
                    CONCERNS,
                    dry
                            ? "It has been dry long enough; keep rain off from now on." + coming(sky)
                            : "It wants " + days + " days without rain before it is set; after rain it turns foul."
                                    + lately + waiting(sky) + " Keep rain off.",
                    Step.of(
                            "Days without rain before.",
                            sky.map(one -> String.valueOf(one.before())).orElse("not known") + " of " + days,
                            wanted.evidence()));
        });
    }

    private static String coming(Optional<DryDays> sky) {
        return sky.flatMap(DryDays::rain)
                .map(day -> " The forecast has rain on " + DAY.format(day) + ".")
                .orElse("");
    }

    private static String waiting(Optional<DryDays> sky) {
        return sky.map(one -> one.next()
                        .map(day -> " By the forecast it can be set on " + DAY.format(day) + ".")
                        .orElse(" The forecast shows no day on which it has been dry long enough."))
                .orElse("");
    }

    private Optional<Finding> dust() {
        boolean breathed = need().dusty()
                && !spot().outdoors()
                && spot().kind().filter(PlaceKind::livedIn).isPresent();
        return breathed
                ? Optional.of(Finding.of(
                        "mould-dust",
                        Severity.CONFIRM,
                        CONCERNS,
                        spot().name()
                                + " is where people live: a heap gives off mould dust and steam, which nobody should breathe"
                                + " day and night. Choose a shed, a lean-to or another place under a roof.",
                        Step.of(
                                "A mouldy heap is opened with a mask on, and doesn't stand in a room people live in.",
                                spot().name(),
                                Evidence.fromMemory())))
                : Optional.empty();
    }

    private Optional<Finding> room(GasSource source) {
        if (spot().outdoors() || spot().room().isEmpty()) {
            return Optional.empty();
        }
        Volume room = spot().room().get();
        double share = source.perDay().millilitres() / room.millilitres();
        Step step = Step.of(
                "Carbon dioxide of one day ÷ air of the room stays below 0.5 %.",
                AmountText.percent(share),
                new Evidence(Mark.FROM_MEMORY, true, "NIOSH recommended exposure limit for carbon dioxide, 0.5 %"),
                "gas of one day, at most",
                source.perDay().text(system),
                "room",
                AmountText.number(room.litres() / 1000) + " m³");
        if (share < MOST_CARBON_DIOXIDE) {
            return Optional.of(
                    Finding.of("room", Severity.HOLDS, CONCERNS, "The room has air enough for its gas.", step));
        }
        Severity severity = gas == Gas.VIOLENT ? Severity.CONFIRM : Severity.NOTE;
        String words = "In " + spot().name() + " its gas could make up " + AmountText.percent(share)
                + " of the air in a day; 0.5 % is the limit for people. Leave the door open, or choose a larger place.";
        return Optional.of(Finding.of("small-room", severity, CONCERNS, words, step));
    }
}
