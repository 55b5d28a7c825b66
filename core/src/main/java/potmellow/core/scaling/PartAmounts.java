package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import potmellow.core.book.Basis;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredQuantity;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** The amounts of all parts at a scale: exact, measured, and how they were reached. */
record PartAmounts(Method method, Proportions proportions, UnitSystem system) {
    private static final double FEW = 3;
    private static final double AS_EXACT = 1e-12;

    /**
     * The amounts, in the method's order. Everything follows the main part as it is measured.
     *
     * @param asItIs whether the main part is what is in hand, and taken as it is
     */
    List<Amount> at(Working<Double> scale, boolean asItIs) {
        Part main = method.main();
        Quantity exactMain = proportions.amount(main, scale.value());
        MeasuredQuantity mainMeasured = asItIs ? MeasuredQuantity.asItIs(exactMain, system) : measured(main, exactMain);
        List<Amount> amounts = new ArrayList<>();
        amounts.add(amount(main, rounded(scale.map(any -> exactMain), mainMeasured)));
        double taken = method.fillsVessel() ? scale.value() : proportions.scale(main, mainMeasured.measured());
        for (Part part : method.parts().subList(1, method.parts().size())) {
            Quantity exact = proportions.amount(part, taken);
            Working<Quantity> working = follows(part, exact, mainMeasured.measured());
            amounts.add(amount(part, rounded(working, measured(part, exact))));
        }
        return amounts;
    }

    private MeasuredQuantity measured(Part part, Quantity exact) {
        return MeasuredQuantity.of(exact, proportions.material(part).handling(), system);
    }

    private Working<Quantity> follows(Part part, Quantity exact, Quantity main) {
        return Working.of(
                exact,
                switch (part.amount().basis()) {
                    case BATCH -> same(part, exact);
                    case STARTER -> starter(part, exact);
                    case REST -> rest(part, exact);
                    case VESSEL -> share(part, exact);
                    case WEIGHT, VOLUME, FINISHED -> told(part, exact, main);
                });
    }

    private Step same(Part part, Quantity exact) {
        return Step.of(
                part.name() + ": the same for every batch.",
                exact.text(system),
                part.amount().evidence());
    }

    private Step starter(Part part, Quantity exact) {
        Part.Amount stated = part.amount();
        Part.Beyond beyond = stated.beyond().orElseThrow();
        return Step.of(
                part.name() + ": " + AmountText.number(stated.value()) + " " + stated.unit() + " a litre up to "
                        + AmountText.number(beyond.litres()) + " L, then " + AmountText.number(beyond.more()) + " "
                        + stated.unit() + " more for each " + AmountText.number(beyond.perLitres())
                        + " L, never more than "
                        + AmountText.number(beyond.most()) + " " + stated.unit() + ".",
                exact.text(system),
                stated.evidence());
    }

    private Step rest(Part part, Quantity exact) {
        return Step.of(
                part.name() + " fills what is left up to the line.",
                exact.text(system),
                Evidence.derivedFrom(Mark.FROM_MEMORY),
                "line",
                AmountText.percent(proportions.fillShare()) + " of the vessel");
    }

    private Step share(Part part, Quantity exact) {
        Material material = proportions.material(part);
        return Step.of(
                part.name() + " = share of the vessel × its bulk density.",
                exact.text(system),
                Evidence.derivedFrom(part.amount()
                        .mark()
                        .weaker(material.bulkDensityKilogramsPerLitre().mark())),
                "share of the vessel",
                AmountText.percent(part.amount().value()),
                "bulk density",
                AmountText.number(material.density()) + " kg/L");
    }

    private Step told(Part part, Quantity exact, Quantity main) {
        Part.Amount stated = part.amount();
        Part first = method.main();
        boolean weighed = Quantity.of(stated.value(), stated.unit()).isMass();
        boolean alike = first.amount().basis() == stated.basis() && weighed == main.isMass();
        if (alike && !method.fillsVessel()) {
            return Step.of(
                    part.name() + " = " + first.id() + " × " + AmountText.number(exact.dividedBy(main)) + ", by "
                            + (weighed ? "weight." : "volume."),
                    exact.text(system),
                    stated.evidence(),
                    first.id(),
                    main.text(system));
        }
        String per = method.fillsVessel()
                ? "litre of vessel"
                : AmountText.number(first.amount().value()) + " "
                        + first.amount().unit() + " of " + first.id();
        return Step.of(
                part.name() + ": " + AmountText.number(stated.value()) + " " + stated.unit() + " for each " + per + ".",
                exact.text(system),
                stated.evidence(),
                first.id(),
                main.text(system));
    }

    private Working<MeasuredQuantity> rounded(Working<Quantity> exact, MeasuredQuantity measured) {
        if (Math.abs(measured.deviation()) < AS_EXACT) {
            return exact.map(any -> measured);
        }
        String how = measured.exact().isMass()
                ? "Rounded to what a kitchen scale shows."
                : "Measured with the coarsest tool that stays within 5 %: " + measured.tool() + ".";
        return exact.then(
                measured,
                Step.of(
                        how,
                        measured.text(),
                        Evidence.exact(),
                        "exactly",
                        AmountText.number(measured.exact().base(), 2)
                                + (measured.exact().isMass() ? " g" : " mL")));
    }

    private Amount amount(Part part, Working<MeasuredQuantity> working) {
        Material material = proportions.material(part);
        Quantity measured = working.value().measured();
        List<String> also = new ArrayList<>();
        material.counted()
                .ifPresent(counted ->
                        also.add(counted(counted, material.mass(measured).grams())));
        if (measured.isMass()
                && !part.id().equals(method.main().id())
                && part.amount().basis() != Basis.VESSEL) {
            MeasuredVolume.of(material.volume(working.value().exact()), UnitSystem.US)
                    .filter(volume -> volume.stock() == 1)
                    .ifPresent(cups -> also.add(cups.text() + (system == UnitSystem.US ? "" : " (US)")));
        }
        return new Amount(part.id(), part.name(), material, working, also, part.note());
    }

    /** In whole pieces; up to three of them in quarters. */
    private static String counted(Material.Counted counted, double grams) {
        double count = grams / counted.grams().value();
        if (count >= FEW) {
            return "about " + AmountText.number(count, 0) + " " + counted.many();
        }
        double quarters = Math.round(count * 4) / 4.0;
        if (quarters == 0) {
            return "less than a quarter of a " + counted.one();
        }
        return "about " + AmountText.quarters(quarters) + " " + (quarters <= 1 ? counted.one() : counted.many());
    }
}
