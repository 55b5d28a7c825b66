package potmellow.core.book;

import java.util.List;
import java.util.Map;
import potmellow.core.craft.Stated;
import potmellow.core.craft.StatedRange;
import potmellow.core.measure.AmountText;
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
 */
public record MethodEdits(
        String id,
        String title,
        String school,
        Map<String, Double> amounts,
        Map<String, Days> windows,
        Map<Target, Double> strengths) {
    public MethodEdits {
        amounts = Map.copyOf(amounts);
        windows = Map.copyOf(windows);
        strengths = Map.copyOf(strengths);
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
        Method method = from.method();
        Product product = from.product();
        Method own = new Method(
                id,
                method.family(),
                id,
                List.of(),
                title,
                new School(school, method.school().does(), method.school().costs()),
                method.parts().stream().map(this::part).toList(),
                method.makes(),
                method.batch(),
                method.vessel(),
                method.place(),
                method.stages().stream().map(this::stage).toList(),
                method.steps(),
                method.slips(),
                method.claims(),
                method.saidMoisture(),
                method.cautions());
        Product made = new Product(
                id,
                product.name(),
                product.solid(),
                product.densityKilogramsPerLitre(),
                product.keeps(),
                product.bottleFillShare(),
                product.uses().stream().map(this::use).toList(),
                product.leanings(),
                product.cautions(),
                product.nature());
        return MethodFile.of(own, made);
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

    /** What reads alike is alike: a number that was only shown rounded wasn't changed. */
    private static boolean same(double one, double other) {
        return AmountText.number(one).equals(AmountText.number(other));
    }

    private static Stated own(double value) {
        return new Stated(value, Mark.OWN_BATCHES, "");
    }
}
