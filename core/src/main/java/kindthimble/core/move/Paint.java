package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Supply;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** Paint or dust on a coat that is dry through, or paint marbled into a wet one. */
@Word(value = "paint", says = "paint or dust on a dry coat, or marbled into a wet one", group = Kind.Group.DRESSED)
public record Paint(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "what", from = Choice.From.WORDS, usual = "PAINT")
        What what,

        @Amount(word = "share of the section", unit = Unit.PERCENT, least = 1, most = 100, usual = 100)
        Double sharePercent,

        @Laying(
                word = "where",
                from = {"SPREAD", "MARKS"})
        Where where,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {
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
        Region region = where.laid() == Laid.MARKS ? ground.covered(where.marks(), on) : ground.on(on);
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
