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
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Bead;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Fill;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** A flood on a coat that is dry: a moustache on a face, a letter on a round, a whole section once more. */
@Word(value = "second flood", says = "a form, letters or a section flooded on a dry coat", group = Kind.Group.RAISED)
public record SecondFlood(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "form", from = Choice.From.WORDS, otherwise = "whole sections")
        SmallForm form,

        @Text(word = "or letters", longest = 20, usual = "") String text,

        @Text(word = "or own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width, letters' height", unit = Unit.MM, least = 3, most = 200, usual = 20)
        Double sizeMm,

        @Laying(from = {"MIDDLE", "PLACES", "MARKS"}) Where where,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.MOST_FLOOD_SECONDS,
                habit = Habit.FLOOD_COUNT_SECONDS,
                otherwise = "the order\'s flood")
        Double countSeconds,

        @Amount(word = "fullness", unit = Unit.TIMES, least = 0.5, most = 1.5, habit = Habit.FULLNESS)
        Double fullness,

        @Choice(word = "wall's tip", from = Choice.From.TIPS, otherwise = "no wall round it")
        String wall,

        @Choice(word = "waits until", from = Choice.From.WORDS, usual = "SURFACE_DRY")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "under it", from = Choice.From.WORDS, otherwise = "nothing")
        Under under,

        @Amount(word = "more gap between letters", unit = Unit.MM, least = 0, most = 30, usual = 0)
        Double gapMm,

        @Choice(word = "filled", from = Choice.From.WORDS, otherwise = "all at once")
        Turns turns,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public SecondFlood(
            String colour,
            SmallForm form,
            String text,
            String path,
            Double sizeMm,
            Where where,
            Double countSeconds,
            Double fullness,
            Wait waits,
            String on) {
        this(colour, form, text, path, sizeMm, where, countSeconds, fullness, null, waits, null, null, null, null, on);
    }

    @Override
    public boolean hasSquiggle() {
        return under != null;
    }

    @Override
    public Easier easier() {
        return Easier.said("As an inlay beside its ground it is flooded the same day.");
    }

    @Override
    public String needsCoat() {
        return "A second flood needs a dry coat under it: put a flood before it.";
    }

    @Override
    public void lay(Ground ground) {
        List<Region> regions = Shape.regions(ground, where, on, form, path, text, sizeMm, gapMm);
        double thickness = Coat.thicknessMm(ground.habits(), countSeconds);
        Gate gate = ground.isBare(on) ? Gate.BARE_COOKIE : waits.gate();
        if (under != null) {
            ground.place(on, Shape.squiggle(ground, colour, regions, gate, Stage.SECOND));
        }
        double walled = wall == null || wall.isBlank() ? 0 : wall(ground, regions, gate);
        List<List<Region>> inTurn = Shape.turns(regions, turns == Turns.EVERY_OTHER);
        for (int turn = 0; turn < inTurn.size(); turn++) {
            List<Region> filled = inTurn.get(turn);
            // Each turn has the part of the wall that its shapes' share of the icing stands in.
            double mm3 = Shape.mm3(filled, thickness, fullness);
            double own = walled * mm3 / Shape.mm3(regions, thickness, fullness);
            ground.place(
                    on,
                    new Fill(
                            ground.flooding(colour, countSeconds, null),
                            filled,
                            thickness,
                            Math.max(0, mm3 - own),
                            gate,
                            Stage.SECOND,
                            turn > 0));
        }
    }

    /** A bead of piping icing half inside the edge of each shape, filled at once. */
    private double wall(Ground ground, List<Region> regions, Gate gate) {
        Tip laidWith = ground.tip(wall);
        Lines line = Lines.all(regions.stream()
                .map(region -> Strokes.alongEdge(region, laidWith.openingMm() / 2))
                .toList());
        Bead bead = new Bead(
                ground.piped(colour, ground.mean(Habit.PIPING_SECONDS), laidWith),
                line,
                line.lengthMm(),
                laidWith.openingMm(),
                ground.mean(Habit.DRAW),
                gate,
                Stage.SECOND,
                ground.mean(Habit.OUTLINE_SECONDS_PER_CM),
                Bead.Ends.EVEN);
        ground.place(on, bead);
        return bead.volumeMm3();
    }
}
