package kindthimble.core.move;

import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;
import kindthimble.core.words.Unit;

/** Face down into a bowl of glaze, lifted and drained; one or two more colours swirled into the bowl marble it. */
@Word(value = "dip", says = "face down into a bowl of glaze, plain or marbled", group = Kind.Group.COAT)
public record Dip(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "marbled with", from = Choice.From.PALETTE, otherwise = "nothing")
        String second,

        @Choice(word = "and with", from = Choice.From.PALETTE, otherwise = "nothing")
        String third,

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
    /** Marbled with one colour at the most. */
    public Dip(String colour, String second, Double secondPercent, Double countSeconds, String on) {
        this(colour, second, null, secondPercent, countSeconds, on);
    }

    @Override
    public Seam seam() {
        return Seam.CREASE;
    }

    @Override
    public Set<String> colours() {
        return marbled().with(colour);
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
        Marbled marbled = marbled();
        Coat coat = new Coat(icing(colour, marbled), List.of(), ground.mean(Habit.DIP_MM), 0);
        Covering.over(
                ground,
                coat,
                1,
                marbled,
                other -> icing(other, marbled),
                (section, region) -> ground.coats().mm3(section, region, coat.thicknessMm()));
    }

    private Marbled marbled() {
        return Marbled.of(colour, second, third, secondPercent);
    }

    /** All of its colours are in one bowl. */
    private Icing icing(String of, Marbled marbled) {
        return new Icing(of, new Consistency(countSeconds), null, Icing.Vessel.DIP_BOWL, marbled.with(colour));
    }
}
