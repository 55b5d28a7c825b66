package potmellow.core.workings;

import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.FermentationGas;
import potmellow.core.vessel.GasSource;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * Eggshells in vinegar: CaCO₃ + 2 CH₃COOH → Ca(CH₃COO)₂ + H₂O + CO₂, carried to its end.
 *
 * @param dissolves shell that dissolves: all of it, or what the acid can take
 * @param leftShare share of the shell that stays
 * @param acidLimits whether the acid is used up first
 * @param acidLeftPercent acid that is not used up, g in 100 mL of the liquid
 * @param calciumGramsPerLitre calcium in the liquid, g per litre of vinegar
 * @param gas carbon dioxide given off, at 20 °C and 1 atm
 */
public record ShellCalcium(
        Mass dissolves,
        double leftShare,
        boolean acidLimits,
        double acidLeftPercent,
        double calciumGramsPerLitre,
        Volume gas) {
    private static final String MASSES = "IUPAC standard atomic weights 2021, abridged";
    private static final double CARBONATE = 100.086;
    public static final double CALCIUM = 40.078;
    /** What most table vinegar says on its label, g in 100 mL; common practice. */
    public static final double USUAL_PERCENT = 5;
    /** Share of an eggshell that is calcium carbonate; common practice. */
    private static final double CARBONATE_IN_SHELL = 0.95;
    /** Most of the gas comes off in the first day; common practice. */
    private static final double DAY_SHARE = 1;

    /**
     * What becomes of shells in vinegar.
     *
     * @param shell its weight
     * @param vinegar its volume
     * @param percent grams of acetic acid in 100 mL, as on the label
     */
    public static Working<ShellCalcium> of(Mass shell, Volume vinegar, double percent, UnitSystem system) {
        double acidMoles = vinegar.litres() * AceticAcid.molesPerLitre(percent);
        double shellMoles = shell.grams() * CARBONATE_IN_SHELL / CARBONATE;
        double moles = Math.min(acidMoles / 2, shellMoles);
        Mass dissolves = Mass.ofGrams(moles * CARBONATE / CARBONATE_IN_SHELL);
        double left = Math.max(0, 1 - dissolves.grams() / shell.grams());
        ShellCalcium result = new ShellCalcium(
                dissolves,
                left,
                acidMoles / 2 < shellMoles,
                AceticAcid.percent(Math.max(0, acidMoles - 2 * moles) / vinegar.litres()),
                moles * CALCIUM / vinegar.litres(),
                Volume.ofLitres(moles * FermentationGas.MOLAR_VOLUME));
        return result.told(shell, vinegar, percent, system);
    }

    private Working<ShellCalcium> told(Mass shell, Volume vinegar, double percent, UnitSystem system) {
        Evidence practice = new Evidence(Mark.COMMON_PRACTICE, true, MASSES);
        return Working.of(
                        this,
                        Step.of(
                                "Acid in the vinegar ÷ 60.052 g/mol.",
                                AmountText.number(vinegar.litres() * AceticAcid.molesPerLitre(percent)) + " mol",
                                new Evidence(Mark.PUBLISHED, true, MASSES),
                                "vinegar",
                                AmountText.volume(vinegar, system),
                                "strength on the label",
                                AmountText.number(percent) + " %"),
                        Step.of(
                                "Two acids take one chalk: shell = mol ÷ 2 × 100.086 g/mol ÷ 95 % chalk.",
                                AmountText.mass(dissolves, system) + " dissolve",
                                practice,
                                "shell",
                                AmountText.mass(shell, system)),
                        Step.of(
                                "Calcium = mol × 40.078 g/mol ÷ litres.",
                                AmountText.number(calciumGramsPerLitre) + " g/L",
                                practice))
                .then(
                        this,
                        Step.of(
                                "Each mol gives 24.06 L of carbon dioxide at 20 °C and 1 atm.",
                                AmountText.volume(gas, system),
                                practice));
    }

    /** Parts of vinegar to one of shell, by weight, at which both are used up together. */
    public static double exactBalance(double percent) {
        double shellPerLitre = AceticAcid.molesPerLitre(percent) / 2 * CARBONATE / CARBONATE_IN_SHELL;
        return AceticAcid.VINEGAR_DENSITY.value() * 1000 / shellPerLitre;
    }

    /** Calcium of a finished brew of usual vinegar, all of its acid used up, g/L: half as many mol × 40.078 g/mol. */
    public static double atTheEnd() {
        return AceticAcid.molesPerLitre(USUAL_PERCENT) / 2 * CALCIUM;
    }

    /**
     * How much of the acid is used up, from the pH: [Ac⁻] = C·Ka/(Ka + [H⁺]), share = ([Ac⁻] − [H⁺])/C, Ka = 10^−4.756. The
     * true share is a little higher, as ions hold each other back; by how much is from memory.
     *
     * @param ph what the meter reads, 0 to 14
     * @param percent grams of acetic acid in 100 mL of the fresh vinegar
     */
    public static Working<Conversion> converted(double ph, double percent) {
        double acid = AceticAcid.molesPerLitre(percent);
        double hydrogen = Math.pow(10, -ph);
        double constant = Math.pow(10, -AceticAcid.PKA.value());
        double share = (acid * constant / (constant + hydrogen) - hydrogen) / acid;
        double least = Math.max(0, Math.min(1, share));
        Conversion conversion = new Conversion(least, Math.max(least, upTo(ph)), least * acid / 2 * CALCIUM);
        return Working.of(conversion, turned(conversion, ph, acid))
                .then(
                        conversion,
                        Step.of(
                                "That is the least: in a salty liquid the true share is higher.",
                                AmountText.percent(conversion.least()) + " to " + AmountText.percent(conversion.most()),
                                Evidence.fromMemory()))
                .then(
                        conversion,
                        Step.of(
                                "Calcium = half as many mol × 40.078 g/mol.",
                                AmountText.number(conversion.calciumGramsPerLitre()) + " g/L at least",
                                new Evidence(Mark.COMMON_PRACTICE, true, MASSES)));
    }

    private static Step turned(Conversion conversion, double ph, double acid) {
        return Step.of(
                "Acid turned to acetate = C × Ka ÷ (Ka + [H⁺]) − [H⁺], as a share of C.",
                AmountText.percent(conversion.least()),
                new Evidence(Mark.PUBLISHED, true, "CRC Handbook of Chemistry and Physics: Ka = 10^−4.756"),
                "pH read",
                AmountText.number(ph, 2),
                "C, acid in the vinegar",
                AmountText.number(acid) + " mol/L");
    }

    /** What the share is at most at a pH, on straight lines between values from memory. */
    private static double upTo(double ph) {
        double[] at = {2.4, 4, 4.756, 5, 5.5, 6, 7};
        double[] most = {0, 0.23, 0.67, 0.78, 0.92, 0.97, 1};
        if (ph <= at[0]) {
            return most[0];
        }
        for (int i = 1; i < at.length; i++) {
            if (ph <= at[i]) {
                return most[i - 1] + (most[i] - most[i - 1]) * (ph - at[i - 1]) / (at[i] - at[i - 1]);
            }
        }
        return 1;
    }

    /**
     * How much of the vinegar is used up.
     *
     * @param least share that is used up at least, 0 to 1
     * @param most share at most
     * @param calciumGramsPerLitre calcium in the liquid at least, g/L
     */
    public record Conversion(double least, double most, double calciumGramsPerLitre) {
        /** Not more than the shells that went in can give. */
        public Conversion upTo(ShellCalcium end) {
            double share = calciumGramsPerLitre > 0 ? end.calciumGramsPerLitre() / calciumGramsPerLitre * least : 1;
            return claims(end)
                    ? new Conversion(Math.min(least, share), Math.min(most, share), end.calciumGramsPerLitre())
                    : this;
        }

        /** Whether the pH claims more calcium than went in, by more than a meter may be off. */
        public boolean claims(ShellCalcium end) {
            return calciumGramsPerLitre > end.calciumGramsPerLitre() * A_METER_OFF;
        }

        private static final double A_METER_OFF = 1.02;

        /** The share from which it counts as ripe: about a tenth is left when the bubbling rests under its own gas. */
        private static final double RIPE_SHARE = 0.85;

        /**
         * What of acid and of its own carbonic acid drives the shells at the same time, beside acid alone where half of it is left:
         * Plummer, Wigley &amp; Parkhurst 1978, Am. J. Sci. 278:179, at 25 °C and half a bar of its gas.
         */
        private static final double CARBONIC_DRIVE = 0.787;

        /**
         * The share of its time that has passed: the less acid is left, the slower it goes on, so that half used up is not half way.
         * With x used up, acid drives the shells as (1 − x)/x, so t ~ ∫ x dx/(1 − x + 0.787 x) (derived from the rate law of
         * Plummer et al. 1978). 1 is ripe.
         */
        public double way() {
            return time(least) / time(RIPE_SHARE);
        }

        private static double time(double used) {
            double slows = 1 - CARBONIC_DRIVE;
            return -used / slows - Math.log(1 - slows * used) / (slows * slows);
        }
    }

    /** The gas as the lid meets it: violent on the first day. */
    public static GasSource gas(Working<ShellCalcium> shells, Volume vinegar, UnitSystem system) {
        return new GasSource(
                AmountText.volume(vinegar, system) + " of vinegar",
                shells.value().gas(),
                DAY_SHARE,
                shells.steps().get(shells.steps().size() - 1));
    }
}
