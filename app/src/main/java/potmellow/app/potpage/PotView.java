package potmellow.app.potpage;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.WorkingView;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleView;
import potmellow.app.pot.Batch;
import potmellow.app.pot.Pot;
import potmellow.app.pot.TakeBackService;
import potmellow.core.balance.Sugared;
import potmellow.core.book.Caution.Moment;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Room;
import potmellow.core.book.Stage;
import potmellow.core.craft.Act;
import potmellow.core.craft.Clock;
import potmellow.core.judgement.Straining;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.meter.Meter;
import potmellow.core.moment.Past;
import potmellow.core.pot.LastAct;
import potmellow.core.pot.State;
import potmellow.core.strength.AgeRule;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Lid;
import potmellow.core.working.Working;

/**
 * One pot with all that is known and to be done.
 *
 * @param summary the pot as on the time axis
 * @param methodId how it is made
 * @param vesselId what it stands in
 * @param state what is recorded of it
 * @param ended why it ended; empty while it works
 * @param endedAt when it ended; absent while it works
 * @param contents what is in it, each part with its amount
 * @param since since when it may stand, where nobody knows to the day; empty where that is known
 * @param origin where a collection came from; empty where nobody said
 * @param decisions what was decided against advice
 * @param capacity the size of its vessel
 * @param lid its lid
 * @param lids every lid that it could have
 * @param capShare share of the vessel that a cap took
 * @param neededShare share of the vessel that must stay empty
 * @param standing how high it stands, with how it was reached
 * @param stageName the stage it is in
 * @param exit how this stage ends
 * @param care what is done how often, in words
 * @param due each kind of care and when it comes round, what is due first on top
 * @param tasks what it wants from hands today
 * @param usualAct what a visit usually does
 * @param acts what may be done to it
 * @param senses what is asked on a visit
 * @param meters what may be read on a visit
 * @param verdict the verdict
 * @param sums what is worked out from its readings and visits
 * @param chart its readings against their limits
 * @param log all entries, newest first
 * @param dangers what can burst, burn or sicken now, the most pressing first
 * @param cautions what to beware of while it works
 * @param bottling what is needed to strain it
 * @param toppedUp whether it is drawn from and topped up
 * @param line what it was made from, and what was made from it
 * @param drains what drains off it and is used for itself; absent where nothing does
 * @param takeBack what was done last and can be taken back; absent where nothing was
 */
