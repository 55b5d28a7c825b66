package potmellow.core.moment;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.Month;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import potmellow.core.measure.Cursor;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Lexer;

/**
 * Reads when something happened as people say it: "now", "yesterday at 8", "about three weeks ago", "Tuesday", "20 May", "in April",
 * "2026-05-20 8:30", "nobody knows". A day or a span stays one; nothing is guessed to the minute.
 *
 * @param now the moment of asking
 * @param zone the zone of the garden
 */
public record PastReader(Instant now, ZoneId zone) {
    private static final Duration LONGEST_AGO = Duration.ofDays(5 * 366L);
    private static final Set<String> UNKNOWN =
            Set.of("unknown", "nobody knows", "don't know", "dont know", "not known", "no idea", "?", "long ago");
    private static final Set<String> NOW = Set.of("", "now", "just now", "today", "right now");
    private static final Pattern CLOCK = Pattern.compile(
            "(?:,|\\bat|t(?=\\d)|\\s)\\s*(\\d{1,2})(?:[:.h](\\d{2}))?\\s*(am|pm|noon|midnight|o'?clock)?$");
    private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
    private static final Pattern DOTTED = Pattern.compile("(\\d{1,2})\\.\\s?(\\d{1,2})\\.\\s?(\\d{4})?");
    private static final Pattern SLASHED = Pattern.compile("(\\d{1,2})/(\\d{1,2})(?:/(\\d{4}))?");
    private static final Pattern DAY_MONTH =
            Pattern.compile("(\\d{1,2})(?:st|nd|rd|th)?\\.?(?: of)? ([a-z]+)\\.?,?(?: (\\d{4}))?");
    private static final Pattern MONTH_DAY = Pattern.compile("([a-z]+)\\.? (\\d{1,2})(?:st|nd|rd|th)?,?(?: (\\d{4}))?");
    private static final Pattern MONTH = Pattern.compile("(?:in |last )?([a-z]+)(?: (\\d{4}))?");
    private static final double ABOUT = 2;
    private static final String ALLOWED =
            "Say it like “now”, “yesterday at 8”, “about three weeks ago”, “20 May” or “nobody knows”.";

    /**
     * Reads a text.
     *
     * @param name begins the sentence of a complaint, such as "When it was set"
     * @throws InvalidInput where it can't be read, lies ahead, or is more than five years ago
     */
    public Past read(String name, String text) {
        String said = text.strip().toLowerCase(Locale.ROOT).replace('’', '\'').replaceAll("\\s+", " ");
        String plain = said.replaceAll("^(since|on|from|set) ", "");
        if (NOW.contains(plain)) {
            return Past.at(now);
        }
        if (UNKNOWN.contains(plain)) {
            return Past.unknown(now);
        }
        Past past = day(name, plain)
                .or(() -> ago(name, plain))
                .orElseThrow(() -> InvalidInput.unreadable(name, text, ALLOWED));
        if (past.earliest().isAfter(now)) {
            throw InvalidInput.unreadable(name, text, "That lies ahead: it must have happened already.");
        }
        if (past.latest().isBefore(now.minus(LONGEST_AGO))) {
            throw InvalidInput.unreadable(name, text, "That is more than five years ago.");
        }
        return past.latest().isAfter(now) ? new Past(past.earliest(), now) : past;
    }

    private Optional<Past> ago(String name, String text) {
        Cursor cursor = new Cursor(Lexer.of(name, text));
        boolean about =
                cursor.take("about", "around", "roughly", "some", "ca", "ca.", "circa", "~", "maybe", "perhaps");
        if (cursor.takeAll("last", "week")) {
            return span(1, Duration.ofDays(7), true);
        }
        double amount;
        if (cursor.takeAll("a", "few") || cursor.takeAll("a", "couple", "of") || cursor.take("few", "several")) {
            amount = 3;
            about = true;
        } else if (cursor.takeAll("half", "a") || cursor.takeAll("half", "an")) {
            amount = 0.5;
        } else {
            boolean one = cursor.take("a", "an");
            Optional<Double> number = one ? Optional.of(1.0) : cursor.number();
            if (number.isEmpty()) {
                return Optional.empty();
            }
            amount = number.get();
        }
        Optional<Duration> unit = unit(cursor);
        boolean whole = unit.isPresent() && (cursor.take("ago", "old", "back") || true) && cursor.atEnd();
        return whole ? span(amount, unit.get(), about) : Optional.empty();
    }

