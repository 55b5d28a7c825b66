package potmellow.app.batch;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import potmellow.app.answer.Answer;
import potmellow.app.answer.CautionView;
import potmellow.app.answer.WorkingView;
import potmellow.core.book.Act;
import potmellow.core.book.Book;
import potmellow.core.book.Caution.Moment;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.judgement.Straining;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Filling;
import potmellow.core.working.Working;

/**
 * One pot with all that is known and to be done.
 *
 * @param summary the pot as on the time axis
 * @param state what is recorded of it
 * @param ended why it ended; empty while it works
 * @param contents what went in, each part with its amount
 * @param decisions what was decided against advice when it was set
 * @param capacity the size of its vessel
 * @param lid its lid
 * @param capShare share of the vessel that a cap took
 * @param neededShare share of the vessel that must stay empty
 * @param standing how high it stands, with how it was reached
 * @param stageName the stage it is in
 * @param exit how this stage ends
 * @param care what is done how often
 * @param usualAct what a visit usually does
 * @param acts what may be done to it
 * @param senses what is asked on a visit
 * @param verdict the verdict
 * @param log all entries, newest first
 * @param dangers dangers while it works
 * @param bottling what is needed to strain it
 */
record PotView(
        PotSummary summary,
        Batch.State.Kind state,
        String ended,
        List<String> contents,
        List<String> decisions,
        String capacity,
        String lid,
        double capShare,
        double neededShare,
        WorkingView standing,
        String stageName,
        Stage.Exit exit,
        String care,
        Act usualAct,
        List<Act> acts,
        List<SenseView> senses,
        VerdictView verdict,
        List<LogEntry> log,
        List<CautionView> dangers,
        Bottling bottling) {

    static PotView of(Pot pot, Book book, List<String> decisions) {
        UnitSystem units = pot.garden().units();
        Batch batch = pot.batch();
        Filling filling = pot.filling().value();
        return new PotView(
                PotSummary.of(pot),
                batch.state().kind(),
                batch.isWorking() ? "" : batch.state().reason(),
                contents(batch, book, units),
                decisions,
                AmountText.volume(pot.vessel().capacity(), units),
                batch.lid().words(),
                filling.capShare(),
                neededShare(pot),
                WorkingView.of(pot.filling()),
                pot.stage().name(),
                pot.stage().exit(),
                pot.stage().care().map(Stage.Care::words).orElse("leave it alone"),
                pot.stage().care().map(Stage.Care::act).orElse(Act.LOOKED),
                Act.of(pot.method().family()),
                senses(pot, book),
                verdict(pot),
                log(pot, book),
                dangers(pot.method(), book.productOf(pot.method())),
                bottling(pot, book.productOf(pot.method())));
    }

    private static List<String> contents(Batch batch, Book book, UnitSystem units) {
        return batch.parts().stream()
                .map(part -> part.amount().text(units) + " of "
                        + book.material(part.materialId()).orElseThrow().name()
                        + (part.partId().equals(Part.CAP) ? " as a cap" : ""))
                .toList();
    }

    private static List<CautionView> dangers(Method method, Product product) {
        return CautionView.of(Stream.concat(
                        product.cautions(Moment.WORKING).stream(),
                        method.cautions().stream().filter(caution -> caution.at() == Moment.WORKING))
                .toList());
    }

    private static double neededShare(Pot pot) {
        return 1
                - pot.method()
                        .vessel()
                        .headroom(pot.vessel().kind())
                        .fillShare(pot.vessel().kind(), pot.vessel().capacity().litres());
    }

    private static List<SenseView> senses(Pot pot, Book book) {
        return book.signs().senses(pot.method().family(), pot.batch().lid()).stream()
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
                verdict.urgent(),
                verdict.advice(),
                verdict.limits(),
                verdict.disposal(),
                WorkingView.of(pot.verdict()));
    }

    private static List<LogEntry> log(Pot pot, Book book) {
        Set<UUID> corrected = new HashSet<>();
        pot.checks().forEach(check -> check.corrects().ifPresent(corrected::add));
        List<LogEntry> log = new ArrayList<>();
        pot.checks().forEach(check -> log.add(entry(pot, book, check, corrected.contains(check.id()))));
        Collections.reverse(log);
        return log;
    }

    private static LogEntry entry(Pot pot, Book book, Check check, boolean struck) {
        Stream<String> sensed = book
                .signs()
                .senses(pot.method().family(), pot.batch().lid())
                .stream()
                .flatMap(sense -> sense.signs().stream()
                        .filter(sign -> sign.id().equals(check.signs().get(sense.sense())))
                        .map(sign -> sense.question().toLowerCase(java.util.Locale.ROOT) + " " + sign.words()));
        Stream<String> warmth = check.warmth().stream()
                .map(reading -> AmountText.temperature(reading, pot.garden().units()));
        Stream<String> note = Stream.of(check.note()).filter(text -> !text.isEmpty());
        return new LogEntry(
                check.id(),
                check.at(),
                check.act().words(),
                Stream.of(sensed, warmth, note).flatMap(words -> words).toList(),
                check.signs(),
                struck,
                check.corrects().isPresent());
    }

    private static Bottling bottling(Pot pot, Product product) {
        UnitSystem units = pot.garden().units();
        Working<Volume> expected = pot.expected(product);
        Working<Volume> most = Straining.mostJuice(pot.filling().value(), units);
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
                                keep.stated().evidence().words()))
                        .toList(),
                CautionView.of(product.cautions(Moment.BOTTLING)));
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

    record SenseView(String sense, String question, List<SignView> signs) {}

    record SignView(String id, String words) {}

    record VerdictView(
            Verdict.Kind kind,
            String headline,
            List<String> reasons,
            List<String> urgent,
            List<String> advice,
            List<String> limits,
            Optional<String> disposal,
            WorkingView working) {}

    /**
     * @param words what was sensed, read and noted
     * @param signs the same as data, to correct it from
     * @param struck whether another entry stands in for it
     * @param correction whether it stands in for another
     */
    record LogEntry(
            UUID id,
            Instant at,
            String act,
            List<String> words,
            Map<String, String> signs,
            boolean struck,
            boolean correction) {}

    /**
     * @param solid whether it is weighed rather than poured
     * @param expected usual yield, as a first guess of the volume
     * @param most the most that can be believed
     * @param bottle the smallest bottle for the expected volume
     */
    record Bottling(
            boolean solid,
            Answer expected,
            Answer most,
            Answer bottle,
            List<KeepView> keeps,
            List<CautionView> cautions) {}

    record KeepView(String id, String words, String days, String markWords) {}
}
