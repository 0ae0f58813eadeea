package kindthimble.core.notebook;

import java.time.LocalDate;
import java.util.Map;

/**
 * Something that was measured. A figure of the kitchen learns from the notes of its kind ({@code craft-doing.md} 16); logarithms are natural, and a
 * factor is what was measured over what was planned.
 */
public sealed interface Note extends Dated {
    /** When and by whom. */
    @Override
    Taken taken();

    /** What is refused of it: a value that is not above 0 where a logarithm is taken, and what can't be. */
    void check();

    /** By this it is told from others. */
    default String id() {
        return taken().id();
    }

    /**
     * When a note was taken.
     *
     * @param id unique
     * @param day on which it was measured
     * @param hand who; null for nobody in particular
     * @param keep whether it counts however improbable it is
     */
    record Taken(String id, LocalDate day, String hand, boolean keep) {}

    /**
     * A line drawn through icing.
     *
     * @param recipe of its base
     * @param water grams in 100 g of base, 0 or more
     * @param seconds until the line is gone
     * @param ownSeconds what the base counts by its recipe, without water
     */
    record Count(Taken taken, String recipe, double water, double seconds, double ownSeconds) implements Note {
        @Override
        public void check() {
            above(id(), "water", water, -1e-300);
            above(id(), "seconds", seconds, 0);
            above(id(), "t0", ownSeconds, 0);
        }
    }

    /** Weighings of coats: a cookie bare and iced, or a bag after some more cookies. */
    sealed interface Weighing extends Note {
        /** Order in which one hand fills alike. */
        String order();

        /** How coats are filled. */
        String school();

        /** How many cookies were weighed together. */
        int cookies();

        /** Grams of coat that a cookie took. */
        double coat();

        /** Grams of coat that a cookie takes by the plan. */
        double planned();

        /** What the scale reads least, in grams a cookie. */
        double step();

        @Override
        default void check() {
            above(id(), "planned", planned(), 0);
            above(id(), "cookies", cookies(), 0);
            above(id(), "step", step(), -1e-300);
            above(id(), this instanceof Cookie ? "iced" : "used", coat(), 0);
        }
    }

    /**
     * A cookie, bare and iced.
     *
     * @param bare grams
     * @param iced grams
     * @param planned grams of coat
     * @param other grams of icing that is no coat
     * @param step what the scale reads least, in grams
     */
    record Cookie(
            Taken taken,
            String order,
            String school,
            double bare,
            double iced,
            double planned,
            double other,
            double step)
            implements Weighing {
        @Override
        public int cookies() {
            return 1;
        }

        @Override
        public double coat() {
            return iced - bare - other;
        }
    }

    /**
     * A bag after some more cookies.
     *
     * @param bag which
     * @param cookies iced since it was weighed before, 1 or more
     * @param planned grams of coat a cookie
     * @param used grams a cookie
     * @param other of those, what is no coat
     * @param step what the scale reads least, shared by the cookies, in grams
     */
    record Bag(
            Taken taken,
            String order,
            String school,
            String bag,
            int cookies,
            double planned,
            double used,
            double other,
            double step)
            implements Weighing {
        @Override
        public double coat() {
            return used - other;
        }
    }

    /**
     * Time that some work took together.
     *
     * @param planned seconds by kind of work
     * @param seconds that it took
     */
    record Run(Taken taken, Map<String, Double> planned, double seconds) implements Note {
        public Run {
            planned = Map.copyOf(planned);
        }

        /** Seconds that were planned for all of it. */
        public double plannedSeconds() {
            return planned.values().stream().mapToDouble(Double::doubleValue).sum();
        }

        @Override
        public void check() {
            above(id(), "seconds", seconds, 0);
            planned.forEach((work, of) -> above(id(), "planned." + work, of, -1e-300));
            above(id(), "planned", plannedSeconds(), 0);
        }
    }

    /**
     * Minutes of one piece of work, or drops to a colour.
     *
     * @param work which
     */
    record Step(Taken taken, String work, double planned, double measured) implements Note {
        @Override
        public void check() {
            factor(id(), planned, measured);
        }
    }

    /**
     * A look at a coat.
     *
     * @param gate what it was looked at for
     * @param coat which coat
     * @param age minutes since it was iced
     * @param planned minutes until it passes, with the room, the fan and the thickness of then
     * @param passed whether it did; false for still soft
     */
    record Look(Taken taken, String gate, String coat, double age, double planned, boolean passed) implements Note {
        @Override
        public void check() {
            above(id(), "age", age, 0);
            above(id(), "planned", planned, 0);
        }
    }

    /**
     * What broke.
     *
     * @param form {@code limb} for cookies with a thin part, {@code whole} for others
     * @param when {@code baked}, {@code iced} or {@code packed}
     * @param of how many there were, 1 or more
     * @param broken of them, 0 to all
     */
    record Broken(Taken taken, String form, String when, int of, int broken) implements Note {
        @Override
        public void check() {
            above(id(), "n", of, 0);
            among(id(), "broken", broken, of);
        }
    }

    /** Grams that a bag, a bowl, a mixer kept. */
    record Kept(Taken taken, String what, double planned, double measured) implements Note {
        @Override
        public void check() {
            factor(id(), planned, measured);
        }
    }

    /**
     * Piped pieces, weighed together.
     *
     * @param of how many, 1 or more
     * @param planned grams each
     * @param measured grams, all of them
     */
    record Piece(Taken taken, String what, int of, double planned, double measured) implements Note {
        @Override
        public void check() {
            above(id(), "n", of, 0);
            factor(id(), planned, measured);
        }
    }

    /**
     * Narrow places of a coat, and in how many of them something went wrong.
     *
     * @param what went wrong
     * @param width of them in mm
     * @param limit below which it is expected at their count, in mm
     * @param of how many, 1 or more
     * @param yes in how many it did, 0 to all
     */
    record Place(Taken taken, String what, double width, double limit, int of, int yes) implements Note {
        @Override
        public void check() {
            above(id(), "width", width, 0);
            above(id(), "limit", limit, 0);
            above(id(), "n", of, 0);
            among(id(), "yes", yes, of);
        }
    }

    /**
     * A percentage of baking.
     *
     * @param recipe of the dough
     * @param what {@code spread}, {@code loss} or {@code dough}
     */
    record Bake(Taken taken, String recipe, String what, double planned, double measured) implements Note {
        @Override
        public void check() {
            finite(id(), "planned", planned);
            finite(id(), "measured", measured);
        }
    }

    private static void factor(String id, double planned, double measured) {
        above(id, "planned", planned, 0);
        above(id, "measured", measured, 0);
    }

    private static void above(String id, String field, double value, double least) {
        finite(id, field, value);
        if (!(value > least)) {
            throw new BadNote(id, field, field + (least < 0 ? " can't be below 0." : " has to be above 0."));
        }
    }

    private static void among(String id, String field, int value, int of) {
        if (value < 0 || value > of) {
            throw new BadNote(id, field, field + " lies between 0 and " + of + ".");
        }
    }

    private static void finite(String id, String field, double value) {
        if (!Double.isFinite(value)) {
            throw new BadNote(id, field, "write " + field + " as a number.");
        }
    }
}
