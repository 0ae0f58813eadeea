package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Scatter;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Placed;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** A cookie glued on the cookie with icing. What lies on the upper one is a design of its own. */
@Word(value = "cookie on top", says = "a smaller cookie glued on with icing", group = Kind.Group.PLACED)
public record Stack(
        @Choice(word = "glue", from = Choice.From.PALETTE) String colour,

        @Choice(word = "form", from = Choice.From.WORDS, usual = "DISC")
        SmallForm form,

        @Text(word = "own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width", unit = Unit.MM, least = 8, most = 200, usual = WIDTH_MM)
        double sizeMm,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 12, usual = 1)
        int pieces,

        @Amount(word = "glue for each", unit = Unit.GRAMS, least = 0.1, most = 50, habit = Habit.COOKIE_GLUE_GRAMS)
        Double glueGrams,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    static final double WIDTH_MM = 30;

    @Override
    public Easier easier() {
        return Easier.said("Glue them on the day before: they hold better, too.");
    }

    @Override
    public void lay(Ground ground) {
        Region cookie = SmallForm.region(form, path, sizeMm);
        Region region = ground.on(on);
        Region room = region.inset(Math.min(sizeMm / 2, 0.9 * region.inscribedRadiusMm()));
        if (sizeMm > region.box().widthMm()) {
            throw new Refused("sizeMm", "A cookie that wide does not fit on this one. Make it smaller.");
        }
        List<Region> lying = Scatter.over(room, pieces).stream()
                .map(spot -> cookie.moved(spot.x(), spot.y()))
                .toList();
        ground.place(
                on,
                new Placed(
                        new Icing(
                                colour,
                                new Consistency(ground.mean(Habit.PIPING_SECONDS)),
                                ground.tip(Tip.LINE).name()),
                        lying,
                        pieces * glueGrams,
                        ground.mean(Habit.DOUGH_MM),
                        ground.isBare(on) ? Gate.BARE_COOKIE : Gate.DRY_THROUGH,
                        pieces * ground.mean(Habit.TRANSFER_SECONDS),
                        lying.stream().map(one -> Layer.dough(one.pathData())).toList()));
    }
}
