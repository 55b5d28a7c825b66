package potmellow.app.mix;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.DayText;
import potmellow.app.answer.FindingView;
import potmellow.app.answer.WorkingView;
import potmellow.core.book.Caution.Moment;
import potmellow.core.book.UseRules;
import potmellow.core.feeding.Brew;
import potmellow.core.feeding.Can;
import potmellow.core.feeding.Climb;
import potmellow.core.feeding.Conditions;
import potmellow.core.feeding.GoodHours;
import potmellow.core.feeding.HarvestWait;
import potmellow.core.feeding.InStore;
import potmellow.core.feeding.Inherited;
import potmellow.core.feeding.Judged;
import potmellow.core.feeding.Mix;
import potmellow.core.feeding.Recipient;
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
 * @param findings every rule looked at that is about the water, or the same for all that get it
 * @param plantings what is to be said of each planting, where there are several
 * @param refused whether a rule stands in the way
 * @param tooShort what can be done about a bottle that holds too little; absent where all hold enough
 * @param hour the moment that it is mixed for
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
        List<MixPlantingView> plantings,
        boolean refused,
        Optional<ShortView> tooShort,
        HourView hour,
        List<InheritedView> inherited,
        List<Ceilings.CeilingView> ceilings,
        List<String> words,
        List<CautionView> cautions) {

    static MixView of(
            MixService.Table table, MixRequest request, List<Ceilings.CeilingView> ceilings, UnitSystem units) {
        Mix mix = table.mix();
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
                FindingView.of(mix.common()),
                MixPlantingView.of(mix.can()),
                !mix.refusals().isEmpty(),
                ShortView.of(table, request, units),
                HourView.of(table),
                inherited(mix.inherited()),
                ceilings,
                mix.brews().stream()
                        .flatMap(brew -> brew.portion().use().words().stream())
                        .distinct()
                        .toList(),
                mix.brews().stream()
                        .flatMap(brew -> brew.portion().brew().brewed().stream())
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
     * @param id what tells it from any other brew on any screen
     * @param name what it is
     * @param strength how strong
     * @param span the safe span, for the dial
     * @param rungs the ladder, the weakest first; empty where there is none
     * @param dresses the same strength in everybody's words
     * @param amount all of it
     */
    record MixBrewView(
            String id,
            String name,
            StrengthView strength,
            SpanView span,
            List<RungView> rungs,
            List<DressView> dresses,
            Answer amount) {
        static MixBrewView of(Mix.Drawn brew, UnitSystem units) {
            Ratio ratio = brew.strength().value();
            StrengthAdvice advice = brew.portion().advice();
            return new MixBrewView(
                    id(brew.portion().brew()),
                    brew.name(),
                    new StrengthView(
                            ratio.water(),
                            ratio.text(),
                            brew.portion().use().target().words(),
                            WorkingView.of(brew.strength())),
                    SpanView.of(advice),
                    rungs(advice),
                    MixView.dresses(ratio),
                    Answer.dose(brew.amount(), units));
        }

        private static String id(Brew brew) {
            return brew.bottles().isEmpty()
                    ? brew.label()
                    : brew.bottles().stream().map(InStore::code).collect(Collectors.joining("+"));
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
                        mix.brews().get(i).name(),
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

    /**
     * What is to be said of one planting among several.
     *
     * @param alone how strong it would get it alone, where that is another strength; empty where it isn't
     * @param refused whether a rule stands in the way for this one
     * @param leaveOut whether the others may have it once this one is left out
     */
    record MixPlantingView(
            UUID plantingId, String name, List<FindingView> findings, String alone, boolean refused, boolean leaveOut) {
        static List<MixPlantingView> of(Can can) {
            return can.recipients().size() < 2
                    ? List.of()
                    : can.judged().stream()
                            .map(judged -> of(can, judged.dose().recipient().orElseThrow(), judged))
                            .toList();
        }

        private static MixPlantingView of(Can can, Recipient recipient, Judged judged) {
            return new MixPlantingView(
                    UUID.fromString(recipient.id()),
                    recipient.name(),
                    FindingView.of(can.of(recipient)),
                    alone(judged),
                    judged.refused(),
                    can.toLeaveOut().contains(recipient));
        }

        private static String alone(Judged judged) {
            return judged.dose().portions().stream()
                    .filter(portion -> !portion.advice().strength().value().equals(portion.strength()))
                    .map(portion -> (judged.dose().portions().size() > 1 ? portion.name() + " " : "")
                            + portion.advice().strength().value().text())
                    .collect(Collectors.joining(", "));
        }
    }

    /**
     * A bottle that holds too little.
     *
     * @param brew which brew of the mix, from 0
     * @param makes the mix that can be made of it, as it would be typed
     * @param rests bottles from which the rest can come
     */
    record ShortView(int brew, String makes, List<RestView> rests) {
        static Optional<ShortView> of(MixService.Table table, MixRequest request, UnitSystem units) {
            List<Mix.Drawn> brews = table.mix().brews();
            return IntStream.range(0, brews.size())
                    .filter(i -> brews.get(i).missing().millilitres() > 0)
                    .mapToObj(i -> new ShortView(
                            i,
                            AmountText.volume(
                                    brews.get(i).gives(table.mix().need().value()), units),
                            rests(table, brews.get(i), request, units)))
                    .findFirst();
        }

        /** Only one bottle can fill another up; where two are short already, less is mixed. */
        private static List<RestView> rests(
                MixService.Table table, Mix.Drawn brew, MixRequest request, UnitSystem units) {
            if (brew.portion().brew().bottles().size() != 1) {
                return List.of();
            }
            return Store.toPour(table.shelf(), table.now().now()).stream()
                    .filter(other -> Optional.of(other.product())
                            .equals(brew.portion().brew().brewed()))
                    .filter(other -> other.stock().left().asGoodAs(brew.missing()))
                    .filter(other -> request.brews().stream()
                            .noneMatch(wish -> wish.bottleId()
                                    .equals(Optional.of(table.bottle(other).id()))))
                    .map(other -> new RestView(
                            table.bottle(other).id(),
                            other.code(),
                            AmountText.volume(other.stock().left(), units)))
                    .toList();
        }
    }

    /** A bottle that the rest can come from. */
    record RestView(UUID bottleId, String code, String level) {}

    /**
     * The moment that a mix is for.
     *
     * @param at when
     * @param words such as "tomorrow 8:10"
     * @param ahead whether that is still to come, so that it can't be poured yet
     * @param choices the moments that can be chosen
     * @param next the next good hour; absent where this is one, or where more than the hour is in the way
     */
    record HourView(Instant at, String words, boolean ahead, List<ChoiceView> choices, Optional<ChoiceView> next) {
        static HourView of(MixService.Table table) {
            Conditions hour = table.hour();
            Conditions now = table.now();
            Optional<Instant> next = table.mix().can().timely()
                    ? Optional.empty()
                    : GoodHours.next(table.mix().can(), hour);
            return new HourView(
                    hour.now(),
                    words(hour.now(), now),
                    hour.now().isAfter(now.now()),
                    GoodHours.choices(now).stream()
                            .map(choice -> new ChoiceView(choice.words(), choice.at(), words(choice.at(), now)))
                            .toList(),
                    next.map(at -> new ChoiceView("next good hour", at, words(at, now))));
        }

        private static String words(Instant moment, Conditions now) {
            return DayText.clock(moment, now.now(), now.wall());
        }
    }

    /** A moment that can be chosen. */
    record ChoiceView(String name, Instant at, String words) {}
}
