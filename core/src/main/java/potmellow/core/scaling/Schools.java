package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Output;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * All schools of one brew side by side: what each does, and what it costs in time, hands, and goods for the same amount of brew.
 *
 * @param product the brew
 * @param methods the schools, in reading order
 * @param rows one line for each aspect
 */
public record Schools(Product product, List<Method> methods, List<Row> rows) {
    private static final Volume LITRE = Volume.ofLitres(1);
    private static final Mass KILOGRAM = Mass.ofKilograms(1);

    /**
     * One aspect.
     *
     * @param aspect what is compared
     * @param cells one for each school, in the same order
     */
    public record Row(String aspect, List<Working<String>> cells) {
        public Row {
            cells = List.copyOf(cells);
        }

        /** Whether the schools differ in it. */
        public boolean differs() {
            return cells.stream().map(Working::value).distinct().count() > 1;
        }
    }

    /** Compares every school that makes a product. */
    public static Schools of(Book book, Product product, UnitSystem system) {
        List<Method> methods = book.making(product.id());
        Comparison told = new Comparison(book, product, methods, system);
        List<Row> rows = new ArrayList<>();
        rows.add(told.row("What is done", method -> plain(method.school().does(), Evidence.commonPractice())));
        rows.add(told.row("What it costs", method -> plain(method.school().costs(), Evidence.commonPractice())));
        rows.add(told.row("Ready after", Comparison::time));
        rows.add(told.row("Hands on it", Comparison::care));
        rows.addAll(told.goods());
        rows.add(told.row(
                "Vessel",
                method -> plain(
                        method.vessel().kinds().stream().map(VesselKind::words).collect(Collectors.joining(" or ")),
                        Evidence.commonPractice())));
        rows.add(told.row(
                "Lid",
                method -> plain(
                        method.vessel().lids().stream().map(Lid::words).collect(Collectors.joining(" or ")),
                        Evidence.commonPractice())));
        rows.add(told.row("Place", method -> plain(method.place().words(), Evidence.commonPractice())));
        if (product.find(Target.SOIL).isPresent()) {
            rows.add(told.row(
                    "Strength on soil",
                    method -> plain(
                            product.use(Target.SOIL).usualRatio().text(),
                            product.use(Target.SOIL).usual().evidence())));
        }
        return new Schools(product, methods, rows);
    }

    private static Working<String> plain(String words, Evidence evidence) {
        return Working.of(words, Step.of(words, "", evidence));
    }

    private record Comparison(Book book, Product product, List<Method> methods, UnitSystem system) {
        Row row(String aspect, Function<Method, Working<String>> cell) {
            return new Row(aspect, methods.stream().map(cell).toList());
        }

        static Working<String> time(Method method) {
            Stage last = method.lastStage();
            String words = last.windowWords();
            return Working.of(
                    words,
                    Step.of(
                            "Time to readiness, at the family's reference temperature where warmth matters.",
                            words,
                            last.windowDays().evidence()));
        }

        static Working<String> care(Method method) {
            Stage first = method.stages().get(0);
            String words = first.care().isEmpty() ? "none" : first.careWords();
            return plain(words, Evidence.commonPractice());
        }

        /** What goes in for one litre or kilogram of brew, part by part. */
        List<Row> goods() {
            List<String> ids = methods.stream()
                    .flatMap(method -> method.parts().stream())
                    .filter(Part::scales)
                    .map(Part::id)
                    .distinct()
                    .toList();
            String unit = methods.get(0).makes().weighed() ? "kg" : "litre";
            return ids.stream()
                    .map(id -> new Row(
                            name(id) + ", for 1 " + unit,
                            methods.stream().map(method -> amount(method, id)).toList()))
                    .toList();
        }

        private String name(String id) {
            return methods.stream()
                    .flatMap(method -> method.part(id).stream())
                    .map(Part::name)
                    .findFirst()
                    .orElseThrow();
        }

        private Working<String> amount(Method method, String id) {
            if (method.part(id).isEmpty()) {
                return plain("none", Evidence.commonPractice());
            }
            Part part = method.part(id).get();
            VesselKind kind = method.vessel().kinds().get(0);
            Proportions proportions = Proportions.of(book, method, Map.of(), Vessel.of("?", kind, Volume.ofLitres(20)));
            Quantity one = method.makes().weighed() ? KILOGRAM : LITRE;
            double scale = proportions.making(one);
            Material material = proportions.material(part);
            Quantity amount = proportions.amount(part, scale);
            String text = (material.liquid() ? material.volume(amount) : material.mass(amount)).text(system);
            Output makes = method.makes();
            Mark weakest = Stream.of(part.amount().mark(), makes.mark()).reduce(Mark.PUBLISHED, Mark::weaker);
            return Working.of(
                    text,
                    Step.of(
                            "What goes in for " + one.text(system) + " = amount in the recipe ÷ usual yield.",
                            text,
                            Evidence.derivedFrom(weakest),
                            "usual yield",
                            AnchorScale.usualYield(proportions, system)));
        }
    }
}