record PotView(
        PotSummary summary,
        String methodId,
        UUID vesselId,
        State.Kind state,
        String ended,
        Optional<Instant> endedAt,
        List<String> contents,
        String since,
        String origin,
        List<String> decisions,
        String capacity,
        String lid,
        List<LidView> lids,
        double capShare,
        double neededShare,
        WorkingView standing,
        String stageName,
        Stage.Exit exit,
        String care,
        List<DueView> due,
        List<TaskView> tasks,
        Act usualAct,
        List<ActView> acts,
        List<SenseView> senses,
        List<MeterView> meters,
        VerdictView verdict,
        List<SumView> sums,
        PotChart chart,
        List<LogEntry> log,
        List<DangerView> dangers,
        List<CautionView> cautions,
        Bottling bottling,
        boolean toppedUp,
        FamilyLine line,
        Optional<DrainView> drains,
        Optional<TakeBackView> takeBack) {

    static PotView of(
            Pot pot,
            List<String> decisions,
            Map<UUID, String> places,
            List<Meter> standIns,
            FamilyLine line,
            Optional<TakeBackService.Undoable> last) {
        UnitSystem units = pot.garden().units();
        Batch batch = pot.batch();
        Filling filling = pot.is().filling().value();
        return new PotView(
                PotSummary.of(pot),
                batch.methodId(),
                batch.vesselId(),
                batch.state().kind(),
                batch.isWorking() ? "" : batch.state().reason(),
                batch.isWorking() ? Optional.empty() : Optional.of(batch.state().since()),
                contents(pot, units),
                pot.making().dated()
                        ? ""
                        : new Past(batch.oldestAt(), batch.setAt())
                                .words(pot.garden().wall()),
                batch.origin(),
                decisions,
                AmountText.volume(pot.vessel().capacity(), units),
                batch.lid().words(),
                Stream.of(Lid.values())
                        .map(one -> new LidView(one, one.words()))
                        .toList(),
                filling.capShare(),
                neededShare(pot),
                WorkingView.of(pot.is().filling()),
                pot.stage().name(),
                pot.stage().exit(),
                pot.stage().careWords(),
                pot.is().assessment().care().stream()
                        .map(due ->
                                new DueView(due.act(), due.words(), due.at(), due.last(), due.missed(), due.sentence()))
                        .toList(),
                TaskView.of(pot),
                pot.stage().usualAct(),
                Act.of(pot.method().family()).stream()
                        .map(act -> new ActView(act, act.words()))
                        .toList(),
                senses(pot),
                Stream.of(Meter.values())
                        .filter(meter -> meter != Meter.OXYGEN || pot.stage().clock() == Clock.CHOSEN)
                        .map(meter -> new MeterView(meter, meter.words(), meter.unit(), standIns.contains(meter)))
                        .toList(),
                verdict(pot),
                sums(pot),
                PotChart.of(pot),
                PotLog.of(pot, places),
                DangerView.of(pot),
                cautions(pot.method(), pot.product()),
                bottling(pot, pot.product()),
                pot.method().toppedUp(),
                line,
                pot.is()
                        .drains()
                        .map(product -> new DrainView(
                                product.name(),
                                product.find(Target.SOIL)
                                        .map(use -> use.usualRatio().text())
                                        .orElse(""),
                                product.shortestKeep().words())),
                last.map(act -> TakeBackView.of(act, pot)));
    }

    private static List<String> contents(Pot pot, UnitSystem units) {
        return pot.is().pot().contents().parts().stream()
                .map(part -> (pot.making().dated() ? "" : "about ")
                        + part.amount().text(units) + " of "
                        + pot.book().material(part.materialId()).orElseThrow().name()
                        + (pot.method()
                                        .part(part.partId())
                                        .filter(told -> told.room() == Room.CAP)
                                        .isPresent()
                                ? " as a cap"
                                : ""))
                .toList();
    }

    private static List<CautionView> cautions(Method method, Product product) {
        return CautionView.of(Stream.concat(
                        product.cautions(Moment.WORKING).stream(),
                        method.cautions().stream().filter(caution -> caution.at() == Moment.WORKING))
                .toList());
    }

    private static double neededShare(Pot pot) {
        return 1 - pot.method().vessel().fillShare(pot.vessel());
    }

    private static List<SenseView> senses(Pot pot) {
        return pot.book().signs().senses(pot.method(), pot.batch().lid()).stream()
                .map(sense -> new SenseView(
                        sense.sense(),
                        sense.question(),
                        sense.signs().stream()
                                .map(sign -> new SignView(sign.id(), sign.words()))
                                .toList()))
                .toList();
    }

    private static VerdictView verdict(Pot pot) {
        Verdict verdict = pot.verdict().value();
        return new VerdictView(
                verdict.kind(),
                verdict.headline(),
                verdict.reasons(),
                verdict.advice(),
                verdict.limits(),
                verdict.disposal(),
                verdict.rescuable(),
                WorkingView.of(pot.verdict()));
    }

    private static List<SumView> sums(Pot pot) {
        Stream<SumView> heat = pot.is().assessment().heat().stream()
                .map(working -> new SumView("Heap heat", working.value().sentence(), WorkingView.of(working)));
        Stream<SumView> conversion = pot.is().assessment().conversion().stream()
                .map(working -> new SumView(
                        "Shells dissolved",
                        AmountText.percent(working.value().least()) + " to "
                                + AmountText.percent(working.value().most())
                                + " of the vinegar is used up; at least "
                                + AmountText.number(working.value().calciumGramsPerLitre())
                                + " g of calcium in a litre.",
                        WorkingView.of(working)));
        Stream<SumView> age = pot.is().assessment().age().stream()
                .map(working -> age(working, pot.making().dated()));
        Stream<SumView> left = Stream.of(pot.is().level())
                .filter(level -> level.value().missing().compareTo(Straining.LEAST_JUICE) >= 0)
                .map(level -> new SumView(
                        "What is left in it",
                        AmountText.volume(level.value().standing(), pot.garden().units()) + " of "
                                + AmountText.volume(
                                        level.value().full(), pot.garden().units())
                                + ": the rest was drawn and not filled in again.",
                        WorkingView.of(level)));
        return Stream.of(heat, conversion, age, left).flatMap(sums -> sums).toList();
    }

    private static SumView age(Working<Double> age, boolean dated) {
        var strength = AgeRule.at(age.value());
        Working<Double> both = new Working<>(
                age.value(),
                Stream.concat(age.steps().stream(), strength.steps().stream()).toList());
        return new SumView(
                "Age of what is in it",
                (dated ? "" : "Nobody knows exactly; it may be ") + AmountText.number(age.value(), 0)
                        + " days, so on soil about 1:"
                        + AmountText.number(strength.value().water(), 0) + ".",
                WorkingView.of(both));
    }

    private static Bottling bottling(Pot pot, Product product) {
        UnitSystem units = pot.garden().units();
        Working<Volume> expected = pot.is().room();
        Working<Volume> most = pot.is().most();
        Answer expectedAnswer = Answer.volume(expected, units);
        Answer mostAnswer = Answer.volume(most, units);
        return new Bottling(
                product.solid(),
                told(expectedAnswer, product, expected.value(), units),
                told(mostAnswer, product, most.value(), units),
                Answer.volume(Straining.bottleFor(expected.value(), product, units), units),
                product.keeps().stream()
                        .map(keep -> new KeepView(
                                keep.id(),
                                keep.words(),
                                keep.lengthWords(),
                                keep.stated().evidence().words(),
                                Sugared.of(product, keep, expected.value(), units)
                                        .map(sugared -> BottleView.SugarView.of(sugared, product, units))))
                        .toList(),
                CautionView.of(product.cautions(Moment.BOTTLING)),
                !product.uses().isEmpty());
    }

    /** Solid brews are told by weight. */
    private static Answer told(Answer answer, Product product, Volume amount, UnitSystem units) {
        return new Answer(
                answer.value(),
                answer.unit(),
                product.text(amount, units),
                product.text(amount, units.other()),
                answer.working());
    }

    /**
     * What drains off a pot.
     *
     * @param name what it is
     * @param strength how strong it goes on soil
     * @param keeps how long it is used
     */
    record DrainView(String name, String strength, String keeps) {}

    /**
     * What can be taken back.
     *
     * @param words what was done, a sentence
     * @param act what taking it back does, for the button
     * @param wantsReason whether it is so long ago that a reason is asked for
     */
    record TakeBackView(LastAct.Kind kind, Instant at, String words, String act, boolean wantsReason) {
        static TakeBackView of(TakeBackService.Undoable last, Pot pot) {
            LastAct act = last.act();
            String codes = last.bottles().stream().map(Bottle::code).collect(Collectors.joining(", "));
            String code = pot.vessel().code();
            return new TakeBackView(
                    act.kind(),
                    act.at(),
                    switch (act.kind()) {
                        case ENDED ->
                            codes.isEmpty() ? code + " was emptied." : code + " was emptied into " + codes + ".";
                        case DRAWN -> codes + " was drawn from it.";
                        case WENT_ON -> "It went on to its next stage.";
                        case SPLIT_OFF -> "It was split off into " + code + ".";
                    },
                    switch (act.kind()) {
                        case ENDED -> codes.isEmpty() ? "It still stands in " + code : "Put it back into " + code;
                        case DRAWN -> "Put " + codes + " back";
                        case WENT_ON -> "It is still in the stage before";
                        case SPLIT_OFF -> "Pour it together again";
                    },
                    act.wantsReason(pot.now()));
        }
    }

    record LidView(Lid id, String words) {}

    record SenseView(String sense, String question, List<SignView> signs) {}

    record SignView(String id, String words) {}

    /** @param words what was done, such as "stirred" */
    record ActView(Act act, String words) {}

    /** @param standIn whether a simulated instrument can be read for it */
    record MeterView(Meter meter, String words, String unit, boolean standIn) {}

    /**
     * @param words the rhythm in words
     * @param at when it is due
     * @param last when it was last done
     * @param missed how many whole turns have passed since
     * @param sentence what is to be said of that; may be empty
     */
    record DueView(Act act, String words, Instant at, Optional<Instant> last, int missed, String sentence) {}

    /**
     * Something worked out from readings and visits.
     *
     * @param title what it is
     * @param words the answer, a sentence
     */
    record SumView(String title, String words, WorkingView working) {}

    record VerdictView(
            Verdict.Kind kind,
            String headline,
            List<String> reasons,
            List<String> advice,
            List<String> limits,
            Optional<String> disposal,
            boolean rescuable,
            WorkingView working) {}

    /**
     * @param kind what kind of entry
     * @param words what was sensed, read and noted
     * @param signs the same as data, to correct it from
     * @param struck whether it no longer counts
     * @param correction whether it stands in for another
     * @param strikable whether it can be struck
     */
    record LogEntry(
            UUID id,
            Kind kind,
            Instant at,
            String act,
            List<String> words,
            Map<String, String> signs,
            boolean struck,
            boolean correction,
            boolean strikable) {
        /** Kinds of entries. */
        enum Kind {
            VISIT,
            READING,
            MOVE
        }
    }

    /**
     * @param solid whether it is weighed rather than poured
     * @param expected usual yield, as a first guess of the volume
     * @param most the most that can be believed
     * @param bottle the smallest bottle for the expected volume
     * @param poured whether plants drink it, rather than that it is made into other brews
     */
    record Bottling(
            boolean solid,
            Answer expected,
            Answer most,
            Answer bottle,
            List<KeepView> keeps,
            List<CautionView> cautions,
            boolean poured) {}

    /** @param sugar what is stirred in and what that comes to, for what usually comes out; absent where nothing is */
    record KeepView(String id, String words, String days, String markWords, Optional<BottleView.SugarView> sugar) {}
}
