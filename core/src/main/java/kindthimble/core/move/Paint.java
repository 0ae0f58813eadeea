package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Supply;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** Paint or dust on a coat that is dry through, or paint marbled into a wet one. */
@Word(
        value = "paint",
        says =
                "paint, dust or gilding: all over, in stripes, in a form, or on just these marks; or marbled into a wet coat",
        group = Kind.Group.DRESSED)
public record Paint(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "what", from = Choice.From.WORDS, usual = "PAINT")
        What what,

        @Amount(word = "share of the section", unit = Unit.PERCENT, least = 1, most = 100, usual = 100)
        Double sharePercent,

        @Laying(
                word = "where",
                from = {"SPREAD", "MARKS", "SCATTERED", "ROWS", "RING", "MIDDLE", "PLACES", "EDGE", "SEAMS", "PATH"})
        Where where,

        @Choice(word = "form", from = Choice.From.WORDS, otherwise = "a disc, or a stroke along a line")
        SmallForm form,

        @Text(word = "own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width", unit = Unit.MM, least = 0.5, most = 200, usual = Motif.USUAL_MM)
        Double sizeMm,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 200, usual = Motif.USUAL_PIECES)
        Integer pieces,

        @Amount(word = "in stripes", unit = Unit.PIECES, least = 0, most = 40, usual = 0)
        Integer stripes,

        @Amount(word = "stripes tilted", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
        Double tiltDegrees,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {
    /** One that waits as long as that takes. */
    public Paint(
            String colour,
            What what,
            Double sharePercent,
            Where where,
            SmallForm form,
            String path,
            Double sizeMm,
            Integer pieces,
            Integer stripes,
            Double tiltDegrees,
            String on) {
        this(colour, what, sharePercent, where, form, path, sizeMm, pieces, stripes, tiltDegrees, null, on);
    }

    /** Over whole sections, or exactly on some marks. */
    public Paint(String colour, What what, Double sharePercent, Where where, String on) {
        this(colour, what, sharePercent, where, null, null, null, null, null, null, on);
    }

    /** How colour goes on. */
    public enum What {
        PAINT,
        DUST,
        MARBLED
    }

    @Override
    public String sinks() {
        return what == What.MARBLED ? "Veins of paint" : null;
    }

    @Override
    public String needsCoat() {
        return what == What.MARBLED ? null : "Paint goes on a coat that is dry through: put a flood before it.";
    }

    @Override
    public boolean dresses() {
        return what != What.MARBLED;
    }

    @Override
    public void lay(Ground ground) {
        Region region = Motif.of(ground, where, on, form, path, sizeMm, pieces);
        if (stripes > 0) {
            Lines across = Strokes.across(region, stripes, tiltDegrees, Strokes.Form.STRAIGHT);
            region = across.stroked(sizeMm).intersection(region);
        }
        double share = sharePercent / 100;
        double seconds = share * region.areaMm2() / 100 * ground.mean(Habit.PAINT_SECONDS_PER_CM2);
        if (what == What.MARBLED) {
            ground.place(
                    on,
                    new Dressing(
                            colour,
                            Strokes.across(region, VEINS, VEIN_TILT, Strokes.Form.WAVY)
                                    .pathData(),
                            VEIN_MM,
                            0,
                            share * region.areaMm2(),
                            Gate.WET,
                            Stage.COAT,
                            seconds,
                            supplies(ground, share * region.areaMm2()),
                            Extent.of(region)));
            return;
        }
        Region painted = share == 1 ? region : region.shrunkTo(share);
        ground.place(
                on,
                Dressing.over(
                        painted, colour, Gate.DRY_THROUGH, Stage.PAINT, seconds, supplies(ground, painted.areaMm2())));
    }

    /** Paint is dust in thinner; dust alone goes on dry. */
    private List<Supply> supplies(Ground ground, double areaMm2) {
        double cm2 = areaMm2 / 100;
        Supply dust = new Supply(Supply.Sort.DUST, colour, cm2 * ground.mean(Habit.DUST_GRAMS_PER_CM2));
        return what == What.DUST
                ? List.of(dust)
                : List.of(dust, new Supply(Supply.Sort.THINNER, null, cm2 * ground.mean(Habit.THINNER_ML_PER_CM2)));
    }

    /** Marbling as it is drawn. */
    static final int VEINS = 5;

    static final double VEIN_TILT = 25;
    static final double VEIN_MM = 1.2;
}
