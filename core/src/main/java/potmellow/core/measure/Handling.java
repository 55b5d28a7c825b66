package potmellow.core.measure;

/** How a material lets itself be measured. */
public enum Handling {
    /** It is poured: what is too little for a drop is mixed with water first. */
    POURED,
    /** It dissolves or floats finely: what is too little to weigh is stirred into water, and that is poured. */
    STIRRED_IN,
    /** It is weighed, counted or spooned, or not used: leaves, roots, shells, rice, rock, soil. */
    SOLID
}
