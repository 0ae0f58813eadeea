package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Pose;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Pieces;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** Leaves, rosettes, stars, flowers and petals, piped stiff by the piece; the shop weighs ten of each. */
@Word(value = "piece", says = "leaves, rosettes, stars, flowers, petals", group = Kind.Group.RAISED)
public record Piece(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "what", from = Choice.From.WORDS, usual = "ROSETTE")
        Pieces.PieceKind kind,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 200, usual = 3)
        int pieces,

        @Amount(word = "size", unit = Unit.MM, least = 2, most = 40, usual = 9)
        double sizeMm,

        @Laying(from = {"SCATTERED", "ROWS", "RING", "PLACES", "EDGE", "SEAMS", "PATH", "MARKS"})
        Where where,

        @Choice(word = "tip", from = Choice.From.TIPS, otherwise = "leaf, star or petal")
        String tip,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public Piece(
            String colour,
            Pieces.PieceKind kind,
            int pieces,
            double sizeMm,
            Where where,
            String tip,
            Wait waits,
            String on) {
        this(colour, kind, pieces, sizeMm, where, tip, waits, null, on);
    }

    /** With the tip that is usual for it. */
    public Piece(String colour, Pieces.PieceKind kind, int pieces, double sizeMm, Where where, Wait waits, String on) {
        this(colour, kind, pieces, sizeMm, where, null, waits, on);
    }

    @Override
    public Easier easier() {
        return pieces < 2
                ? Easier.said("A transfer made ahead takes the hands off the day.")
                : Easier.by("Fewer would be quicker.", "Half as many", Catalogue.with(this, "pieces", pieces / 2));
    }

    @Override
    public void lay(Ground ground) {
        List<Pose> poses = ground.stand(where, on, pieces, sizeMm);
        if (poses.isEmpty()) {
            throw new Refused("sizeMm", "A piece of that size does not fit there. Make it smaller.");
        }
        String pipedWith =
                tip == null || tip.isBlank() ? usualTip() : ground.tip(tip).name();
        Icing stiff = new Icing(colour, new Consistency(Consistency.STIFF_SECONDS), pipedWith);
        Gate gate = ground.raisedGate(on, waits);
        double each = ground.kitchen().shop().pieceGrams(kind, pipedWith, sizeMm, ground.mean(grams()));
        ground.place(on, new Pieces(stiff, kind, poses, sizeMm, each, gate));
    }

    private String usualTip() {
        return switch (kind) {
            case LEAF -> Tip.LEAF;
            case ROSETTE, STAR -> Tip.STAR;
            case FLOWER, PETAL -> Tip.PETAL;
        };
    }

    private Habit grams() {
        return switch (kind) {
            case LEAF -> Habit.LEAF_GRAMS;
            case ROSETTE -> Habit.ROSETTE_GRAMS;
            case STAR -> Habit.STAR_GRAMS;
            case FLOWER -> Habit.FLOWER_GRAMS;
            case PETAL -> Habit.PETAL_GRAMS;
        };
    }
}
