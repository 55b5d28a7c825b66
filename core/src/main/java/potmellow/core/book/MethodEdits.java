package potmellow.core.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.craft.Stated;
import potmellow.core.craft.StatedRange;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Quantity;
import potmellow.core.strength.Target;
import potmellow.core.working.Mark;

/**
 * What a gardener changes in a method to make it their own. Changed numbers carry the mark of their own batches.
 *
 * @param id id of the own method to be
 * @param title the brew
 * @param school what they call their way of making it
 * @param amounts new amounts by part, in the unit that the method tells them in
 * @param windows new times to readiness by stage, in days
 * @param strengths new usual strengths by target, in parts of water
 * @param added parts that the method didn't have
 */
public record MethodEdits(
        String id,
        String title,
        String school,
        Map<String, Double> amounts,
        Map<String, Days> windows,
        Map<Target, Double> strengths,
        List<AddedPart> added) {
    public MethodEdits {
        added = List.copyOf(added);
        amounts = Map.copyOf(amounts);
        windows = Map.copyOf(windows);
        strengths = Map.copyOf(strengths);
    }

    /** Changes to what there is. */
    public MethodEdits(
            String id,
            String title,
            String school,
            Map<String, Double> amounts,
            Map<String, Days> windows,
            Map<Target, Double> strengths) {
        this(id, title, school, amounts, windows, strengths, List.of());
    }

    /**
     * A part that the method didn't have.
     *
     * @param id its id, free in the method
     * @param material what it is
     * @param amount how much, to the amounts that the method tells; for a method told by the vessel, for each litre of it
     * @param own whether no book tells of the material
     */
    public record AddedPart(String id, Material material, Quantity amount, boolean own) {
        Part part(boolean fillsVessel) {
            Basis basis = fillsVessel ? Basis.FINISHED : amount.isMass() ? Basis.WEIGHT : Basis.VOLUME;
            return new Part(
                    id,
                    material.name().substring(0, 1).toUpperCase(Locale.ROOT)
                            + material.name().substring(1),
                    new Part.Amount(
                            basis,
                            amount.base(),
                            null,
                            null,
                            Optional.empty(),
                            amount.isMass() ? "g" : "mL",
                            Mark.OWN_BATCHES,
                            ""),
                    List.of(material.id()),
                    Map.of(),
                    null,
                    false,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
        }

        Instruction step() {
            return Instruction.of("Add {" + id + "} of " + material.name() + ".");
        }
    }

    /**
     * A time to readiness.
     *
     * @param least the earliest, in days
     * @param most the latest, in days
     */
    public record Days(double least, double most) {}

    /**
     * The method with these changes.
     *
     * @throws IllegalArgumentException where the result would be no method
     */
    public MethodFile applyTo(MethodFile from) {
        List<Material> materials = new ArrayList<>(from.materials());
        added.stream().filter(AddedPart::own).map(AddedPart::material).forEach(materials::add);
        return MethodFile.of(own(from.method()), made(from.product()), materials);
    }

    private Method own(Method method) {
        Stream<Part> parts = Stream.concat(
                method.parts().stream().map(this::part), added.stream().map(one -> one.part(method.fillsVessel())));
        return new Method(
                id,
                method.family(),
                id,
                List.of(),
                title,
                new School(school, method.school().does(), method.school().costs()),
                parts.toList(),
                method.makes(),
                method.batch(),
                method.vessel(),
                method.place(),
                method.stages().stream().map(this::stage).toList(),
                steps(method.steps()),
                method.slips(),
                method.claims(),
                method.saidMoisture(),
                method.cautions());
    }

    private Product made(Product product) {
        return new Product(
                id,
                product.name(),
                product.colour(),
                product.solid(),
                product.densityKilogramsPerLitre(),
                product.keeps(),
                product.bottleFillShare(),
                product.uses().stream().map(this::use).toList(),
                product.leanings(),
                product.cautions(),
                product.nature());
    }

    /** What is added goes in before the last thing that is done on setting, which covers it. */
    private List<Instruction> steps(List<Instruction> told) {
        int setting = (int) told.stream()
                .filter(step -> step.when() == Instruction.When.NOW)
                .count();
        List<Instruction> steps = new ArrayList<>(told);
        steps.addAll(
                Math.max(0, setting - 1), added.stream().map(AddedPart::step).toList());
        return steps;
    }

    private Part part(Part part) {
        Double changed = amounts.get(part.id());
        if (changed == null || same(changed, part.amount().value())) {
            return part;
        }
        return part.with(part.amount().own(changed));
    }

    private Stage stage(Stage stage) {
        Days changed = windows.get(stage.id());
        boolean same = changed == null
                || same(changed.least(), stage.windowDays().least())
                        && same(changed.most(), stage.windowDays().most());
        if (same) {
            return stage;
        }
        return new Stage(
                stage.id(),
                stage.name(),
                stage.gas(),
                stage.clock(),
                new StatedRange(changed.least(), null, changed.most(), Mark.OWN_BATCHES),
                stage.starts(),
                stage.pastRipeness(),
                stage.care(),
                stage.gates(),
                stage.exit(),
                stage.readyWhen());
    }

    /** The safe span moves along with the usual strength. */
    private Use use(Use use) {
        Double changed = strengths.get(use.target());
        double old = use.usual().value();
        if (changed == null || same(changed, old)) {
            return use;
        }
        double strongest = old == 0 ? changed : changed * use.strongest().value() / old;
        double weakest = old == 0 ? 2 * changed : changed * use.weakest().value() / old;
        return new Use(
                use.target(),
                use.status(),
                own(changed),
                own(strongest),
                own(weakest),
                use.tooStrong(),
                use.intervalDays(),
                use.harvestWaitDays(),
                use.harvestWaitApartDays(),
                use.why(),
                use.words(),
                use.rules().times(old == 0 ? 1 : changed / old));
    }

    /** The same with parts that the method didn't have. */
    public MethodEdits with(List<AddedPart> more) {
        return new MethodEdits(id, title, school, amounts, windows, strengths, more);
    }

    /** What reads alike is alike: a number that was only shown rounded wasn't changed. */
    private static boolean same(double one, double other) {
        return AmountText.number(one).equals(AmountText.number(other));
    }

    private static Stated own(double value) {
        return new Stated(value, Mark.OWN_BATCHES, "");
    }
}
