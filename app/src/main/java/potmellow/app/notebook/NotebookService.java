package potmellow.app.notebook;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.answer.DayText;
import potmellow.app.book.BookService;
import potmellow.app.bottle.BottleArrivals;
import potmellow.app.bottle.BottleArrivals.ArriveBottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.csv.CsvFile;
import potmellow.app.garden.Garden;
import potmellow.app.mix.Feed;
import potmellow.app.mix.ToldFeeds;
import potmellow.app.mix.ToldFeeds.ToldFeed;
import potmellow.app.once.Acts;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.pot.ArrivalService;
import potmellow.app.pot.PotRequests.ArrivePot;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Refused;
import potmellow.app.said.SaidAt;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Book;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.moment.Past;
import potmellow.core.notebook.NotebookReader;
import potmellow.core.notebook.Said;

/** Reads a notebook line by line, and takes it in: whole or not at all, and each line once however often it comes. */
@Service
class NotebookService {
    private static final int LONGEST_TEXT = 500_000;

    private final PlantingService plantings;
    private final ToldFeeds feeds;
    private final BottleArrivals arrivals;
    private final ArrivalService pots;
    private final BottleService bottles;
    private final VesselService vessels;
    private final BookService books;
    private final Acts acts;

    NotebookService(
            PlantingService plantings,
            ToldFeeds feeds,
            BottleArrivals arrivals,
            ArrivalService pots,
            BottleService bottles,
            VesselService vessels,
            BookService books,
            Acts acts) {
        this.plantings = plantings;
        this.feeds = feeds;
        this.arrivals = arrivals;
        this.pots = pots;
        this.bottles = bottles;
        this.vessels = vessels;
        this.books = books;
        this.acts = acts;
    }

    /**
     * What a notebook holds; nothing is stored.
     *
     * @throws FieldProblem for a text that is no sheet
     */
    @Transactional(readOnly = true)
    Read read(Garden garden, String text, Optional<Columns> matched, Instant now) {
        if (text == null || text.isBlank() || text.length() > LONGEST_TEXT) {
            throw new FieldProblem(
                    "text",
                    InvalidInput.unreadable(
                            "The notebook", "", "Paste it, or choose its file: a head, then at most 10000 lines."));
        }
        CsvFile.Sheet sheet = FieldProblem.reading("text", () -> CsvFile.sheet(text));
        Columns columns = matched.orElseGet(() -> Columns.guessed(sheet.columns()));
        if (columns.date().isEmpty() || columns.what().isEmpty()) {
            return new Read(sheet.columns(), columns, List.of());
        }
        Page page = new Page(garden, now);
        return new Read(
                sheet.columns(),
                columns,
                sheet.rows().stream().map(row -> page.line(row, columns)).toList());
    }

    /** The keys of those lines that were taken in before. */
    @Transactional(readOnly = true)
    Set<UUID> known(Garden garden, List<Line> lines) {
        return acts.done(
                garden, lines.stream().filter(Line::good).map(Line::key).toList());
    }

    /**
     * Takes a notebook in.
     *
     * @param leaveOut whether lines that can't be taken in are left out; else nothing is taken in while there are any
     * @return how many lines were new
     * @throws FieldProblem where lines can't be taken in, with their numbers
     */
    @Transactional
    int take(Garden garden, String text, Optional<Columns> matched, boolean leaveOut, Instant now) {
        Read read = read(garden, text, matched, now);
        List<Line> bad = read.lines().stream().filter(line -> !line.good()).toList();
        if (!bad.isEmpty() && !leaveOut) {
            throw new FieldProblem(
                    "text",
                    InvalidInput.unreadable(
                            "The notebook",
                            (bad.size() == 1 ? "line " : "lines ")
                                    + bad.stream()
                                            .map(line -> String.valueOf(line.number()))
                                            .collect(Collectors.joining(", ")),
                            "Nothing was taken in. Mend them, or leave them out."));
        }
        int taken = 0;
        Set<UUID> known = known(garden, read.lines());
        for (Line line : read.lines()) {
            if (line.good() && !known.contains(line.key())) {
                run(line);
                taken++;
            }
        }
        return taken;
    }

    /** What only shows when it is done, such as a vessel that holds something already, is told with its line too. */
    private static void run(Line line) {
        try {
            line.act().run();
        } catch (FieldProblem | Conflict | Refused unfit) {
            throw new FieldProblem(
                    "text",
                    InvalidInput.unreadable(
                            "The notebook", "line " + line.number(), unfit.getMessage() + " Nothing was taken in."));
        }
    }

    /**
     * A notebook as it was read.
     *
     * @param columns the names of all columns
     * @param matched which of them tells what
     * @param lines its lines; none while nobody has said which columns tell when and what
     */
    record Read(List<String> columns, Columns matched, List<Line> lines) {}

    /** One reading of a notebook, with everything that its lines may name. */
    private final class Page {
        private final Garden garden;
        private final Instant now;
        private final Book book;
        private final NotebookReader reader;
        private final List<Planting> beds;
        private final List<OwnVessel> own;
        private final Map<String, Integer> seen = new HashMap<>();

