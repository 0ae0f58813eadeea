package kindthimble.core.kitchen;

import java.util.Comparator;
import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.mark.Pieces;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * What one piece weighs that the shop has piped and weighed.
 *
 * @param kind what it is
 * @param tip name of the tip that piped it
 * @param sizeMm how large it was
 * @param grams of one
 */
public record PieceWeight(
        Pieces.PieceKind kind,
        String tip,

        @Amount(word = "size", unit = Unit.MM, least = 2, most = 40)
        double sizeMm,

        @Amount(word = "weight", unit = Unit.GRAMS, least = 0.01, most = 50)
        double grams) {

    /** How large the pieces are whose weights the house tells. */
    public static final double HOUSE_MM = 9;

    /**
     * What one weighs at another size: what grows all ways goes with the cube of its size, a leaf of one tip with its length.
     */
    double gramsAt(double otherMm) {
        double times = otherMm / sizeMm;
        return grams * (kind == Pieces.PieceKind.LEAF ? times : times * times * times);
    }

    /**
     * What a piece weighs: by the weighed one of the same kind and tip that is nearest in size, else of the same kind, else as the house says.
     *
     * @param weighed by the shop
     * @param houseGrams of one of {@value #HOUSE_MM} mm
     */
    static double grams(
            List<PieceWeight> weighed, Pieces.PieceKind kind, String tip, double sizeMm, double houseGrams) {
        return weighed.stream()
                .filter(one -> one.kind() == kind)
                .min(Comparator.comparing((PieceWeight one) -> !tip.equals(one.tip()))
                        .thenComparingDouble(one -> Math.abs(Math.log(one.sizeMm() / sizeMm))))
                .orElse(new PieceWeight(kind, tip, HOUSE_MM, houseGrams))
                .gramsAt(sizeMm);
    }

    void check(List<Tip> tips) {
        if (kind == null) {
            throw new Refused("kind", "Say what was weighed.");
        }
        if (tips.stream().noneMatch(one -> one.name().equals(tip))) {
            throw new Refused("tip", "Pick the tip that piped it.");
        }
    }
}
