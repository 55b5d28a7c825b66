package potmellow.core.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.ode.ODEIntegrator;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.hipparchus.ode.sampling.StepNormalizer;
import potmellow.core.craft.Act;

/** A pot that goes on by its equations from one act of hands to the next. Time is told in hours since it was set, and only goes on. */
public final class PracticePot {
    private static final double LEAST_STEP = 1e-4;
    private static final double MOST_STEP = 6;
    private static final double ABSOLUTE = 1e-9;
    private static final double RELATIVE = 3e-4;
    private static final double WARMTH_OFF = 0.05;
    /** What is left of what grew on top when it is stirred under (from memory). */
    private static final double LEFT_AFTER_STIRRING = 0.05;

    private static final double LEFT_AFTER_TURNING = 0.5;
    private static final double LEFT_AFTER_SKIMMING = 0.1;
    private static final double SUGAR_ADDED_SHARE = 0.3;
    private static final double DAMPED_SHARE = 0.2;
    private static final double DRY_ADDED_SHARE = 0.15;
    private static final double DRAINED_SHARE = 0.03;
    private static final double TOPPED_UP_SHARE = 0.2;
    private static final List<Pool> FRESH = List.of(Pool.LIQUID, Pool.SOLIDS, Pool.SUGAR, Pool.PROTEIN, Pool.NITROGEN);
    private static final double LEFT_OF_FILM = 0.3;
    private static final double USUAL_PH = 6;
    private static final double NEARLY = 10;

    private final DoubleUnaryOperator place;
    private final double sampleHours;
    private final List<Moment> past = new ArrayList<>();
    private final Brew brew;
    private final Mishaps mishaps;
    private Body body;
    private final Fate fate;
    private Contents contents;
    private double hour;
    private boolean blows;
    private boolean covered;
    private int workedOut;

    private PracticePot(Brew brew, Potful pot, Mishaps mishaps, DoubleUnaryOperator place, double sampleHours) {
        this.brew = brew;
        this.mishaps = mishaps;
        this.body = pot.body();
        this.contents = pot.contents();
        this.place = place;
        this.sampleHours = sampleHours;
        Moment first = moment(0, contents, 0);
        past.add(first);
        this.fate = new Fate(brew, body, first);
    }

    /**
     * Sets a pot.
     *
     * @param brew what is made
     * @param gardener whose it is: a seed of what all pots of one gardener share
     * @param seed what differs from pot to pot
     * @param accidents what goes wrong with it
     * @param place °C around it at an hour since it is set
     * @param sampleHours how finely its past is kept, above 0
     */
    public static PracticePot set(
            Brew brew,
            long gardener,
            long seed,
            Set<Accident> accidents,
            DoubleUnaryOperator place,
            double sampleHours) {
        Mishaps mishaps = new Mishaps(accidents);
        return new PracticePot(brew, brew.set(new Luck(gardener, seed), mishaps), mishaps, place, sampleHours);
    }

    /** A pot in which everything is as it usually is. */
    public static PracticePot usual(Brew brew, DoubleUnaryOperator place, double sampleHours) {
        return new PracticePot(brew, brew.set(Luck.none(), Mishaps.NONE), Mishaps.NONE, place, sampleHours);
    }

    /** Says that it was begun with another pot: what lives in that is what lives in it, more or less than usual. Only before it goes on. */
    public void begunWith(PracticePot mother) {
        if (hour > 0) {
            throw new IllegalStateException("A pot is begun with another one when it is set, not at hour " + hour);
        }
        contents = Starter.of(mother.brew, mother).into(contents);
    }

    /** Lets it go on until an hour; nothing happens where that is past. */
    public void until(double end) {
        if (end <= hour) {
            return;
        }
        PotEquations equations = new PotEquations(body, place, blows);
        ODEIntegrator integrator = new DormandPrince54Integrator(LEAST_STEP, MOST_STEP, absolute(), relative());
        integrator.addStepHandler(
                new StepNormalizer(sampleHours, (state, last) -> keep(state.getTime(), state.getPrimaryState())));
        double[] reached = integrator
                .integrate(equations, new ODEState(hour, contents.values()), end)
                .getPrimaryState();
        workedOut += integrator.getEvaluations();
        contents = new Contents(reached);
        hour = end;
    }

    /** Warmth may be off by a twentieth of a degree, else each day's ups and downs would be worked out in ten steps. */
    private static double[] absolute() {
        double[] all = new double[Contents.SIZE];
        Arrays.fill(all, ABSOLUTE);
        all[Contents.WARMTH] = WARMTH_OFF;
        return all;
    }

    private static double[] relative() {
        double[] all = new double[Contents.SIZE];
        Arrays.fill(all, RELATIVE);
        all[Contents.WARMTH] = 0;
        return all;
    }

    private void keep(double at, double[] values) {
        Moment last = past.get(past.size() - 1);
        if (at > last.hour()) {
            Contents then = new Contents(values);
            Moment moment = moment(at, then, litres(then, last.contents()) / (at - last.hour()));
            past.add(moment);
            fate.add(moment);
        }
    }

    private Moment moment(double at, Contents then, double gasLitres) {
        Mixture mix = Mixture.of(then.values(), body, USUAL_PH);
        double air = new PotEquations(body, place, blows).air(then.values(), mix);
        return new Moment(at, then, mix, air, Math.max(0, gasLitres), body.bar(then, mix.litres()));
    }

    /** Gas given off between two moments, L. */
    private static double litres(Contents now, Contents before) {
        double moles = now.of(Pool.GAS) + now.of(Pool.METHANE) - before.of(Pool.GAS) - before.of(Pool.METHANE);
        return moles * Physics.GAS * Physics.kelvin(now.celsius());
    }

