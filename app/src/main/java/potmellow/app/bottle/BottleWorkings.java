package potmellow.app.bottle;

import java.time.LocalDate;
import java.util.List;
import potmellow.app.answer.DayText;
import potmellow.app.answer.WorkingView;
import potmellow.app.garden.Garden;
import potmellow.core.book.Product;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** How a bottle's numbers came about: its level from its ledger, its last day from how it is kept. */
final class BottleWorkings {
    private BottleWorkings() {}

    static WorkingView level(Bottle bottle, List<BottleEntry> ledger, Garden garden) {
        List<Step> steps = ledger.stream().map(entry -> step(entry, garden)).toList();
        Step sum = Step.of(
                "What is left is the sum of the bottle's ledger.",
                AmountText.volume(bottle.level(), garden.units()),
                Evidence.exact());
        return WorkingView.of(new Working<>(bottle.level(), steps).then(bottle.level(), sum));
    }

    private static Step step(BottleEntry entry, Garden garden) {
        boolean more = entry.changeMillilitres() > 0;
        String amount = AmountText.volume(Volume.ofMillilitres(Math.abs(entry.changeMillilitres())), garden.units());
        String why = entry.reason().isEmpty() ? "" : ": " + entry.reason();
        return Step.of(
                entry.kind().words() + " on " + DayText.withYear(garden.day(entry.at())) + why + ".",
                (more ? "+" : "−") + amount,
                Evidence.exact());
    }

    static WorkingView useBy(Bottle bottle, Product product, Garden garden) {
        Product.Keep keep = product.keep(bottle.keepId());
        Step step = Step.of(
                "Last day = the day it was strained + how long it keeps " + keep.words() + ".",
                DayText.withYear(keep.lastDay(garden.day(bottle.bottledAt()))),
                keep.stated().evidence(),
                "strained",
                DayText.withYear(garden.day(bottle.bottledAt())),
                "keeps",
                keep.lengthWords());
        Working<LocalDate> told = Working.of(bottle.useBy(), step);
        return WorkingView.of(
                keep.lastDay(garden.day(bottle.bottledAt())).equals(bottle.useBy())
                        ? told
                        : told.then(
                                bottle.useBy(),
                                Step.of(
                                        "You looked at it after that and kept it on.",
                                        DayText.withYear(bottle.useBy()),
                                        Evidence.exact())));
    }
}
