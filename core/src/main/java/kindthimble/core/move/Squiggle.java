package kindthimble.core.move;

import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Dressing;

/** A line through a small section before it is flooded, so that the coat does not sink. Its volume is part of the flood's. */
@Word(value = "squiggle", says = "a line inside a small section, against craters", group = Kind.Group.COAT)
public record Squiggle(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {
    static final int TURNS = 3;

    @Override
    public void lay(Ground ground) {
        ground.coats().byPass(ground.named(on)).forEach((slot, names) -> lay(ground, slot, names));
    }

    /** In the sections of one pass. */
    private void lay(Ground ground, int slot, List<String> names) {
        Region region = ground.region(Set.copyOf(names));
        Region inner = region.inset(1);
        Lines line = Strokes.across(inner.isEmpty() ? region : inner, TURNS, 0, Strokes.Form.WAVY);
        ground.place(slot, names, dressing(ground, colour, line, Gate.BARE_COOKIE, Stage.COAT));
    }

    /** As it is piped. */
    static Dressing dressing(Ground ground, String colour, Lines line, Gate gate, Stage stage) {
        return new Dressing(
                colour,
                line.pathData(),
                1.0,
                line.lengthMm(),
                0,
                gate,
                stage,
                line.lengthMm() / 10 * ground.mean(Habit.OUTLINE_SECONDS_PER_CM),
                List.of(),
                Extent.of(line, 1));
    }
}
