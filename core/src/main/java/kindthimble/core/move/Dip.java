package kindthimble.core.move;

import java.util.LinkedHashSet;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Lines;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Marbling;
import kindthimble.core.words.Unit;

/** Face down into a bowl of glaze, lifted and drained; a second colour swirled into the bowl marbles it. */
@Word(value = "dip", says = "face down into a bowl of glaze, plain or marbled", group = Kind.Group.COAT)
public record Dip(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "marbled with", from = Choice.From.PALETTE, otherwise = "nothing")
        String second,

        @Amount(word = "share of that", unit = Unit.PERCENT, least = 1, most = 50, habit = Habit.MARBLED_SHARE_PERCENT)
        Double secondPercent,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = 12,
                habit = Habit.GLAZE_SECONDS)
        Double countSeconds,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "what no other coat covers")
        String on)
        implements Coating {

    @Override
    public Seam seam() {
        return Seam.CREASE;
    }

    @Override
    public Set<String> colours() {
        Set<String> colours = new LinkedHashSet<>(Set.of(colour));
        if (isMarbled()) {
            colours.add(second);
        }
        return colours;
    }

    @Override
    public Easier easier() {
        return Easier.said("A dip is the quickest coat there is.");
    }

    @Override
    public double thicknessMm(Habits habits) {
        return habits.mean(Habit.DIP_MM);
    }

    @Override
    public void lay(Ground ground) {
        double share = isMarbled() ? secondPercent / 100 : 0;
        double mm3 = Covering.over(
                ground,
                icing(colour, isMarbled() ? second : null),
                ground.mean(Habit.DIP_MM),
                1 - share,
                true,
                (section, region) -> ground.coats().mm3(section, region, ground.mean(Habit.DIP_MM)));
        if (isMarbled() && mm3 > 0) {
            Lines veins =
                    Strokes.across(ground.region(ground.ownCoat()), Paint.VEINS, Paint.VEIN_TILT, Strokes.Form.WAVY);
            ground.place(on, new Marbling(icing(second, colour), veins, 2 * Paint.VEIN_MM, mm3 * share / (1 - share)));
        }
    }

    private boolean isMarbled() {
        return second != null && !second.isBlank();
    }

    private Icing icing(String of, String beside) {
        return new Icing(of, new Consistency(countSeconds), null, Icing.Vessel.DIP_BOWL, beside);
    }
}
