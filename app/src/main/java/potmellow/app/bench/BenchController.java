package potmellow.app.bench;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.answer.WorkingView;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.core.bench.Bench;
import potmellow.core.bench.Entries;
import potmellow.core.bench.Entry;
import potmellow.core.bench.EntryProblem;
import potmellow.core.bench.Instrument;
import potmellow.core.bench.Reply;
import potmellow.core.book.Book;

/** The instruments of the bench. They keep nothing: everything is in what is asked. */
@RestController
@RequestMapping("/api/bench")
class BenchController {
    private final GardenService gardens;
    private final BookService books;
    private final BenchSources sources;
    private final Clock clock;

    BenchController(GardenService gardens, BookService books, BenchSources sources, Clock clock) {
        this.gardens = gardens;
        this.books = books;
        this.sources = sources;
        this.clock = clock;
    }

    @GetMapping
    List<InstrumentView> instruments() {
        Garden garden = gardens.current();
        Book book = books.of(garden);
        return Bench.instruments().stream()
                .map(one -> InstrumentView.of(
                        one,
                        one.answer(new Entries(Map.of(), one, garden.sizes(), book))
                                .shown()))
                .toList();
    }

    /** Answers for what is entered; what is left out is taken as usual. */
    @PostMapping("/{id}")
    @NoAct
    BenchAnswer answer(@PathVariable String id, @RequestBody BenchTurn turned) {
        Garden garden = gardens.current();
        Instrument instrument = instrument(id);
        Entries entries = new Entries(turned.entries(), instrument, garden.sizes(), books.of(garden));
        try {
            return BenchAnswer.of(instrument.answer(entries), entries.read());
        } catch (EntryProblem problem) {
            throw new FieldProblem(problem.entry(), problem.input());
        }
    }

    /** What of the garden an instrument can start from. */
    @GetMapping("/{id}/sources")
    List<BenchSources.Source> sources(@PathVariable String id) {
        return sources.of(gardens.current(), instrument(id).id(), clock.instant());
    }

    private static Instrument instrument(String id) {
        return Bench.instrument(id).orElseThrow(() -> new Missing("instrument"));
    }

    /** @param entries texts by the entry's id */
    record BenchTurn(Map<String, String> entries) {
        BenchTurn {
            entries = entries == null ? Map.of() : Map.copyOf(entries);
        }
    }

    /**
     * An instrument.
     *
     * @param asks the question it answers
     * @param shown what its picture is drawn from before anything is entered, by id
     */
    record InstrumentView(String id, String title, String asks, List<EntryView> entries, Map<String, Double> shown) {
        static InstrumentView of(Instrument instrument, Map<String, Double> shown) {
            return new InstrumentView(
                    instrument.id(),
                    instrument.title(),
                    instrument.asks(),
                    instrument.entries().stream().map(EntryView::of).toList(),
                    shown);
        }
    }

    /**
     * Something that can be entered.
     *
     * @param usual what is taken where nothing is
     * @param turn how it can be turned; absent for what is typed or chosen
     */
    record EntryView(
            String id, String label, String usual, String hint, List<Entry.Choice> choices, Optional<Entry.Knob> turn) {
        static EntryView of(Entry entry) {
            return new EntryView(entry.id(), entry.label(), entry.usual(), entry.hint(), entry.choices(), entry.turn());
        }
    }

    /**
     * An answer.
     *
     * @param chart a curve around it; absent where none helps
     * @param read how typed entries were read, by the entry's id
     * @param shown what its picture is drawn from, by id
     */
    record BenchAnswer(
            String headline,
            WorkingView working,
            List<Reply.Result> results,
            List<Reply.Remark> remarks,
            Optional<Reply.Chart> chart,
            List<Reply.HandOver> handOvers,
            Map<String, String> read,
            Map<String, Double> shown) {
        static BenchAnswer of(Reply answer, Map<String, String> read) {
            return new BenchAnswer(
                    answer.headline(),
                    WorkingView.of(answer.working()),
                    answer.results(),
                    answer.remarks(),
                    answer.chart(),
                    answer.handOvers(),
                    Map.copyOf(read),
                    answer.shown());
        }
    }
}