    private static Optional<Duration> unit(Cursor cursor) {
        if (cursor.take("minute", "minutes", "min", "mins")) {
            return Optional.of(Duration.ofMinutes(1));
        }
        if (cursor.take("hour", "hours", "h", "hrs", "hr")) {
            return Optional.of(Duration.ofHours(1));
        }
        if (cursor.take("day", "days", "d")) {
            return Optional.of(Duration.ofDays(1));
        }
        if (cursor.take("week", "weeks", "wk", "wks", "w")) {
            return Optional.of(Duration.ofDays(7));
        }
        if (cursor.take("month", "months")) {
            return Optional.of(Duration.ofDays(30));
        }
        return cursor.take("year", "years", "yr", "yrs") ? Optional.of(Duration.ofDays(365)) : Optional.empty();
    }

    /** "3 weeks" may be half a week more or less; "about" doubles that. */
    private Optional<Past> span(double amount, Duration unit, boolean about) {
        double off = (about ? ABOUT : 1) / 2;
        return Optional.of(new Past(before(amount + off, unit), before(Math.max(0, amount - off), unit)));
    }

    private Instant before(double amount, Duration unit) {
        return now.minus(Duration.ofMinutes(Math.round(amount * unit.toMinutes())));
    }

    private Optional<Past> day(String name, String text) {
        Matcher clock = CLOCK.matcher(text);
        if (clock.find()) {
            String before = text.substring(0, clock.start()).strip();
            Optional<LocalTime> time = time(clock);
            Optional<LocalDate> day = date(name, before.isEmpty() ? "today" : before);
            if (time.isPresent() && day.isPresent()) {
                return Optional.of(
                        Past.at(day.get().atTime(time.get()).atZone(zone).toInstant()));
            }
        }
        return date(name, text).map(day -> days(day, day)).or(() -> month(text));
    }

    private Past days(LocalDate first, LocalDate last) {
        return new Past(
                first.atStartOfDay(zone).toInstant(),
                last.plusDays(1).atStartOfDay(zone).toInstant().minusSeconds(60));
    }

    private static Optional<LocalTime> time(Matcher clock) {
        int hour = Integer.parseInt(clock.group(1));
        int minute = clock.group(2) == null ? 0 : Integer.parseInt(clock.group(2));
        String half = clock.group(3) == null ? "" : clock.group(3);
        boolean twelve = Set.of("am", "pm", "noon", "midnight").contains(half);
        boolean afternoon = Set.of("pm", "noon").contains(half);
        boolean named = Set.of("noon", "midnight").contains(half);
        boolean known =
                minute < 60 && (named ? hour == 12 && minute == 0 : twelve ? hour >= 1 && hour <= 12 : hour < 24);
        return known
                ? Optional.of(LocalTime.of(twelve ? hour % 12 + (afternoon ? 12 : 0) : hour, minute))
                : Optional.empty();
    }

    private Optional<LocalDate> date(String name, String text) {
        LocalDate today = now.atZone(zone).toLocalDate();
        if (Set.of("today", "this morning").contains(text)) {
            return Optional.of(today);
        }
        if (Set.of("yesterday", "last night").contains(text)) {
            return Optional.of(today.minusDays(1));
        }
        Optional<DayOfWeek> weekday = weekday(text.replaceFirst("^last ", ""));
        if (weekday.isPresent()) {
            return Optional.of(today.with(TemporalAdjusters.previous(weekday.get())));
        }
        String[] named = text.split(",? ", 2);
        Optional<DayOfWeek> beside = named.length == 2 ? weekday(named[0]) : Optional.empty();
        Optional<LocalDate> day = beside.isPresent() ? dated(name, named[1], today) : dated(name, text, today);
        day.filter(one -> beside.filter(said -> said != one.getDayOfWeek()).isPresent())
                .ifPresent(one -> {
                    throw InvalidInput.unreadable(name, text, "That day was a " + name(one.getDayOfWeek()) + ".");
                });
        return day;
    }

