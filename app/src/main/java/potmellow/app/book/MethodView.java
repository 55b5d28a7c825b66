package potmellow.app.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.app.answer.CautionView;
import potmellow.core.book.Basis;
import potmellow.core.book.Book;
import potmellow.core.book.Caution;
import potmellow.core.book.Claim;
import potmellow.core.book.Instruction;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.book.Use;
import potmellow.core.book.VesselNeed;
import potmellow.core.craft.Stated;
import potmellow.core.feeding.HarvestWait;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.VesselKind;

/**
 * A method as a recipe card. Every number stands with its mark.
 *
 * @param card what lists show of it
 * @param family the family's title
 * @param parts what goes in, for the batch that the craft tells it for
 * @param makes what comes out
 * @param vessel what it asks of its vessel, each a line
 * @param place what it asks of its place, each a line
 * @param stages its stages
 * @param steps what to do, with the names of parts put in
 * @param slips the mistakes most often made
 * @param claims what the school says
 * @param cautions every danger, with where it is met
 * @param keeps how it keeps
 * @param uses where it goes and how strong
 * @param madeOf brews that go into it, with the methods that make them
 * @param goesInto methods that it goes into
 */
record MethodView(
        MethodCard card,
        String family,
        List<PartLine> parts,
        Marked makes,
        List<Marked> vessel,
        List<Marked> place,
        List<StageLine> stages,
        List<CardStep> steps,
        List<String> slips,
        List<ClaimLine> claims,
        List<MetCaution> cautions,
        List<Marked> keeps,
        List<UseLine> uses,
        List<MethodLink> madeOf,
        List<MethodLink> goesInto) {
    static MethodView of(Method method, Book book, Book shipped, UnitSystem units) {
        Product product = book.productOf(method);
        return new MethodView(
                MethodCard.of(method, book, shipped),
                method.family().title(),
                method.parts().stream().map(part -> part(part, book)).toList(),
                makes(method),
                vessel(method.vessel()),
                place(method, units),
                method.stages().stream().map(MethodView::stage).toList(),
                method.steps().stream()
                        .map(step -> new CardStep(method.plain(step), step.when()))
                        .toList(),
                method.slips(),
                method.claims().stream().map(MethodView::claim).toList(),
                cautions(method, product),
                product.keeps().stream()
                        .map(keep -> new Marked(
                                keep.words() + ": " + keep.lengthWords()
                                        + keep.note()
                                                .map(note -> " (" + note + ")")
                                                .orElse(""),
                                keep.stated().evidence().words()))
                        .toList(),
                product.uses().stream().map(MethodView::use).toList(),
                method.parts().stream()
                        .flatMap(part -> part.choices().stream())
                        .flatMap(id -> book.material(id).flatMap(Material::product).stream())
                        .distinct()
                        .flatMap(made -> book.making(made).stream())
                        .map(MethodView::link)
                        .toList(),
                made(method)
                        .flatMap(made -> book.using(made).stream())
                        .distinct()
                        .map(MethodView::link)
                        .toList());
    }

    private static Stream<String> made(Method method) {
        return Stream.concat(Stream.of(method.product()), method.byproducts().stream());
    }

    private static MethodLink link(Method method) {
        return new MethodLink(method.id(), method.title(), method.school().name());
    }

    private static PartLine part(Part part, Book book) {
        Part.Amount amount = part.amount();
        String range = amount.least() == null
                ? ""
                : " (" + count(amount, amount.least()) + " to " + count(amount, amount.most()) + ")";
        String words = switch (amount.basis()) {
            case REST -> "fills up the rest";
            case VESSEL -> AmountText.percent(amount.value()) + " of the vessel";
            case STARTER -> AmountText.number(amount.value()) + " " + amount.unit() + " for each litre";
            case BATCH -> AmountText.number(amount.value()) + " " + amount.unit() + " for any batch";
            case WEIGHT, VOLUME, FINISHED -> AmountText.number(amount.value()) + " " + amount.unit();
        };
        String basis = switch (amount.basis()) {
            case WEIGHT -> "by weight";
            case VOLUME -> "by volume";
            case FINISHED -> "per finished batch";
            case VESSEL, BATCH, STARTER, REST -> "";
        };
        String choices = part.choices().stream()
                .map(id -> book.material(id).orElseThrow().name())
                .filter(name -> !name.equalsIgnoreCase(part.name()))
                .collect(Collectors.joining(", or "));
        return new PartLine(
                part.id(),
                part.name(),
                words + range,
                basis,
                choices,
                part.note(),
                amount.evidence().words(),
                amount.basis() != Basis.REST && amount.basis() != Basis.VESSEL);
    }

    private static String count(Part.Amount amount, double value) {
        return amount.basis() == Basis.VESSEL ? AmountText.percent(value) : AmountText.number(value);
    }

    private static Marked makes(Method method) {
        return new Marked(method.makes().words(), method.makes().evidence().words());
    }

    private static List<Marked> vessel(VesselNeed need) {
        List<Marked> lines = new ArrayList<>();
        lines.add(new Marked(
                need.kinds().stream().map(VesselKind::words).collect(Collectors.joining(" or ")), "common practice"));
        for (VesselNeed.Headroom rule : need.headroom()) {
            Stated stated = rule.stated();
            String kinds = rule.kinds().isEmpty()
                    ? ""
                    : rule.kinds().stream().map(VesselKind::words).collect(Collectors.joining(", ")) + ": ";
            String room = rule.share()
                    .map(share -> AmountText.percent(share.value()) + " stays empty")
                    .or(() -> rule.centimetres()
                            .map(empty -> AmountText.number(empty.value()) + " cm below the rim stay empty"))
                    .orElseGet(() -> AmountText.number(stated.value()) + " cm deep");
            lines.add(new Marked(
                    kinds + room + ": " + rule.why(), stated.evidence().words()));
        }
        lines.add(new Marked(
                "lid: " + need.lids().stream().map(Lid::words).collect(Collectors.joining(" or ")), "common practice"));
        if (need.breathes()) {
            lines.add(new Marked("walls that breathe: wood, basket or cardboard", "common practice"));
        }
        if (need.acid()) {
            lines.add(new Marked("no bare metal: the acid eats it", "common practice"));
        }
        if (need.smells()) {
            lines.add(new Marked("the vessel keeps its smell and stays in this use", "common practice"));
        }
        return lines;
    }

    private static List<Marked> place(Method method, UnitSystem units) {
        List<Marked> lines = new ArrayList<>();
        lines.add(new Marked(method.place().words(), "common practice"));
        method.place()
                .celsius()
                .ifPresent(range -> lines.add(new Marked(
                        AmountText.temperature(Temperature.ofCelsius(range.least()), units) + " to "
                                + AmountText.temperature(Temperature.ofCelsius(range.most()), units),
                        range.evidence().words())));
        method.place()
                .dryDays()
                .ifPresent(days -> lines.add(new Marked(
                        AmountText.number(days.value()) + " days without rain before",
                        days.evidence().words())));
        if (method.place().frostFree()) {
            lines.add(new Marked("frost-free", "common practice"));
        }
        return lines;
    }

    private static StageLine stage(Stage stage) {
        return new StageLine(
                stage.name(),
                stage.windowWords(),
                stage.windowDays().evidence().words(),
                stage.gas().words(),
                stage.careWords(),
                stage.readyWhen());
    }

    private static ClaimLine claim(Claim claim) {
        return new ClaimLine(
                claim.words(),
                claim.belief(),
                claim.belief() ? "believed" : claim.mark().words());
    }

    private static List<MetCaution> cautions(Method method, Product product) {
        return Stream.concat(product.cautions().stream(), method.cautions().stream())
                .map(caution -> new MetCaution(
                        caution.at(), CautionView.of(List.of(caution)).get(0)))
                .toList();
    }

    private static UseLine use(Use use) {
        String strength = use.usualRatio().text();
        String span = use.strongest().value() < use.weakest().value()
                ? use.strongestRatio().text() + " to " + use.weakestRatio().text()
                : "";
        return new UseLine(
                use.target().words(),
                use.status() == Use.Status.ALLOWED ? strength : use.status().words(),
                use.status() == Use.Status.ALLOWED ? span : use.why().orElse(""),
                use.usual().evidence().words(),
                "every " + AmountText.number(use.intervalDays().value()) + " days",
                HarvestWait.words(
                        use.harvestWaitDays().value(),
                        use.harvestWaitApartDays().orElse(use.harvestWaitDays()).value()),
                use.words());
    }

    /** Words with how far they can be trusted. */
    record Marked(String words, String markWords) {}

    /** @param editable whether its amount can be changed in an own method */
    record PartLine(
            String id,
            String name,
            String amount,
            String basis,
            String choices,
            Optional<String> note,
            String markWords,
            boolean editable) {}

    record StageLine(
            String name, String window, String markWords, String gas, String care, Optional<String> readyWhen) {}

    record CardStep(String words, Instruction.When when) {}

    record ClaimLine(String words, boolean belief, String markWords) {}

    record MetCaution(Caution.Moment at, CautionView caution) {}

    record UseLine(
            String target,
            String strength,
            String span,
            String markWords,
            String interval,
            String harvest,
            List<String> words) {}

    record MethodLink(String id, String title, String school) {}
}
