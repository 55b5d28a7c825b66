package potmellow.core.rule;

/** How much a finding matters, least first. */
public enum Severity {
    /** The rule was looked at and holds. */
    HOLDS,
    /** Worth knowing. */
    NOTE,
    /** Unwise: needs an explicit, recorded decision. */
    CONFIRM,
    /** Harmful or impossible: not done. */
    REFUSE
}
