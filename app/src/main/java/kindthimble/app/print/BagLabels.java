package kindthimble.app.print;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import kindthimble.app.mixing.MixingView;
import kindthimble.app.plan.PourView;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.kitchen.Customs;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Icing;
import kindthimble.core.pour.BagFill;
import kindthimble.core.pour.Pour;

/** A label for each bag, on a sheet of labels or on plain paper with lines to cut along. */
final class BagLabels {
    private static final double COLOUR_POINTS = 18;

    private BagLabels() {}

    /**
     * How labels lie on a sheet, all in mm; common sheets of the trade by their paper and their number of labels.
     */
    enum Sheet {
        /** 2 by 7: 99.1 x 38.1. */
        LABELS_14(2, 7, 99.1, 38.1, 4.65, 15.15, 2.5, 0),
        /** 3 by 7: 63.5 x 38.1. */
        LABELS_21(3, 7, 63.5, 38.1, 7.2, 15.15, 2.5, 0),
        /** 3 by 8: 70 x 37. */
        LABELS_24(3, 8, 70, 37, 0, 0.5, 0, 0),
        /** Letter, 2 by 5: 4 x 2 in. */
        LETTER_10(2, 5, 101.6, 50.8, 3.97, 12.7, 4.76, 0),
        /** Letter, 2 by 7: 4 x 1 1/3 in. */
        LETTER_14(2, 7, 101.6, 33.87, 3.97, 21.17, 4.76, 0),
        /** Letter, 3 by 10: 2 5/8 x 1 in. */
        LETTER_30(3, 10, 66.68, 25.4, 4.76, 12.7, 3.18, 0),
        /** Plain paper of the shop, 2 by 7, with lines to cut along. */
        PLAIN(2, 7, 92, 36, 13, 10, 0, 0);

        /** The paper that it is made for; plain paper is the shop's. */
        Customs.Paper paper(Customs.Paper ofShop) {
            return this == PLAIN ? ofShop : name().startsWith("LETTER") ? Customs.Paper.LETTER : Customs.Paper.A4;
        }

        private final int across;
        private final int down;
        private final double width;
        private final double height;
        private final double left;
        private final double top;
        private final double gapX;
        private final double gapY;

        Sheet(int across, int down, double width, double height, double left, double top, double gapX, double gapY) {
            this.across = across;
            this.down = down;
            this.width = width;
            this.height = height;
            this.left = left;
            this.top = top;
            this.gapX = gapX;
            this.gapY = gapY;
        }
    }

    private record Label(
            PourView pour, int addition, PourView.BowlColour colour, Pour.Portion portion, BagFill fill, int n) {
        /** An addition's bags are told apart from those of the plan. */
        String name() {
            return addition == 0 ? colour.name() : "More " + colour.name();
        }
    }

    /**
     * @param mixed all whose bags are filled: the plan, and its additions
     * @param handOvers when each order that drinks from them is fetched, by its number
     */
    static byte[] of(
            Prints.Printed order,
            List<MixingView.Mixed> mixed,
            Map<Long, LocalDateTime> handOvers,
            Sheet sheet,
            ShopSettings shop) {
        Written w = new Written(shop);
        List<Label> labels = mixed.stream().flatMap(one -> labels(one).stream()).toList();
        try (Paper paper = new Paper("Bag labels: " + order.name(), sheet.paper(w.paper()), order.foot(w), 8)) {
            int onPage = sheet.across * sheet.down;
            for (int i = 0; i < labels.size(); i++) {
                if (i > 0 && i % onPage == 0) {
                    paper.stage();
                }
                int place = i % onPage;
                double x = sheet.left + place % sheet.across * (sheet.width + sheet.gapX);
                double y = sheet.top + place / sheet.across * (sheet.height + sheet.gapY);
                label(paper, w, shop.words(), handOvers, labels.get(i), sheet, x, y);
            }
            return paper.bytes();
        }
    }

    private static List<Label> labels(MixingView.Mixed mixed) {
        List<Label> labels = new ArrayList<>();
        PourView pour = mixed.pour();
        for (Pour.Bowl bowl : pour.pour().bowls()) {
            for (Pour.Portion portion : bowl.portions()) {
                if (portion.vessel() == Icing.Vessel.BAG || portion.vessel() == Icing.Vessel.BOTTLE) {
                    int n = 0;
                    for (BagFill fill : portion.fillings()) {
                        for (int bag = 0; bag < fill.bags(); bag++) {
                            labels.add(new Label(
                                    pour, mixed.addition(), Amounts.colour(pour, bowl.colour()), portion, fill, ++n));
                        }
                    }
                }
            }
        }
        return labels;
    }

    /** The colour large enough for an arm's length; then what it is, how much of it, whom it is for, until when. */
    private static void label(
            Paper paper,
            Written w,
            KitchenWords words,
            Map<Long, LocalDateTime> handOvers,
            Label label,
            Sheet sheet,
            double x,
            double y) {
        Pour.Portion portion = label.portion();
        double room = sheet.width - 8;
        double row = Math.min(7.4, (sheet.height - 6) / 4);
        if (sheet == Sheet.PLAIN) {
            paper.line(x, y, x + sheet.width, y);
            paper.line(x, y + sheet.height, x + sheet.width, y + sheet.height);
            paper.line(x, y, x, y + sheet.height);
            paper.line(x + sheet.width, y, x + sheet.width, y + sheet.height);
        }
        double at = y + 2 + row;
        paper.swatch(x + 4, at - 5.6, 6.5, 6.5, label.colour().hex());
        paper.writeWithin(x + 13, at, COLOUR_POINTS, true, label.name(), room - 9);
        at += row;
        paper.write(x + 4, at, 12, true, Amounts.count(words, portion.state(), portion.countSeconds()));
        String tip = Amounts.tips(portion, label.fill().tips(), " > ");
        paper.writeTo(x + 4 + room, at, 12, true, tip);
        at += row * 0.9;
        List<PourView.Drinker> drinkers = Amounts.drinkersOf(label.pour(), portion, label.fill());
        String grams = w.grams(label.fill().gramsEach())
                + (portion.bags() == 1
                        ? label.addition() == 0 ? ", the only bag" : ", one bag more"
                        : ", bag %d of %d".formatted(label.n(), portion.bags()));
        paper.write(x + 4, at, 10, false, grams);
        String orders =
                drinkers.stream().map(PourView.Drinker::orderName).distinct().collect(Collectors.joining(" + "));
        double gramsWidth = paper.widthMm(10, false, grams) + 3;
        paper.writeWithin(x + 4 + gramsWidth, at, 8.5, false, orders, room - gramsWidth);
        at += row * 0.75;
        String date = drinkers.stream()
                .map(drinker -> handOvers.get(drinker.order()))
                .filter(Objects::nonNull)
                .min(Comparator.naturalOrder())
                .map(w::day)
                .orElse("");
        List<String> designs =
                drinkers.stream().map(PourView.Drinker::name).distinct().toList();
        double dateWidth = paper.widthMm(8.5, false, date);
        paper.writeWithin(x + 4, at, 8.5, false, String.join(", ", designs), room - dateWidth - 3);
        paper.writeTo(x + 4 + room, at, 8.5, false, date);
    }
}