    private Optional<LocalDate> dated(String name, String text, LocalDate today) {
        return numbered(name, text, today).or(() -> named(text, today));
    }

    private Optional<LocalDate> numbered(String name, String text, LocalDate today) {
        Matcher iso = ISO.matcher(text);
        if (iso.matches()) {
            return dated(Integer.parseInt(iso.group(1)), number(iso, 2), number(iso, 3));
        }
        Matcher dotted = DOTTED.matcher(text);
        if (dotted.matches()) {
            return dated(dotted.group(3), number(dotted, 2), number(dotted, 1), today);
        }
        Matcher slashed = SLASHED.matcher(text);
        return slashed.matches() ? slashed(name, text, slashed, today) : Optional.empty();
    }

    /** Days come first in one country and months in the next: both readings are offered where both can be. */
    private static Optional<LocalDate> slashed(String name, String text, Matcher slashed, LocalDate today) {
        List<LocalDate> readings = Stream.of(
                        dated(slashed.group(3), number(slashed, 2), number(slashed, 1), today),
                        dated(slashed.group(3), number(slashed, 1), number(slashed, 2), today))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
        if (readings.size() > 1) {
            throw InvalidInput.unclear(
                    name, text, readings.stream().map(LocalDate::toString).toList());
        }
        return readings.stream().findFirst();
    }

    private static Optional<LocalDate> named(String text, LocalDate today) {
        Matcher dayFirst = DAY_MONTH.matcher(text);
        if (dayFirst.matches() && monthNamed(dayFirst.group(2)).isPresent()) {
            return dated(dayFirst.group(3), monthNamed(dayFirst.group(2)).get().getValue(), number(dayFirst, 1), today);
        }
        Matcher monthFirst = MONTH_DAY.matcher(text);
        return monthFirst.matches() && monthNamed(monthFirst.group(1)).isPresent()
                ? dated(
                        monthFirst.group(3),
                        monthNamed(monthFirst.group(1)).get().getValue(),
                        number(monthFirst, 2),
                        today)
                : Optional.empty();
    }

    private Optional<Past> month(String text) {
        LocalDate today = now.atZone(zone).toLocalDate();
        if (text.equals("last month")) {
            YearMonth last = YearMonth.from(today).minusMonths(1);
            return Optional.of(days(last.atDay(1), last.atEndOfMonth()));
        }
        Matcher month = MONTH.matcher(text);
        return month.matches()
                ? monthNamed(month.group(1)).map(named -> {
                    int year = month.group(2) == null ? today.getYear() : Integer.parseInt(month.group(2));
                    YearMonth told = YearMonth.of(year, named);
                    YearMonth meant =
                            month.group(2) == null && told.isAfter(YearMonth.from(today)) ? told.minusYears(1) : told;
                    return days(meant.atDay(1), meant.atEndOfMonth());
                })
                : Optional.empty();
    }

    /** A day without its year is the last one that has been. */
    private static Optional<LocalDate> dated(String year, int month, int day, LocalDate today) {
        return year != null
                ? dated(Integer.parseInt(year), month, day)
                : dated(today.getYear(), month, day).map(told -> told.isAfter(today) ? told.minusYears(1) : told);
    }

    private static Optional<LocalDate> dated(int year, int month, int day) {
        try {
            return Optional.of(LocalDate.of(year, month, day));
        } catch (DateTimeException never) {
            return Optional.empty();
        }
    }

    private static int number(Matcher matcher, int group) {
        return Integer.parseInt(matcher.group(group));
    }

    private static Optional<Month> monthNamed(String text) {
        return Stream.of(Month.values())
                .filter(month -> isShortFor(text, month.getDisplayName(TextStyle.FULL, Locale.ENGLISH)))
                .findFirst();
    }

    private static Optional<DayOfWeek> weekday(String text) {
        return Stream.of(DayOfWeek.values())
                .filter(day -> isShortFor(text, name(day)))
                .findFirst();
    }

    private static String name(DayOfWeek day) {
        return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    private static boolean isShortFor(String text, String name) {
        return text.length() >= 3 && name.toLowerCase(Locale.ROOT).startsWith(text);
    }
}