        Page(Garden garden, Instant now) {
            this.garden = garden;
            this.now = now;
            this.book = books.of(garden);
            this.reader = new NotebookReader(book, bottles.productsByName(garden));
            this.beds = plantings.all(garden);
            this.own = vessels.inUse(garden);
        }

        Line line(CsvFile.Row row, Columns columns) {
            String date = cell(row, columns.date());
            String what = cell(row, columns.what());
            String howMuch = cell(row, columns.howMuch());
            String where = cell(row, columns.where());
            try {
                Past when = garden.past("The date", date, now);
                return line(row.line(), key(date, what, howMuch, where), date, when, reader.read(what), howMuch, where);
            } catch (InvalidInput unread) {
                return Line.bad(row.line(), unread.getMessage());
            } catch (FieldProblem unread) {
                return Line.bad(row.line(), unread.getMessage());
            }
        }

        private static String cell(CsvFile.Row row, Optional<String> column) {
            return column.map(row::cell).orElse("");
        }

        /** Two lines that say the same are two entries; the same two in another file are the same two. */
        private UUID key(String... cells) {
            String line = String.join("\u0001", cells).toLowerCase(Locale.ROOT);
            int turn = seen.merge(line, 1, Integer::sum);
            return UUID.nameUUIDFromBytes(
                    (garden.id() + " notebook " + turn + " " + line).getBytes(StandardCharsets.UTF_8));
        }

        private Line line(long number, UUID key, String date, Past when, Said said, String howMuch, String where) {
            String day = DayText.withYear(garden.day(when.likely())) + ": ";
            Instant at = when.likely();
            if (said instanceof Said.Fed fed) {
                Planting bed = bed(where);
                ToldFeed told = new ToldFeed(
                        List.of(bed.id()),
                        fed.productId(),
                        Optional.of(fed.strength()),
                        Optional.of(howMuch),
                        Optional.empty(),
                        Optional.of(date));
                Feed feed = feeds.read(garden, key, told, book, List.of(bed), SaidAt.now(now));
                String words = book.product(fed.productId()).name() + " "
                        + feed.brews().get(0).strength().text() + ", "
                        + AmountText.volume(feed.mix(), garden.units()) + ", on " + bed.name();
                return new Line(number, key, day + words, () -> feeds.tell(garden, key, told, SaidAt.now(now)));
            }
            if (said instanceof Said.Looked looked) {
                Planting bed = bed(where);
                return new Line(
                        number,
                        key,
                        day + bed.name() + " looked " + looked.look().word() + (looked.dry() ? ", soil dry" : ""),
                        () -> plantings.look(garden, key, bed.id(), looked.look(), looked.dry(), "", at));
            }
            if (said instanceof Said.Bottled bottled) {
                ArriveBottle request = new ArriveBottle(
                        bottled.productId(),
                        Optional.empty(),
                        howMuch,
                        date,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty());
                arrivals.check(garden, request, book, now);
                return new Line(
                        number,
                        key,
                        day + "bottled " + howMuch + " of "
                                + book.product(bottled.productId()).name(),
                        () -> arrivals.arrive(garden, key, request, now));
            }
            if (said instanceof Said.Set set) {
                OwnVessel vessel = vessel(where);
                ArrivePot request = new ArrivePot(
                        set.methodId(),
                        Optional.empty(),
                        date,
                        Optional.of(howMuch),
                        Optional.of(vessel.id()),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty());
                return new Line(
                        number,
                        key,
                        day + "set " + book.method(set.methodId()).orElseThrow().title() + " in "
                                + vessel.vessel().code(),
                        () -> pots.arrive(garden, key, request, now));
            }
            Planting bed = bed(where);
            return new Line(
                    number, key, day + "watered " + bed.name(), () -> plantings.water(garden, key, bed.id(), at));
        }

        /** The planting of that name; or the only one that the words fit. */
        private Planting bed(String where) {
            List<Planting> exact = beds.stream()
                    .filter(bed -> bed.name().equalsIgnoreCase(where.strip()))
                    .toList();
            List<Planting> like = exact.isEmpty()
                    ? beds.stream().filter(bed -> alike(bed.name(), where)).toList()
                    : exact;
            if (like.size() != 1) {
                throw InvalidInput.notAChoice(
                        "Where", where, beds.stream().map(Planting::name).toList());
            }
            return like.get(0);
        }

        private static boolean alike(String name, String where) {
            String one = name.toLowerCase(Locale.ROOT);
            String other = where.strip().toLowerCase(Locale.ROOT);
            return !other.isEmpty() && (one.contains(other) || other.contains(one));
        }

        private OwnVessel vessel(String where) {
            return own.stream()
                    .filter(vessel -> vessel.vessel().code().equalsIgnoreCase(where.strip()))
                    .findFirst()
                    .orElseThrow(() -> InvalidInput.notAChoice(
                            "The vessel",
                            where,
                            own.stream().map(vessel -> vessel.vessel().code()).toList()));
        }
    }
}
