package kindthimble.app.clock;

/** What could be otherwise, from what costs least. */
enum Otherwise {
    /** A fan blows over the trays; where it does already, it does not. */
    FAN,
    /** Trays dry in a dehydrator. */
    DEHYDRATOR,
    /** A drier room. */
    DRIER_ROOM,
    /** Raised detail goes on by the other school. */
    OTHER_SCHOOL,
    /** A helper for an afternoon. */
    HELPER,
    /** The design with the most passes without its last one. */
    EASIER,
    /** Fewer cookies. */
    FEWER,
    /** The hand-over later. */
    LATER
}
