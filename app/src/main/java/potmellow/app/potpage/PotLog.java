package potmellow.app.potpage;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import potmellow.app.pot.Batch;
import potmellow.app.pot.Pot;
import potmellow.app.potpage.PotView.LogEntry;
import potmellow.app.visit.Check;
import potmellow.app.visit.MeterEntry;
import potmellow.core.measure.AmountText;

/** The log of a pot: visits, moves, and readings that came in by themselves, newest first. */
final class PotLog {
    private PotLog() {}

    static List<LogEntry> of(Pot pot, Map<UUID, String> places) {
        Set<UUID> corrected = Check.corrected(pot.checks());
        List<LogEntry> log = new ArrayList<>();
        pot.checks().forEach(check -> log.add(visit(pot, check, corrected.contains(check.id()))));
        pot.readings().stream()
                .filter(entry -> entry.checkId().isEmpty())
                .forEach(entry -> log.add(reading(pot, entry)));
        pot.batch().stays().stream().skip(1).forEach(stay -> log.add(move(pot, stay, places)));
        Collections.reverse(log);
        log.sort(Comparator.comparing(LogEntry::at).reversed());
        return log;
    }

    private static LogEntry visit(Pot pot, Check check, boolean struck) {
        Stream<String> sensed = pot
                .book()
                .signs()
                .senses(pot.method(), pot.batch().lid())
                .stream()
                .flatMap(sense -> sense.signs().stream()
                        .filter(sign -> sign.id().equals(check.signs().get(sense.sense())))
                        .map(sign -> sense.question().toLowerCase(Locale.ROOT) + " " + sign.words()));
        Stream<String> read = pot.readings().stream()
                .filter(entry -> entry.checkId().filter(check.id()::equals).isPresent())
                .map(entry -> text(pot, entry));
        Stream<String> replaced = check.replaced().stream().map(share -> AmountText.percent(share) + " of it replaced");
        Stream<String> by = check.by().stream().map(name -> "by " + name);
        Stream<String> note = Stream.of(check.note()).filter(text -> !text.isEmpty());
        return new LogEntry(
                check.id(),
                LogEntry.Kind.VISIT,
                check.at(),
                check.act().words(),
                Stream.of(sensed, read, replaced, note, by)
                        .flatMap(words -> words)
                        .toList(),
                check.signs(),
                struck,
                check.corrects().isPresent(),
                !struck
                        && check.corrects().isEmpty()
                        && check.batchId().equals(pot.batch().id()));
    }

    private static LogEntry reading(Pot pot, MeterEntry entry) {
        return new LogEntry(
                entry.id(),
                LogEntry.Kind.READING,
                entry.reading().at(),
                entry.reading().meter().words() + " " + entry.origin().words(),
                List.of(entry.reading()
                        .meter()
                        .text(entry.reading().value(), pot.garden().units())),
                Map.of(),
                entry.struck(),
                false,
                !entry.struck() && entry.batchId().equals(pot.batch().id()));
    }

    private static LogEntry move(Pot pot, Batch.Stay stay, Map<UUID, String> places) {
        return new LogEntry(
                UUID.nameUUIDFromBytes((pot.batch().id() + " " + stay.from()).getBytes()),
                LogEntry.Kind.MOVE,
                stay.from(),
                "moved to " + places.getOrDefault(stay.placeId(), "another place"),
                List.of(),
                Map.of(),
                false,
                false,
                false);
    }

    private static String text(Pot pot, MeterEntry entry) {
        String value = entry.reading()
                .meter()
                .text(entry.reading().value(), pot.garden().units());
        return entry.origin() == MeterEntry.Origin.STAND_IN ? value + " (simulated)" : value;
    }
}
