package potmellow.app.mix;

import java.util.List;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.FindingView;
import potmellow.app.answer.WorkingView;
import potmellow.core.book.Caution.Moment;
import potmellow.core.book.Product;
import potmellow.core.feeding.Mix;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.strength.Dress;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Working;

/**
 * A mix as the screen shows it.
 *
 * @param strength the strength
 * @param span the safe span, for the dial
 * @param need the finished mix needed
 * @param area the ground it covers
 * @param brew brew for all fillings
 * @param fillings the fillings, full ones first
 * @param count how many fillings in all
 * @param countWorking how that was reached
 * @param dresses the same strength in everybody's words
 * @param makes what the whole bottle makes at this strength
 * @param findings every rule looked at
 * @param refused whether a rule stands in the way
 * @param words what to watch for
 * @param cautions dangers of feeding
 */
record MixView(
        StrengthView strength,
        SpanView span,
        Answer need,
        Answer area,
        Answer brew,
        List<LoadView> fillings,
        int count,
        WorkingView countWorking,
        List<DressView> dresses,
        Answer makes,
        List<FindingView> findings,
        boolean refused,
        List<String> words,
        List<CautionView> cautions) {

    static MixView of(Mix mix, Product product, UnitSystem units) {
        Working<Ratio> strength = mix.strength();
        return new MixView(
                new StrengthView(
                        strength.value().water(),
                        strength.value().text(),
                        mix.use().target().words(),
                        WorkingView.of(strength)),
                SpanView.of(mix),
                Answer.volume(mix.need(), units),
                Answer.area(mix.covers(), units),
                Answer.volume(mix.brew(), units),
                mix.loads().stream()
                        .map(filling -> LoadView.of(filling, mix, units))
                        .toList(),
                mix.count().value(),
                WorkingView.of(mix.count()),
                dresses(strength.value()),
                Answer.volume(mix.makes(), units),
                FindingView.of(mix.findings()),
                !mix.refusals().isEmpty(),
                mix.use().words(),
                CautionView.of(product.cautions(Moment.FEEDING)));
    }

    private static List<DressView> dresses(Ratio ratio) {
        return List.of(Dress.values()).stream()
                .map(dress -> new DressView(dress.text(ratio), dress.per(), WorkingView.of(dress.working(ratio))))
                .toList();
    }

    record StrengthView(double water, String text, String words, WorkingView working) {}

    /** Parts of water to one of brew. */
    record SpanView(double strongest, double usual, double weakest, String text) {
        static SpanView of(Mix mix) {
            return new SpanView(
                    mix.use().strongest().value(),
                    mix.use().usual().value(),
                    mix.use().weakest().value(),
                    mix.use().strongestRatio().text() + " to "
                            + mix.use().weakestRatio().text());
        }
    }

    /**
     * Fillings that are alike.
     *
     * @param mixShare how full the can is
     * @param brewShare how much of it is brew
     * @param brewText the brew, in the garden's units
     * @param onTool the same as it is read off the tool
     * @param tool what it is measured with
     * @param deviation how far measuring is off; empty up to 2 %
     */
    record LoadView(
            int count,
            String mix,
            double mixShare,
            double brewShare,
            String brewText,
            String onTool,
            String tool,
            String deviation,
            WorkingView brewWorking,
            Answer water) {
        static LoadView of(Mix.Filling filling, Mix mix, UnitSystem units) {
            double most = mix.loads().stream()
                    .mapToDouble(load -> load.mix().millilitres())
                    .max()
                    .orElseThrow();
            MeasuredVolume brew = filling.brew().value();
            double off = brew.deviation();
            return new LoadView(
                    filling.count(),
                    AmountText.volume(filling.mix(), units),
                    filling.mix().millilitres() / most,
                    brew.exact().millilitres() / filling.mix().millilitres(),
                    brewText(brew, units),
                    brew.text(),
                    brew.tool().words(),
                    Math.abs(off) > MeasuredVolume.WORTH_TELLING
                            ? (off > 0 ? "+" : "−") + AmountText.percent(Math.abs(off))
                            : "",
                    WorkingView.of(filling.brew()),
                    Answer.volume(filling.water(), units));
        }

        /** Metric kitchens think in millilitres first, US ones in cups and spoons. What comes from a stock is told so. */
        private static String brewText(MeasuredVolume brew, UnitSystem units) {
            return units == UnitSystem.METRIC && brew.stock() == 1
                    ? AmountText.volume(brew.measured(), units)
                    : brew.text();
        }
    }

    record DressView(String text, String per, WorkingView working) {}
}
