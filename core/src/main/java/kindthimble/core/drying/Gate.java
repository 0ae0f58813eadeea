package kindthimble.core.drying;

import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/** What has to be so underneath before a mark goes on. */
public enum Gate {
    /** Straight on the baked cookie. */
    BARE_COOKIE(null),
    /** The coat below is still wet, so that the mark sinks in. */
    WET(null),
    /** Paint, print or airbrush does not smear. */
    PRINT_DRY(Habit.PRINT_DRY_MINUTES),
    /** A raised line beside it has a skin, so that a line stays to be seen between them. */
    TOUCHING(Habit.TOUCHING_MINUTES),
    /** Small raised dots bear a brush. */
    DOTS_SET(Habit.DOTS_SET_MINUTES),
    /** The coat beside it has a skin. */
    SKINNED(Habit.SKINNED_MINUTES),
    /** A raised line holds the flood that runs against it. */
    LINES_HOLD(Habit.LINES_HOLD_MINUTES),
    /** The coat below is set on top, not yet inside. */
    HALF_DRY(Habit.HALF_DRY_MINUTES),
    /** Raised parts below bear what is laid on them. */
    LINES_SET(Habit.LINES_SET_MINUTES),
    /** The coat below carries a bead without denting. */
    FIRM(Habit.FIRM_MINUTES),
    /** Raised parts below bear a marker. */
    LINES_DRY(Habit.LINES_DRY_MINUTES),
    /** Nothing that presses leaves a dent. */
    SURFACE_DRY(Habit.SURFACE_DRY_MINUTES),
    /** A piece on film can be lifted off, and turned or stood up. */
    LIFTS_OFF(Habit.LIFTS_OFF_MINUTES),
    /** Dry to the cookie: overnight. */
    DRY_THROUGH(Habit.DRY_THROUGH_MINUTES),
    /** Dry enough to peel off a texture sheet, and dry through with that: a day. */
    TEXTURE_SHEET(Habit.TEXTURE_SHEET_MINUTES);

    /** What the times of the gates are for. */
    private static final double USUAL_MM = 2;

    private static final double LEAST_TIMES = 0.5;
    private static final double MOST_TIMES = 2.5;

    private final Habit after;

    Gate(Habit after) {
        this.after = after;
    }

    /** How long that takes from the wet coat on, for 2 mm of it in still air of the shop's room; 0 for what is so at once. */
    public int minutes(Habits habits) {
        return minutes(habits, USUAL_MM);
    }

    /**
     * How long that takes in still air of the shop's room; 0 for what is so at once. What has to leave through all of the icing goes by the square of
     * how thick that is, as diffusion does; a skin does not.
     *
     * @param thicknessMm of what dries, wet; 0 for small piped parts
     */
    public int minutes(Habits habits, double thicknessMm) {
        if (after == null) {
            return 0;
        }
        double thicker = isOfAllOfIt()
                ? Math.max(LEAST_TIMES, Math.min(thicknessMm * thicknessMm / (USUAL_MM * USUAL_MM), MOST_TIMES))
                : 1;
        return (int) Math.round(habits.mean(after) * Room.times(habits) * thicker);
    }

    private boolean isOfAllOfIt() {
        return this == SURFACE_DRY || this == DRY_THROUGH;
    }

    /** Whether nothing sinks in any more once this has come. */
    public boolean isPastWet() {
        return compareTo(WET) > 0;
    }
}
