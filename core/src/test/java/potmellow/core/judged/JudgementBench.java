package potmellow.core.judged;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import potmellow.core.book.Book;
import potmellow.core.craft.Family;

/** Holds what the application says of pots against what is true of them. Run it as docs/judgement.md says. */
public final class JudgementBench {
    private static final Book BOOK = Book.load();
    private static final int GARDENERS = 40;
    private static final String START = "<!-- made by the bench: ";
    private static final String END = "<!-- end -->";

    private JudgementBench() {}

    /**
     * Writes its tables into a page, between their marks.
     *
     * @param args the page, then "open" for the pots that may be looked at or "kept" for the final run, then how many of each family
     */
    public static void main(String[] args) throws IOException {
        Path page = Path.of(args[0]);
        boolean kept = args[1].equals("kept");
        int count = args.length > 2 ? Integer.parseInt(args[2]) : Gardeners.OPEN;
        Map<Family, Score> scores = new EnumMap<>(Family.class);
        Gardeners.families()
                .forEach(family ->
                        scores.put(family, score(kept ? Gardeners.kept(family) : Gardeners.open(family, count))));
        String text = Files.readString(page);
        text = put(text, args[1], dates(scores) + "\n" + verdicts(scores));
        if (!kept) {
            text = put(text, "lessons", lessons(Lessons.all(BOOK, GARDENERS)));
        }
        Files.writeString(page, text);
    }

    static Score score(List<Trial.Setup> setups) {
        return new Score(
                BOOK,
                setups.parallelStream()
                        .map(setup -> Trial.run(BOOK, setup, List.of()))
                        .toList());
    }

    private static String put(String page, String mark, String tables) {
        int from = page.indexOf(START + mark + " -->");
        int until = page.indexOf(END, from);
        if (from < 0 || until < 0) {
            throw new IllegalArgumentException("The page has no place for " + mark + ".");
        }
        int begins = page.indexOf('\n', from) + 1;
        return page.substring(0, begins) + tables + page.substring(until);
    }

    private static String dates(Map<Family, Score> scores) {
        StringBuilder table = new StringBuilder("""
                | ready date | pots | within, at setting | half way | nobody could know better | in the band | off, at setting | half way | (a) window | (b) middle | (c) thumb | who knew all |
                |---|---|---|---|---|---|---|---|---|---|---|---|
                """);
        scores.forEach((family, score) -> table.append(line(
                "| %s | %d | %s | %s | %s | %s | %.1f d | %.1f d | %.1f d | %.1f d | %.1f d | %.1f d |%n",
                family.title(),
                score.ripened().size(),
                percent(score.withinAtSetting()),
                percent(score.withinAtHalf()),
                percent(score.withinIdeal()),
                percent(score.inBand()),
                score.errorAtSetting(),
                score.errorAtHalf(),
                score.errorOfWindow(),
                score.errorOfMiddle(),
                score.errorOfThumb(),
                score.errorOfIdeal())));
        return table.toString();
    }

    private static String verdicts(Map<Family, Score> scores) {
        StringBuilder table = new StringBuilder("""
                | verdicts | pots | spoilt called ready | good thrown away | called ready too early | dangers | told before | visits a pot |
                |---|---|---|---|---|---|---|---|
                """);
        scores.forEach((family, score) -> table.append(line(
                "| %s | %d | %d | %s | %s | %d | %s | %.1f |%n",
                family.title(),
                score.outcomes().size(),
                score.spoiltCalledReady(),
                percent(score.goodThrownAway()),
                percent(score.calledEarly()),
                score.dangers(),
                percent(score.dangersTold()),
                score.visits())));
        return table.toString();
    }

    private static String lessons(Map<Family, Lessons> all) {
        StringBuilder table = new StringBuilder("""
                | off at setting, after | no pot | 3 pots | 10 pots |
                |---|---|---|---|
                """);
        all.forEach((family, lessons) -> table.append(line(
                "| %s | %.2f d | %.2f d | %.2f d |%n",
                family.title(),
                lessons.errors().get(0),
                lessons.errors().get(3),
                lessons.errors().get(10))));
        return table.toString();
    }

    private static String line(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }

    private static String percent(double share) {
        return Double.isNaN(share) ? "–" : line("%.0f %%", 100 * share);
    }
}
