package potmellow.core.bench;

import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import potmellow.core.bench.Reply.Curve;
import potmellow.core.bench.Reply.Point;

/** Points of a curve for drawing. */
final class Curves {
    private static final int POINTS = 40;

    private Curves() {}

    static Curve line(String name, double from, double to, DoubleUnaryOperator curve) {
        return new Curve(
                name,
                IntStream.rangeClosed(0, POINTS)
                        .mapToDouble(i -> from + (to - from) * i / POINTS)
                        .mapToObj(x -> new Point(x, curve.applyAsDouble(x)))
                        .toList());
    }
}
