package kindthimble.core.mark;

/**
 * Something beside icing that a mark takes on one cookie.
 *
 * @param sort what it is
 * @param colour key of its colour; null where it has none of the order's
 * @param amount how much on one cookie, in the sort's measure, 0 or more
 */
public record Supply(Sort sort, String colour, double amount) {

    /** What is kept beside icing, how it is counted, and how it is bought. */
    public enum Sort {
        PEARLS("pearls", Measure.PIECES, true),
        CANDIES("candies", Measure.PIECES, true),
        SPRINKLES("sprinkles", Measure.GRAMS, true),
        SUGAR("sugar to strew", Measure.GRAMS, true),
        /** Counted by the length that is drawn. */
        MARKER("marker", Measure.METRES, true),
        DUST("dust", Measure.GRAMS, true),
        /** What dust is painted with: clear alcohol or extract. */
        THINNER("thinner for paint", Measure.MILLILITRES, false),
        AIRBRUSH("airbrush colour", Measure.MILLILITRES, true),
        /** Counted by the area that pieces made ahead take, gaps with it. */
        FILM("film for transfers", Measure.SQUARE_CM, false);

        private final String word;
        private final Measure measure;
        private final boolean coloured;

        Sort(String word, Measure measure, boolean coloured) {
            this.word = word;
            this.measure = measure;
            this.coloured = coloured;
        }

        /** As it stands on a list. */
        public String word() {
            return word;
        }

        public Measure measure() {
            return measure;
        }

        /** Whether it is bought by colour. */
        public boolean isColoured() {
            return coloured;
        }
    }

    /** What an amount counts. */
    public enum Measure {
        PIECES,
        GRAMS,
        METRES,
        MILLILITRES,
        SQUARE_CM
    }

    public Supply {
        if (!(amount >= 0)) {
            throw new IllegalArgumentException("an amount is 0 or more, not " + amount);
        }
        colour = sort.isColoured() ? colour : null;
    }
}