    /** What hands do to it now. */
    public void act(Act act) {
        switch (act) {
            case STIRRED -> stir();
            case VENTED -> contents = contents.withoutGas();
            case SKIMMED -> shrink(LEFT_AFTER_SKIMMING, Pool.MOULD);
            case SUGAR_ADDED ->
                add(Pool.CRYSTALS, SUGAR_ADDED_SHARE * (contents.of(Pool.SUGAR) + contents.of(Pool.CRYSTALS)));
            case TURNED -> turn();
            case AIR_ON -> blows = true;
            case AIR_OFF -> blows = false;
            case DAMPED -> add(Pool.LIQUID, DAMPED_SHARE * contents.of(Pool.LIQUID));
            case DRY_ADDED -> add(Pool.SOLIDS, DRY_ADDED_SHARE * contents.of(Pool.SOLIDS));
            case DRAINED -> drain();
            case TOPPED_UP -> topUp();
            case RESEALED -> body = body.sealed();
            case COVERED -> covered = true;
            case LOOKED, STONES_CLEANED -> {}
        }
    }

    /** Lets the gas out and leaves the lid loose from now on. */
    public void loosen() {
        contents = contents.withoutGas();
        body = body.loosened();
    }

    /** A little water goes at the tap. */
    private void drain() {
        double gone = DRAINED_SHARE * contents.of(Pool.LIQUID);
        add(Pool.LIQUID, -gone);
        add(Pool.VAPOUR, gone);
    }

    /** A fifth of what was in it at first is filled in again; what lives in it has to grow into that. */
    private void topUp() {
        Contents first = past.get(0).contents();
        for (Pool pool : FRESH) {
            add(pool, TOPPED_UP_SHARE * first.of(pool));
        }
    }

    /** Whether flies are at it. */
    boolean flies() {
        return mishaps.flies() && !covered;
    }

    private void stir() {
        contents = contents.withoutGas();
        shrink(LEFT_AFTER_STIRRING, Pool.MOULD);
        shrink(LEFT_OF_FILM, Pool.AEROBES);
    }

    /** Turning lets half of its heat go, and buries what grew on top. */
    private void turn() {
        shrink(LEFT_AFTER_TURNING, Pool.MOULD);
        double around = place.applyAsDouble(hour);
        contents = contents.at(around + LEFT_AFTER_TURNING * (contents.celsius() - around));
    }

    private void add(Pool pool, double moles) {
        contents = contents.with(Map.of(pool, contents.of(pool) + moles));
    }

    private void shrink(double left, Pool pool) {
        if (body.blown() > 0 || body.damp() && pool == Pool.AEROBES) {
            return;
        }
        Map<Pool, Double> changed = new EnumMap<>(Pool.class);
        changed.put(pool, left * contents.of(pool));
        changed.put(Pool.DEAD, contents.of(Pool.DEAD) + (1 - left) * contents.of(pool));
        contents = contents.with(changed);
    }

    /**
     * What somebody senses of it now: ids of signs, by sense.
     *
     * @param hand how well they sense
     * @param visit a seed of what they take wrongly
     */
    public Map<String, String> sensed(Hand hand, long visit) {
        return Senses.of(brew, this, hand, new Luck(visit, visit));
    }

    /** What a cheap pH meter reads of it now. */
    public double readPh(long visit) {
        return Probes.ph(now(), new Luck(visit, visit));
    }

    /** What a cheap thermometer reads of it now, °C. */
    public double readCelsius(long visit) {
        return Probes.celsius(now(), new Luck(visit, visit));
    }

    /** What it really is now. */
    public Condition condition() {
        return fate.condition();
    }

    /** The hour at which it first was ripe; empty while it isn't. */
    public OptionalDouble ripeAt() {
        return fate.ripeAt();
    }

    /** The hour at which it spoilt; empty while it hasn't. */
    public OptionalDouble spoiltAt() {
        return fate.spoiltAt();
    }

    /** The hour at which it first could burst, or was too hot; empty while it wasn't. */
    public OptionalDouble dangerousAt() {
        return fate.dangerousAt();
    }

    /** The hour at which its lid gave way; empty while it hasn't. */
    public OptionalDouble burstAt() {
        return fate.burstAt();
    }

    /** Whether its lid keeps gas in. */
    public boolean holdsGas() {
        return body.holdsGas();
    }

    /** Whether it is a heap that will soon be too hot for what grows in it. */
    public boolean nearlyTooHot() {
        return brew == Brew.FOREST_HEAP && contents.celsius() > Fate.TOO_HOT - NEARLY;
    }

    /** What whoever passes by would have noticed, oldest first. */
    public List<Happening> noticed() {
        return Notices.of(brew, this);
    }

    /** What it looks like now. */
    public Sight sight() {
        return Sight.of(brew, this);
    }

    /** What went on inside it. */
    public List<Inside> inside() {
        return Inside.of(brew, this);
    }

    /** How much liquid is in it now, L. */
    public double litres() {
        return now().mixture().litres();
    }

    /** Its liquid, as it would be strained now. */
    public Liquor liquor() {
        return Liquor.of(brew, now(), condition());
    }

    /** What really becomes of it. */
    Fate fate() {
        return fate;
    }

    /** What it is like now, after what hands did last. */
    Moment now() {
        return moment(hour, contents, past.get(past.size() - 1).gasLitres());
    }

    public double hour() {
        return hour;
    }

    /** How often its equations have been worked out. */
    int workedOut() {
        return workedOut;
    }

    Body body() {
        return body;
    }

    Contents contents() {
        return contents;
    }

    /** All that was kept of its past, oldest first. */
    List<Moment> past() {
        return List.copyOf(past);
    }
}
