package potmellow.core.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.working.Working;

/**
 * What an instrument answers.
 *
 * @param headline the answer in a sentence
 * @param working how it was reached
 * @param results the numbers of it
 * @param remarks what to mind, and what was assumed
 * @param chart a curve around it; empty where none helps
 * @param handOvers what can be done with it
 * @param marks what its picture draws beside its numbers, by id: limits, and what a hand would feel
 */
public record Reply(
        String headline,
        Working<?> working,
        List<Result> results,
        List<Remark> remarks,
        Optional<Chart> chart,
        List<HandOver> handOvers,
        Map<String, Double> marks) {
    public Reply {
        results = List.copyOf(results);
        remarks = List.copyOf(remarks);
        handOvers = List.copyOf(handOvers);
        marks = Map.copyOf(marks);
    }

    /** An answer whose picture shows its numbers alone. */
    Reply(
            String headline,
            Working<?> working,
            List<Result> results,
            List<Remark> remarks,
            Optional<Chart> chart,
            List<HandOver> handOvers) {
        this(headline, working, results, remarks, chart, handOvers, Map.of());
    }

    /** All that its picture is drawn from, by id: its numbers and its marks. */
    public Map<String, Double> shown() {
        Map<String, Double> shown = new HashMap<>(marks);
        results.forEach(result -> shown.put(result.id(), result.value()));
        return Map.copyOf(shown);
    }

    /** The number of a result. */
    double value(String id) {
        return results.stream()
                .filter(result -> result.id().equals(id))
                .findFirst()
                .orElseThrow()
                .value();
    }

    /**
     * A number of the answer.
     *
     * @param id stable id
     * @param name what it is
     * @param value the number, in the unit that its id is drawn in
     * @param text as it is read out
     */
    public record Result(String id, String name, double value, String text) {}

    /**
     * Something to mind.
     *
     * @param kind how much it matters
     * @param words a sentence
     */
    public record Remark(Kind kind, String words) {
        /** How much it matters. */
        public enum Kind {
            /** Taken for granted, with its mark. */
            ASSUMED,
            NOTE,
            /** Something is wrong or outside the range it holds for. */
            WARNING,
            /** It can hurt someone. */
            DANGER
        }

        static Remark assumed(String words) {
            return new Remark(Kind.ASSUMED, words);
        }

        static Remark note(String words) {
            return new Remark(Kind.NOTE, words);
        }

        static Remark warning(String words) {
            return new Remark(Kind.WARNING, words);
        }

        static Remark danger(String words) {
            return new Remark(Kind.DANGER, words);
        }
    }

    /**
     * Curves.
     *
     * @param title what they show
     * @param x what runs along, with its unit
     * @param y what runs up, with its unit
     * @param lines the curves
     * @param limits lines across
     * @param here where this answer stands; empty where it stands nowhere on it
     */
    public record Chart(
            String title, String x, String y, List<Curve> lines, List<Threshold> limits, Optional<Point> here) {
        public Chart {
            lines = List.copyOf(lines);
            limits = List.copyOf(limits);
        }
    }

    public record Curve(String name, List<Point> points) {
        public Curve {
            points = List.copyOf(points);
        }
    }

    public record Point(double x, double y) {}

    public record Threshold(String name, double y) {}

    /**
     * What can be done with the answer.
     *
     * @param kind where it goes
     * @param words what is done
     * @param values what goes along, such as a method and amounts by part
     */
    public record HandOver(Kind kind, String words, Map<String, String> values) {
        public HandOver {
            values = Map.copyOf(values);
        }

        /** Where an answer goes. */
        public enum Kind {
            /** A pot is started: "method", and amounts as "in.part" or what is wanted. */
            START_POT,
            /** A strength is set in Mix: "strength". */
            STRENGTH,
            /** A note for a pot's log: "note". */
            NOTE
        }
    }
}
