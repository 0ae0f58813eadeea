package kindthimble.app.print;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import kindthimble.app.bowls.PourView;
import kindthimble.app.mixing.MixingView;
import kindthimble.app.tint.TintView;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Pour;
import kindthimble.core.shop.Measures;
import kindthimble.core.shop.ShopSettings;

/** The sheet for the wall: base, then bowls in order with their ladders and bags. One page, or two; readable at arm's length. */
final class MixingSheet {
    private static final double LEFT = 14;
    private static final double RIGHT = Paper.WIDTH_MM - 14;
    private static final double FOOT = Paper.HEIGHT_MM - 16;
    private static final Set<MixingOrder.Doing> MAKING =
            EnumSet.of(MixingOrder.Doing.TINT, MixingOrder.Doing.LET_DOWN, MixingOrder.Doing.DIVIDE);
    private static final int FEW_BOWLS = 7;

    private final Paper paper;
    private final double size;
    private final KitchenWords words;
    private final boolean spoons;
    private double y = 20;

    private MixingSheet(Paper paper, double size, ShopSettings shop) {
        this.paper = paper;
        this.size = size;
        this.words = shop.words();
        this.spoons = shop.measures() == Measures.GRAMS_AND_SPOONS;
    }

    static byte[] of(String order, MixingView mixing, ShopSettings shop) {
        try (Paper paper = new Paper("Mixing sheet: " + order)) {
            // Large where it fits, smaller where there is much of it.
            double size = mixing.pour().pour().bowls().size() <= FEW_BOWLS ? 13 : 10.5;
            new MixingSheet(paper, size, shop).write(order, mixing);
            return paper.bytes();
        }
    }

    private void write(String order, MixingView mixing) {
        PourView view = mixing.pour();
        paper.writeWithin(LEFT, y, 22, true, order, RIGHT - LEFT - 50);
        paper.writeTo(RIGHT, y, 11, false, String.format(Locale.ROOT, "about %.0f min of hands", mixing.minutes()));
        y += 10;
        base(view);
        mixing.steps().stream()
                .filter(step -> MAKING.contains(step.doing()))
                .forEach(step -> bowl(
                        view,
                        step,
                        mixing.ladders().get(step.colour()),
                        mixing.tints().get(step.colour())));
        if (!view.caution().isEmpty()) {
            room(8);
            paper.writeWithin(LEFT, y, 9.5, false, view.caution(), RIGHT - LEFT);
        }
    }

    private void base(PourView view) {
        List<Pour.Batch> batches = view.pour().batches();
        paper.write(LEFT, y, size + 3, true, view.recipe() + " base");
        paper.writeTo(RIGHT, y, size, false, batches.size() == 1 ? "one batch" : batches.size() + " batches, each:");
        y += 7;
        if (!batches.isEmpty()) {
            for (Pour.Weighed weighed : batches.get(0).weighed()) {
                room(7);
                paper.write(LEFT + 4, y, size, false, weighed.ingredient());
                String pieces = weighed.pieces() > 0 ? weighed.pieces() + " whole  " : "";
                String cups = spoons && weighed.cups() >= 0.1
                        ? String.format(Locale.ROOT, "  (%.2f cups)", weighed.cups())
                        : "";
                paper.writeTo(RIGHT, y, size + 2, true, pieces + Amounts.grams(weighed.grams()) + cups);
                y += size * 0.5;
            }
        }
        y += 2;
        paper.line(LEFT, y, RIGHT, y);
        y += 8;
    }

    private void bowl(PourView view, MixingOrder.Step step, List<Ladder.Rung> ladder, TintView tint) {
        Pour.Bowl bowl = view.pour().bowls().stream()
                .filter(b -> b.colour().equals(step.colour()))
                .findFirst()
                .orElseThrow();
        PourView.BowlColour colour = Amounts.colour(view, step.colour());
        room(size * (1.05 + 0.5 * ladder.size()));
        paper.swatch(LEFT, y - 5, 9, 6.5, colour.hex());
        paper.writeWithin(LEFT + 12, y, size + 3, true, colour.name(), 90);
        String jar = bowl.fromJars().isEmpty()
                ? ""
                : "  ("
                        + Amounts.grams(bowl.fromJars().stream()
                                .mapToDouble(Pour.FromJar::grams)
                                .sum()) + " of it from the jar)";
        paper.writeTo(RIGHT, y, size + 1, true, Amounts.grams(bowl.baseGrams() + bowl.givenGrams()) + " base" + jar);
        y += size * 0.55;
        paper.writeWithin(LEFT + 12, y, size, true, Amounts.tint(view, bowl, tint), RIGHT - LEFT - 12);
        y += size * 0.5;
        for (Ladder.Rung rung : ladder) {
            Pour.Portion portion = bowl.portions().get(rung.portion());
            paper.write(LEFT + 12, y, size, false, Amounts.count(words, rung.state(), rung.countSeconds()));
            paper.write(LEFT + 44, y, size, false, Amounts.stirredIn(rung.waterGrams(), rung.sugarGrams(), spoons));
            paper.write(LEFT + 100, y, size, false, "take " + Amounts.grams(rung.takenGrams() + rung.sugarGrams()));
            paper.writeTo(RIGHT, y, size, false, Amounts.outOf(portion));
            y += size * 0.5;
        }
        y += 4;
    }

    /** Turns the page when there is no room. */
    private void room(double mm) {
        if (y + mm > FOOT) {
            paper.turn();
            y = 20;
        }
    }
}
