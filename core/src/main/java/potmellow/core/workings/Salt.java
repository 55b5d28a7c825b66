package potmellow.core.workings;

import potmellow.core.working.Constant;

/** Salt in a mix, told by how well it conducts, mS/cm. */
public final class Salt {
    public static final Constant SEAWATER = Constant.fromMemory(53, "mS/cm");
    /** Beans, strawberries, carrots and seedlings bear no more. */
    public static final Constant SENSITIVE = Constant.published(0.7, "mS/cm", "FAO 29, Ayers & Westcot 1985");

    public static final Constant OTHERS = Constant.fromMemory(1.5, "mS/cm");
    public static final Constant LEAVES = Constant.fromMemory(1.0, "mS/cm");

    private Salt() {}
}
