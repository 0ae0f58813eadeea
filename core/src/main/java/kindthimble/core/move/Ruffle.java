package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Lines;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Frill;
import kindthimble.core.mark.Icing;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** Ruffles and brush embroidery along the edge, by the centimetre; the shop weighs ten centimetres of each. */
@Word(value = "ruffle", says = "ruffles or brush embroidery along an edge, a seam or a line", group = Kind.Group.RAISED)
public record Ruffle(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "what", from = Choice.From.WORDS, usual = "RUFFLE")
        Frill.Border kind,

        @Amount(word = "width", unit = Unit.MM, least = 1, most = 20, usual = WIDTH_MM)
        Double widthMm,

        @Amount(word = "rows", unit = Unit.PIECES, least = 1, most = MOST_ROWS, usual = 1)
        Integer rows,

        @Laying(
                word = "along",
                from = {"EDGE", "SEAMS", "PATH"},
                unbroken = true)
        Where where,

        @Choice(word = "tip", from = Choice.From.TIPS, otherwise = "ruffle, or 3 for brush embroidery")
        String tip,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public Ruffle(String colour, Frill.Border kind, Double widthMm, Integer rows, Where where, Wait waits, String on) {
        this(colour, kind, widthMm, rows, where, null, waits, null, on);
    }

    /** In one row. */
    public Ruffle(String colour, Frill.Border kind, Double widthMm, Where where, Wait waits, String on) {
        this(colour, kind, widthMm, null, where, waits, on);
    }

    static final double WIDTH_MM = 5;

    /** Out of which the house's brush embroidery is piped. */
    private static final String BRUSHED_TIP = "3";

    static final double MOST_ROWS = 12;

    /** Each row begins so much of its width farther in, and lies on the one before. */
    static final double STEP_SHARE = 0.8;

    @Override
    public Easier easier() {
        return Easier.by(
                "A marker draws an edge quicker.",
                "Draw the edge with a marker",
                new Marker(colour, Marker.Drawn.EDGE, null, null, null, null, null, null, null, on));
    }

    @Override
    public void lay(Ground ground) {
        boolean ruffle = kind == Frill.Border.RUFFLE;
        String usual = ruffle ? usualTip(ground.kitchen().shop()) : BRUSHED_TIP;
        String pipedWith =
                tip == null || tip.isBlank() ? usual : ground.tip(tip).name();
        Icing icing = new Icing(
                colour,
                new Consistency(ruffle ? Consistency.STIFF_SECONDS : ground.mean(Habit.PIPING_SECONDS)),
                pipedWith);
        double opening = ground.kitchen().shop().openingMm(pipedWith);
        double wider = opening / ground.kitchen().shop().openingMm(usual);
        // A ruffle is as wide as its tip's band; a row that is brushed is a line as thick as its tip.
        double gramsPerCm = ruffle
                ? ground.mean(Habit.RUFFLE_GRAMS_PER_CM) * wider
                : ground.mean(Habit.BRUSHED_GRAMS_PER_CM) * wider * wider;
        Gate gate = ground.raisedGate(on, waits);
        for (int row = 0; row < rows; row++) {
            ground.place(
                    on,
                    new Frill(
                            icing, kind, row(ground, row * STEP_SHARE * widthMm), widthMm, opening, gramsPerCm, gate));
        }
    }

    /** The line of one row, so far inside or beside the first. */
    private Lines row(Ground ground, double farther) {
        double first = where.besideMm() != null ? where.besideMm() : where.laid() == Laid.EDGE ? widthMm / 2 : 0;
        return ground.course(where.beside(first + farther), on, widthMm / 2);
    }

    /** A shop without a ruffle tip pipes ruffles with its petal tip, and has weighed them so. */
    private static String usualTip(ShopSettings shop) {
        return shop.tips().stream().anyMatch(tip -> tip.name().equals(Tip.RUFFLE)) ? Tip.RUFFLE : Tip.PETAL;
    }
}
