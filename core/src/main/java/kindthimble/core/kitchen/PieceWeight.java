package kindthimble.core.kitchen;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
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
     * What a piece weighs: by the weighed one of the same kind and tip that is nearest in size, else of the same kind, else as the house says; at another size and
     * out of another tip as the shape of it has it.
     *
     * @param weighed by the shop
     * @param tips of the shop
     * @param houseGrams of one of {@value #HOUSE_MM} mm out of the tip that is usual for it
     */
    static double grams(
            List<PieceWeight> weighed,
            List<Tip> tips,
            Pieces.PieceKind kind,
            String tip,
            double sizeMm,
            double houseGrams) {
        PieceWeight known = weighed.stream()
                .filter(one -> one.kind() == kind)
                .min(Comparator.comparing((PieceWeight one) -> !tip.equals(one.tip()))
                        .thenComparingDouble(one -> Math.abs(Math.log(one.sizeMm() / sizeMm))))
                .orElse(new PieceWeight(kind, usualTip(kind), HOUSE_MM, houseGrams));
        return known.grams()
                * PieceShape.mm3(kind, opening(tips, tip), sizeMm)
                / PieceShape.mm3(kind, opening(tips, known.tip()), known.sizeMm());
    }

    private static String usualTip(Pieces.PieceKind kind) {
        return switch (kind) {
            case LEAF -> Tip.LEAF;
            case ROSETTE, STAR -> Tip.STAR;
            case FLOWER, PETAL -> Tip.PETAL;
        };
    }

    /** Of one that the shop has put away, as the house's of that name. */
    static double opening(List<Tip> tips, String name) {
        return Stream.concat(tips.stream(), Tip.HOUSE.stream())
                .filter(tip -> tip.name().equals(name))
                .mapToDouble(Tip::openingMm)
                .findFirst()
                .orElse(Tip.HOUSE.get(0).openingMm());
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
