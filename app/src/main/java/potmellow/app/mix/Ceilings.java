package potmellow.app.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.answer.WorkingView;
import potmellow.app.bottle.Bottle;
import potmellow.app.garden.Garden;
import potmellow.app.pot.BrewFacts;
import potmellow.app.pot.BrewFacts.Brewed;
import potmellow.core.book.Nature.Kind;
import potmellow.core.feeding.Mix;
import potmellow.core.feeding.Portion;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Working;
import potmellow.core.workings.CanCeiling;
import potmellow.core.workings.ShellCalcium;

/** What is in the can at most, of what is known of the pots that its brews came from. */
@Component
class Ceilings {
    private final BrewFacts facts;

    Ceilings(BrewFacts facts) {
        this.facts = facts;
    }

    /** Nitrogen of plants and calcium of shells, for each brew that brings any. */
    List<CeilingView> of(Garden garden, MixService.Table table) {
        Mix mix = table.mix();
        Map<UUID, Brewed> known = facts.of(
                garden,
                table.shelf().book(),
                mix.brews().stream()
                        .flatMap(brew -> brew.portion().brew().bottles().stream())
                        .flatMap(bottle -> table.bottle(bottle).batchId().stream())
                        .distinct()
                        .toList());
        List<CeilingView> ceilings = new ArrayList<>();
        for (int i = 0; i < mix.brews().size(); i++) {
            Portion portion = mix.brews().get(i).portion();
            Ratio share = share(mix, i);
            if (portion.brew().nature().is(Kind.CALCIUM)) {
                ceilings.add(view(portion.name(), "Ca", CanCeiling.calcium(ShellCalcium.atTheEnd(), share)));
            }
            portion.brew().bottles().stream()
                    .limit(1)
                    .map(table::bottle)
                    .forEach(bottle -> bottle.batchId()
                            .map(known::get)
                            .filter(brewed -> brewed.plants().grams() > 0)
                            .ifPresent(brewed -> ceilings.add(view(
                                    portion.name(),
                                    "N",
                                    CanCeiling.nitrogen(
                                            brewed.plants(),
                                            brewed.dryShare(),
                                            brewed.nitrogenShare(),
                                            brewOf(table.shelf(), bottle),
                                            share)))));
        }
        return ceilings;
    }

    /** The share of one brew in the whole tank, as a ratio. */
    private static Ratio share(Mix mix, int index) {
        Mix.Filling first = mix.loads().get(0);
        double brew = first.brews().get(index).value().exact().millilitres();
        return Ratio.oneIn(Math.max(1, first.mix().millilitres() / brew));
    }

    /** All brew of its pot that is in bottles: at least what is in this one, whatever becomes of the others meanwhile. */
    private static Volume brewOf(Store.Shelf shelf, Bottle bottle) {
        double all = shelf.bottles().values().stream()
                .filter(one -> one.batchId().equals(bottle.batchId()))
                .mapToDouble(one -> one.filled().millilitres())
                .sum();
        return Volume.ofMillilitres(Math.max(all, bottle.filled().millilitres()));
    }

    private static CeilingView view(String name, String of, Working<Double> working) {
        return new CeilingView(
                name, of, "at most " + AmountText.number(working.value()) + " mg/L " + of, WorkingView.of(working));
    }

    /**
     * A ceiling.
     *
     * @param name the brew that brings it
     * @param of what it is of
     * @param text such as "at most 12 mg/L N"
     */
    record CeilingView(String name, String of, String text, WorkingView working) {}
}
