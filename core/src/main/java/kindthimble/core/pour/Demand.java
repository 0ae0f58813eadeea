package kindthimble.core.pour;

import java.util.List;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Supply;

/**
 * Icing wanted on the cookies of an order, breakage spares with them.
 *
 * @param cookies how many are handed over
 * @param spares how many more are iced
 * @param colours what they take, in the order in which the designs name the colours
 * @param supplies what they take beside icing, all cookies together
 */
public record Demand(int cookies, int spares, List<OfColour> colours, List<Supply> supplies) {
    public Demand {
        colours = List.copyOf(colours);
        supplies = List.copyOf(supplies);
    }

    /** Icing alone. */
    public Demand(int cookies, int spares, List<OfColour> colours) {
        this(cookies, spares, colours, List.of());
    }

    /**
     * @param colour its key
     * @param squaredGrams sum over all cookies iced of the square of the grams of this colour on each
     * @param portions by consistency, stiffest first
     */
    public record OfColour(String colour, double squaredGrams, List<Portion> portions) {
        public OfColour {
            portions = List.copyOf(portions);
        }

        public double grams() {
            return portions.stream().mapToDouble(Portion::grams).sum();
        }
    }

    /**
     * @param consistency how stiff
     * @param vessel what it is put on the cookies out of
     * @param tips names of the tips it is piped with; empty when only tipless bags are used
     * @param drinks where it goes
     * @param dipBowls how many dip bowls it stands in: a share of one where two colours are run into each other; 0 for all else
     */
    public record Portion(
            Consistency consistency, Icing.Vessel vessel, List<String> tips, List<Drink> drinks, double dipBowls) {
        public Portion {
            tips = List.copyOf(tips);
            drinks = List.copyOf(drinks);
        }

        /** A portion that stands in no dip bowl, or fills one. */
        public Portion(Consistency consistency, Icing.Vessel vessel, List<String> tips, List<Drink> drinks) {
            this(consistency, vessel, tips, drinks, vessel == Icing.Vessel.DIP_BOWL ? 1 : 0);
        }

        public double grams() {
            return drinks.stream().mapToDouble(Drink::grams).sum();
        }
    }

    /**
     * One move of one design, and what it takes.
     *
     * @param design which design
     * @param move index of the move
     * @param gramsEach on one cookie
     * @param cookies how many are iced, spares with them
     * @param piecesEach pieces made ahead for each cookie; 0 for all else
     * @param sparePieces how many more of them are made, because some break
     * @param tip name of the tip that it is piped with; null where it is piped with none, or where that was not kept
     */
    public record Drink(
            String design, int move, double gramsEach, int cookies, int piecesEach, int sparePieces, String tip) {
        public double grams() {
            double more = piecesEach == 0 ? 0 : gramsEach / piecesEach * sparePieces;
            return gramsEach * cookies + more;
        }

        /** The same where it goes, so many times as much. */
        Drink times(double share) {
            return new Drink(design, move, gramsEach * share, cookies, piecesEach, sparePieces, tip);
        }
    }
}
