package kindthimble.app.print;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.app.mixing.MixingView;
import kindthimble.app.plan.DoughView;
import kindthimble.app.plan.PourView;
import kindthimble.app.tint.TintView;
import kindthimble.core.dough.Dough;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Pour;

/** The sheet for the wall: dough, base, then bowls in order with their ladders and bags. One page, or two; readable at arm's length. */
final class MixingSheet {
    private static final double LEFT = 14;
    private static final double TICK = 3.4;
    private static final Set<MixingOrder.Doing> MAKING =
            EnumSet.of(MixingOrder.Doing.TINT, MixingOrder.Doing.LET_DOWN, MixingOrder.Doing.DIVIDE);
    private static final int FEW_BOWLS = 7;
    private static final double LEAST_TOO_MUCH_GRAMS = 0.5;

    private final Paper paper;
    private final double size;
    private final KitchenWords words;
    private final Written w;
    private final double right;
    private double y = 20;

    private MixingSheet(Paper paper, double size, ShopSettings shop) {
        this.w = new Written(shop);
        this.right = paper.widthMm() - LEFT;
        this.paper = paper;
        this.size = size;
        this.words = shop.words();
    }

    static byte[] of(Prints.Printed order, MixingView mixing, ShopSettings shop) {
        Written w = new Written(shop);
        try (Paper paper = new Paper("Mixing sheet: " + order.name(), w.paper(), order.foot(w), LEFT)) {
            // Large where it fits, smaller where there is much of it.
            double size = mixing.pour().pour().bowls().size() <= FEW_BOWLS ? 13 : 10.5;
            new MixingSheet(paper, size, shop).write(order.name(), mixing);
            return paper.bytes();
        }
    }

    private void write(String order, MixingView mixing) {
        paper.writeWithin(LEFT, y, 22, true, order, right - LEFT - 50);
        double minutes = mixing.minutes()
                + mixing.additions().stream()
                        .mapToDouble(MixingView.Addition::minutes)
                        .sum();
        paper.writeTo(right, y, 11, false, "about " + w.number(minutes, 0) + " min of hands");
        y += 10;
        boolean isOneOfMany =
                mixing.doughs().stream().map(DoughView::order).distinct().count() > 1;
        mixing.doughs().stream().filter(dough -> dough.addition() == 0).forEach(dough -> dough(dough, isOneOfMany));
        mixed(mixing.pour(), 0, mixing.steps(), mixing.ladders(), mixing.tints());
        mixing.doughs().stream().filter(dough -> dough.addition() > 0).forEach(dough -> dough(dough, isOneOfMany));
        mixing.additions().forEach(one -> mixed(one.pour(), one.number(), one.steps(), one.ladders(), one.tints()));
        String tooMuch = tooMuch(mixing);
        if (!tooMuch.isEmpty()) {
            room(8);
            paper.writeWithin(LEFT, y, size, true, "Too much by now: " + tooMuch, right - LEFT);
            y += 8;
        }
        if (!mixing.pour().caution().isEmpty()) {
            room(8);
            paper.writeWithin(LEFT, y, 9.5, false, mixing.pour().caution(), right - LEFT);
        }
    }

    /** What was begun and serves nobody since the order was changed; empty for nothing. */
    private String tooMuch(MixingView mixing) {
        if (mixing.since() == null) {
            return "";
        }
        Map<String, String> names = new HashMap<>();
        mixing.names().forEach(one -> names.put(one.key(), one.name()));
        List<String> all = new ArrayList<>();
        mixing.since().colours().stream()
                .filter(one -> one.tooMuchGrams() >= LEAST_TOO_MUCH_GRAMS)
                .forEach(one ->
                        all.add(w.grams(one.tooMuchGrams()) + " " + names.getOrDefault(one.colour(), one.colour())));
        if (mixing.since().tooMuch().doughGrams() >= 1) {
            all.add(w.grams(mixing.since().tooMuch().doughGrams()) + " dough");
        }
        int boxes = mixing.since().tooMuch().boxes();
        if (boxes > 0) {
            all.add(boxes + (boxes == 1 ? " box" : " boxes"));
        }
        return String.join(", ", all);
    }

    /** The plan, or an addition: its base, then its bowls in the order in which they are made. */
    private void mixed(
            PourView view,
            int addition,
            List<MixingOrder.Step> steps,
            Map<String, List<Ladder.Rung>> ladders,
            Map<String, TintView> tints) {
        if (addition == 0 || !view.pour().batches().isEmpty()) {
            base(view, addition);
        }
        Map<String, Double> divided = new LinkedHashMap<>();
        steps.stream()
                .filter(step -> MAKING.contains(step.doing()))
                .forEach(step -> divided.put(step.colour(), step.grams()));
        // What comes out of jars alone is thinned and bagged all the same.
        view.pour().bowls().forEach(bowl -> divided.putIfAbsent(bowl.colour(), 0.0));
        divided.forEach((colour, grams) -> bowl(view, addition, colour, grams, ladders.get(colour), tints.get(colour)));
    }

