package potmellow.app.mix;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.FindingView;
import potmellow.app.answer.WorkingView;
import potmellow.core.book.Caution.Moment;
import potmellow.core.book.UseRules;
import potmellow.core.feeding.Climb;
import potmellow.core.feeding.HarvestWait;
import potmellow.core.feeding.Inherited;
import potmellow.core.feeding.Mix;
import potmellow.core.feeding.StrengthAdvice;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.strength.Dress;
import potmellow.core.strength.Ratio;

/**
 * A mix as the screen shows it.
 *
 * @param target where it goes, in words
 * @param brews what goes into the water, in the order asked
 * @param need the finished mix needed
 * @param area the ground it covers
 * @param fillings the fillings, full ones first
 * @param count how many fillings in all
 * @param countWorking how that was reached
 * @param makes what the first bottle makes at this strength
 * @param findings every rule looked at
 * @param refused whether a rule stands in the way
 * @param inherited what the tank inherits from the strictest of its brews
 * @param ceilings what is in the can at most
 * @param words what to watch for
 * @param cautions dangers of feeding
 */
record MixView(
        String target,
        List<MixBrewView> brews,
        Answer need,
        Answer area,
        List<LoadView> fillings,
        int count,
        WorkingView countWorking,
        Answer makes,
        List<FindingView> findings,
        boolean refused,
        List<InheritedView> inherited,
        List<Ceilings.CeilingView> ceilings,
        List<String> words,
        List<CautionView> cautions) {

    static MixView of(Mix mix, MixRequest request, List<Ceilings.CeilingView> ceilings, UnitSystem units) {
        return new MixView(
                mix.target().words(),
                mix.brews().stream().map(brew -> MixBrewView.of(brew, units)).toList(),
                Answer.volume(mix.need(), units),
                Answer.area(mix.covers(), units),
                mix.loads().stream()
                        .map(filling -> LoadView.of(filling, mix, units))
                        .toList(),
                mix.count().value(),
                WorkingView.of(mix.count()),
                Answer.volume(mix.makes(), units),
                FindingView.of(mix.findings()),
                !mix.refusals().isEmpty(),
                inherited(mix.inherited()),
                ceilings,
                mix.brews().stream()
                        .flatMap(brew -> brew.dose().use().words().stream())
                        .distinct()
                        .toList(),
                mix.brews().stream()
                        .flatMap(brew -> brew.dose().product().stream())
                        .flatMap(product -> product.cautions(Moment.FEEDING).stream())
                        .distinct()
                        .map(caution -> CautionView.of(List.of(caution)))
                        .flatMap(List::stream)
                        .toList());
    }

    private static List<InheritedView> inherited(Inherited inherited) {
        List<InheritedView> all = new ArrayList<>();
        double days = inherited.intervalDays().value();
        if (days > 0) {
            all.add(new InheritedView(
                    "Again in " + AmountText.number(days) + " days", WorkingView.of(inherited.intervalDays())));
        }
        double wait = inherited.waitDays().value();
        all.add(new InheritedView(HarvestWait.words(wait), WorkingView.of(inherited.waitDays())));
        inherited
                .hours()
                .ifPresent(hours -> all.add(new InheritedView(
                        "Within " + AmountText.number(hours.value()) + (hours.value() == 1 ? " hour" : " hours"),
                        WorkingView.of(hours))));
        return all;
    }

    static List<DressView> dresses(Ratio ratio) {
        return Stream.of(Dress.values())
                .map(dress ->
                        new DressView(dress, dress.text(ratio), dress.per(), WorkingView.of(dress.working(ratio))))
                .toList();
    }

    record StrengthView(double water, String text, String words, WorkingView working) {}

    /** Something that the whole tank inherits. */
    record InheritedView(String text, WorkingView working) {}

    /**
     * One brew of a mix.
     *
     * @param name what it is
     * @param strength how strong
     * @param span the safe span, for the dial
     * @param rungs the ladder, the weakest first; empty where there is none
     * @param dresses the same strength in everybody's words
     * @param amount all of it
     */
    record MixBrewView(
            String name,
            StrengthView strength,
            SpanView span,
            List<RungView> rungs,
            List<DressView> dresses,
            Answer amount) {
        static MixBrewView of(Mix.Brew brew, UnitSystem units) {
            Ratio ratio = brew.strength().value();
            StrengthAdvice advice = brew.dose().advice();
            return new MixBrewView(
                    brew.dose().name(),
                    new StrengthView(
                            ratio.water(),
                            ratio.text(),
                            brew.dose().use().target().words(),
                            WorkingView.of(brew.strength())),
                    SpanView.of(advice),
                    rungs(advice),
                    MixView.dresses(ratio),
                    Answer.dose(brew.amount(), units));
        }

        private static List<RungView> rungs(StrengthAdvice advice) {
            Optional<Climb> climb = advice.climb();
            List<UseRules.Rung> rungs = advice.rungs();
            List<RungView> views = new ArrayList<>();
            for (int i = 0; i < rungs.size(); i++) {
                int rung = i;
                views.add(new RungView(
                        rungs.get(i).value(),
                        rungs.get(i).ratio().text(),
                        rungs.get(i).words(),
                        climb.filter(stand -> stand.stand().rung() == rung).isPresent()));
            }
            return views;
        }
    }

    /**
     * A rung of a ladder.
     *
     * @param here whether the planting stands on it
     */
    record RungView(double water, String text, String words, boolean here) {}

    /** Parts of water to one of brew. */
    record SpanView(double strongest, double usual, double weakest, String text) {
        static SpanView of(StrengthAdvice advice) {
            return new SpanView(
                    advice.strongest().water(),
                    advice.strength().value().water(),
                    advice.weakest().water(),
                    advice.strongest().text() + " to " + advice.weakest().text());
        }
    }

    /**
     * Fillings that are alike.
     *
     * @param mixShare how full the can is
     * @param brewShare how much of it is brew
     * @param brews each brew of one filling
     */
    record LoadView(int count, String mix, double mixShare, double brewShare, List<LoadBrewView> brews, Answer water) {
        static LoadView of(Mix.Filling filling, Mix mix, UnitSystem units) {
            double most = mix.loads().stream()
                    .mapToDouble(load -> load.mix().millilitres())
                    .max()
                    .orElseThrow();
            List<LoadBrewView> brews = new ArrayList<>();
            double all = 0;
            for (int i = 0; i < filling.brews().size(); i++) {
                MeasuredVolume brew = filling.brews().get(i).value();
                all += brew.exact().millilitres();
                brews.add(LoadBrewView.of(
                        mix.brews().get(i).dose().name(),
                        brew,
                        WorkingView.of(filling.brews().get(i)),
                        units));
            }
            return new LoadView(
                    filling.count(),
                    AmountText.volume(filling.mix(), units),
                    filling.mix().millilitres() / most,
                    all / filling.mix().millilitres(),
                    brews,
                    Answer.volume(filling.water(), units));
        }
    }

    /**
     * One brew of a filling.
     *
     * @param first what must be mixed before, to be followed by the text; empty where nothing must
     * @param text what to take, in the garden's units
     * @param onTool the same as it is read off the tool
     * @param tool what it is measured with
     * @param deviation how far measuring is off; empty up to 2 %
     */
    record LoadBrewView(
            String name, String first, String text, String onTool, String tool, String deviation, WorkingView working) {
        static LoadBrewView of(String name, MeasuredVolume brew, WorkingView working, UnitSystem units) {
            double off = brew.deviation();
            return new LoadBrewView(
                    name,
                    brew.first(name.toLowerCase(Locale.ROOT)),
                    brew.dose(units),
                    brew.onTool(),
                    brew.tool().words(),
                    Math.abs(off) > MeasuredVolume.WORTH_TELLING
                            ? (off > 0 ? "+" : "−") + AmountText.percent(Math.abs(off))
                            : "",
                    working);
        }
    }

    /**
     * A strength in somebody's words.
     *
     * @param dress which words; each stands once in a list
     */
    record DressView(Dress dress, String text, String per, WorkingView working) {}
}
