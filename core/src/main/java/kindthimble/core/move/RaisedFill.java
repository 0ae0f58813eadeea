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
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Fill;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** A small shape on a coat, bordered and filled with icing that holds it: arms, flags, lobes, letters. */
@Word(value = "raised fill", says = "a small shape bordered and filled on a coat", group = Kind.Group.RAISED)
public record RaisedFill(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "form", from = Choice.From.WORDS, usual = "DROP")
        SmallForm form,

        @Text(word = "or letters", longest = 20, usual = "") String text,

        @Text(word = "or own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width, letters' height", unit = Unit.MM, least = 2, most = 120, usual = 12)
        Double sizeMm,

        @Laying(from = {"MIDDLE", "PLACES", "MARKS"}) Where where,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.LINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = LEAST_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.MEDIUM_SECONDS)
        Double countSeconds,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
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
    public RaisedFill(
            String colour,
            SmallForm form,
            String text,
            String path,
            Double sizeMm,
            Where where,
            String tip,
            Double countSeconds,
            Wait waits,
            String on) {
        this(colour, form, text, path, sizeMm, where, tip, countSeconds, waits, null, null, null, null, on);
    }

    /** From here on icing holds the shape that it is filled into. */
    static final double LEAST_SECONDS = 15;

    @Override
    public boolean hasSquiggle() {
        return under != null;
    }

    @Override
    public Easier easier() {
        return Easier.said("A transfer made ahead takes the hands off the day.");
    }

    @Override
    public void lay(Ground ground) {
        List<Region> regions = Shape.regions(ground, where, on, form, path, text, sizeMm, gapMm);
        double thickness = Coat.thicknessMm(ground.habits(), countSeconds);
        Gate gate = ground.raisedGate(on, waits);
        if (under != null) {
            ground.place(on, Shape.squiggle(ground, colour, regions, gate, Stage.raised(gate)));
        }
        List<List<Region>> inTurn = Shape.turns(regions, turns == Turns.EVERY_OTHER);
        for (int turn = 0; turn < inTurn.size(); turn++) {
            ground.place(
                    on,
                    new Fill(
                            ground.piped(colour, countSeconds, ground.tip(tip)),
                            inTurn.get(turn),
                            thickness,
                            Shape.mm3(inTurn.get(turn), thickness, 1),
                            gate,
                            Stage.raised(gate),
                            turn > 0));
        }
    }
}
