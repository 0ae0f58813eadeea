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
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Supply;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** Colour sprayed on a flat dry coat, before a stencil or raised detail. */
@Word(
        value = "airbrush",
        says = "a veil of colour on a dry coat: all over, through a form, or around it",
        group = Kind.Group.DRESSED)
public record Airbrush(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Laying(
                word = "where",
                from = {"SPREAD", "SCATTERED", "ROWS", "RING", "MIDDLE", "PLACES", "EDGE", "SEAMS", "PATH"})
        Where where,

        @Choice(word = "form", from = Choice.From.WORDS, otherwise = "a disc, or a stroke along a line")
        SmallForm form,

        @Text(word = "own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width", unit = Unit.MM, least = 0.5, most = 200, usual = Motif.USUAL_MM)
        Double sizeMm,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 200, usual = Motif.USUAL_PIECES)
        Integer pieces,

        @Choice(word = "sprayed", from = Choice.From.WORDS, usual = "THROUGH")
        Masked masked,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {
    /** One that waits as long as that takes. */
    public Airbrush(
            String colour,
            Where where,
            SmallForm form,
            String path,
            Double sizeMm,
            Integer pieces,
            Masked masked,
            String on) {
        this(colour, where, form, path, sizeMm, pieces, masked, null, on);
    }

    /** What a form held over the cookie lets through. */
    public enum Masked {
        THROUGH,
        AROUND
    }

    /** All over some sections. */
    public Airbrush(String colour, String on) {
        this(colour, null, null, null, null, null, null, on);
    }

    @Override
    public String needsCoat() {
        return "Airbrush goes on a dry coat: put a flood before it.";
    }

    @Override
    public boolean dresses() {
        return true;
    }

    @Override
    public void lay(Ground ground) {
        Region region = Motif.of(ground, where, on, form, path, sizeMm, pieces);
        if (masked == Masked.AROUND && where.laid() != Laid.SPREAD) {
            region = ground.on(on).difference(region);
        }
        if (region.isEmpty()) {
            throw new Refused("sizeMm", "This leaves nothing to spray. Make it smaller.");
        }
        Supply sprayed = new Supply(
                Supply.Sort.AIRBRUSH, colour, region.areaMm2() / 100 * ground.mean(Habit.AIRBRUSH_ML_PER_CM2));
        ground.place(
                on,
                Dressing.over(
                        region,
                        colour,
                        Gate.SURFACE_DRY,
                        Stage.AIRBRUSH,
                        ground.mean(Habit.AIRBRUSH_SECONDS),
                        List.of(sprayed)));
    }
}