    private void dough(DoughView view, boolean isOneOfMany) {
        Dough dough = view.dough();
        room(size * (1.2 + 0.5 * dough.weighed().size()));
        paper.writeWithin(
                LEFT,
                y,
                size + 3,
                true,
                more(view.addition()) + view.recipe().name() + " dough"
                        + (isOneOfMany ? " for " + view.orderName() : ""),
                right - LEFT - 70);
        paper.writeTo(
                right,
                y,
                size,
                false,
                "%s, rolled %s mm, %d pieces"
                        .formatted(w.weight(dough.grams()), w.number(view.rolledMm(), 1), dough.pieces()));
        y += size * 0.55;
        for (Dough.WeighedOut weighed : dough.weighed()) {
            paper.tick(LEFT, y, TICK);
            paper.write(LEFT + 7, y, size, false, weighed.ingredient());
            String pieces = weighed.pieces() > 0 ? weighed.pieces() + " whole  " : "";
            paper.writeTo(right, y, size, true, pieces + w.weight(weighed.grams()));
            y += size * 0.5;
        }
        paper.line(LEFT, y, right, y);
        y += 8;
    }

    private static String more(int addition) {
        return addition == 0 ? "" : "More ";
    }

    private void base(PourView view, int addition) {
        List<Pour.Batch> batches = view.pour().batches();
        paper.write(LEFT, y, size + 3, true, more(addition) + view.recipe() + " base");
        y += 7;
        // Batches are alike, but for one whole egg more in the first ones.
        for (int from = 0; from < batches.size(); ) {
            List<Pour.Weighed> alike = batches.get(from).weighed();
            int times = (int)
                    batches.stream().filter(b -> b.weighed().equals(alike)).count();
            from += times;
            room(14);
            paper.writeTo(right, y - 1, size, false, times == 1 ? "one batch:" : times + " batches, each:");
            y += size * 0.4;
            for (Pour.Weighed weighed : alike) {
                room(7);
                paper.tick(LEFT, y, TICK);
                paper.write(LEFT + 7, y, size, false, weighed.ingredient());
                String pieces = weighed.pieces() > 0 ? weighed.pieces() + " whole  " : "";
                String cups = w.isUs() && weighed.cups() >= 0.1 ? "  (" + w.number(weighed.cups(), 2) + " cups)" : "";
                paper.writeTo(right, y, size + 2, true, pieces + w.weight(weighed.grams()) + cups);
                y += size * 0.5;
            }
        }
        y += 2;
        paper.line(LEFT, y, right, y);
        y += 8;
    }

    private void bowl(
            PourView view, int addition, String key, double baseGrams, List<Ladder.Rung> ladder, TintView tint) {
        Pour.Bowl bowl = view.pour().bowls().stream()
                .filter(b -> b.colour().equals(key))
                .findFirst()
                .orElseThrow();
        PourView.BowlColour colour = Amounts.colour(view, key);
        int jars = ladder.stream().mapToInt(rung -> rung.jars().size()).sum();
        room(size * (1.05 + 0.5 * (ladder.size() + jars + (bowl.flavour() == null ? 0 : 1))));
        paper.swatch(LEFT, y - 5, 9, 6.5, colour.hex());
        paper.writeWithin(LEFT + 12, y, size + 3, true, more(addition) + colour.name(), right - LEFT - 62);
        paper.writeTo(right, y, size + 1, true, w.grams(baseGrams) + " base");
        y += size * 0.55;
        paper.writeWithin(LEFT + 12, y, size, true, Amounts.tint(w, view, bowl, tint), right - LEFT - 12);
        y += size * 0.5;
        if (bowl.flavourGrams() > 0) {
            paper.tick(LEFT + 6, y, TICK);
            paper.write(LEFT + 12, y, size, true, "stir in " + Amounts.flavour(w, bowl));
            y += size * 0.5;
        }
        for (Ladder.Rung rung : ladder) {
            Pour.Portion portion = bowl.portions().get(rung.portion());
            for (Pour.FromJar jar : rung.jars()) {
                paper.write(LEFT + 12, y, size, true, "add the jar: " + w.grams(jar.grams()));
                y += size * 0.5;
            }
            paper.tick(LEFT + 6, y, TICK);
            paper.write(LEFT + 12, y, size, false, Amounts.count(words, rung.state(), rung.countSeconds()));
            paper.write(LEFT + 44, y, size, false, Amounts.stirredIn(w, rung.waterGrams(), rung.sugarGrams()));
            paper.write(LEFT + 100, y, size, false, "take " + w.grams(rung.takenGrams() + rung.sugarGrams()));
            paper.writeTo(right, y, size, false, Amounts.outOf(portion));
            y += size * 0.5;
        }
        y += 4;
    }

    /** Turns the page when there is no room. */
    private void room(double mm) {
        if (y + mm > paper.heightMm() - 16) {
            paper.stage();
            y = 20;
        }
    }
}
