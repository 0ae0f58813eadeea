package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Relief;
import kindthimble.core.words.Unit;

/** Medium icing spread with a spatula, smooth or pressed with a texture sheet: area times thickness. */
@Word(value = "spatula coat", says = "spread on, smooth or under a texture sheet", group = Kind.Group.COAT)
public record Spatula(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "surface", from = Choice.From.WORDS, usual = "SMOOTH")
        Surface surface,

        @Choice(word = "pattern of the sheet", from = Choice.From.WORDS, usual = "DIAMONDS")
        Pattern sheet,

        @Amount(word = "thickness", unit = Unit.MM, least = 1, most = 8, otherwise = "3 smooth, 4.5 pressed")
        Double spreadMm,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.MEDIUM_SECONDS)
        Double countSeconds,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "what no other coat covers")
        String on)
        implements Coating {
    /** Under the usual sheet, where it is pressed. */
    public Spatula(String colour, Surface surface, Double spreadMm, Double countSeconds, String on) {
        this(colour, surface, null, spreadMm, countSeconds, on);
    }

    /** What is pressed on it. */
    public enum Pattern {
        DIAMONDS(Relief.DIAMONDS),
        BRICKS(Relief.BRICKS),
        /** A towel, or any woven cloth. */
        CLOTH(Relief.CLOTH),
        RIBS(Relief.RIBS),
        DOTS(Relief.DOTS);

        private final Relief leaves;

        Pattern(Relief leaves) {
            this.leaves = leaves;
        }
    }

    /** What its surface becomes. */
    public enum Surface {
        SMOOTH,
        /** Under a texture sheet, which is peeled off a day later. */
        PRESSED
    }

    @Override
    public Seam seam() {
        return Seam.CREASE;
    }

    @Override
    public double thicknessMm(Habits habits) {
        if (spreadMm != null) {
            return spreadMm;
        }
        return habits.mean(isPressed() ? Habit.PRESSED_MM : Habit.SPATULA_MM);
    }

    boolean isPressed() {
        return surface == Surface.PRESSED;
    }

    @Override
    public void lay(Ground ground) {
        double thickness = thicknessMm(ground.habits());
        Icing icing = new Icing(colour, new Consistency(countSeconds), null, Icing.Vessel.SPATULA);
        Relief relief = isPressed() ? sheet.leaves : Relief.SPREAD;
        Coat coat = new Coat(icing, List.of(), thickness, 0, true, relief);
        Covering.over(
                ground, coat, 1, Marbled.PLAIN, other -> icing, (section, region) -> region.areaMm2() * thickness);
    }
}
