package kindthimble.core.caution;

/** How much a warning weighs. */
public enum Weight {
    /** The cookie is likely to be spoilt. */
    WILL_SPOIL,
    /** It may go wrong: worth a look. */
    MIND,
    /** Nothing goes wrong: a thought, such as a way that takes less time. */
    A_THOUGHT
}
