package potmellow.core.bench;

import java.util.List;
import java.util.Optional;

/** All instruments, in the order they lie on the bench. */
public final class Bench {
    private static final List<Instrument> INSTRUMENTS = List.of(
            new RatioGlass(),
            new ShellScale(),
            new SugarGauge(),
            new BranSqueeze(),
            new AirGauge(),
            new TapGauge(),
            new HeapCurve(),
            new CanGauge(),
            new UnitGlass());

    private Bench() {}

    public static List<Instrument> instruments() {
        return INSTRUMENTS;
    }

    public static Optional<Instrument> instrument(String id) {
        return INSTRUMENTS.stream()
                .filter(instrument -> instrument.id().equals(id))
                .findFirst();
    }
}
