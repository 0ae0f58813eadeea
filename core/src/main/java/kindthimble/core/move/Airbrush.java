package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Supply;

/** Colour sprayed on a flat dry coat, before a stencil or raised detail. */
@Word(value = "airbrush", says = "a veil of colour on a dry coat", group = Kind.Group.DRESSED)
public record Airbrush(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {

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
        Region region = ground.on(on);
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
