package kindthimble.app.print;

import java.util.ArrayList;
import java.util.List;
import kindthimble.app.plan.PourView;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.mark.Icing;
import kindthimble.core.pour.Pour;

/** A label for each bag, on a sheet of labels or on plain paper with lines to cut along. */
final class BagLabels {
    private BagLabels() {}

    /**
     * How labels lie on A4, all in mm; common sheets of the trade by their number of labels.
     */
    enum Sheet {
        /** 2 by 7: 99.1 x 38.1. */
        LABELS_14(2, 7, 99.1, 38.1, 4.65, 15.15, 2.5, 0),
        /** 3 by 7: 63.5 x 38.1. */
        LABELS_21(3, 7, 63.5, 38.1, 7.2, 15.15, 2.5, 0),
        /** 3 by 8: 70 x 37. */
        LABELS_24(3, 8, 70, 37, 0, 0.5, 0, 0),
        /** Plain paper, 2 by 8, with lines to cut along. */
        PLAIN(2, 8, 92, 32, 13, 20, 0, 0);

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

    private record Label(PourView.BowlColour colour, Pour.Portion portion, int n) {}

    static byte[] of(String order, PourView pour, Sheet sheet, KitchenWords words) {
        List<Label> labels = new ArrayList<>();
        for (Pour.Bowl bowl : pour.pour().bowls()) {
            for (Pour.Portion portion : bowl.portions()) {
                if (portion.vessel() == Icing.Vessel.BAG || portion.vessel() == Icing.Vessel.BOTTLE) {
                    for (int n = 1; n <= portion.bags(); n++) {
                        labels.add(new Label(Amounts.colour(pour, bowl.colour()), portion, n));
                    }
                }
            }
        }
        try (Paper paper = new Paper("Bag labels: " + order)) {
            int onPage = sheet.across * sheet.down;
            for (int i = 0; i < labels.size(); i++) {
                if (i > 0 && i % onPage == 0) {
                    paper.stage();
                }
                int place = i % onPage;
                label(
                        paper,
                        order,
                        labels.get(i),
                        sheet,
                        words,
                        sheet.left + place % sheet.across * (sheet.width + sheet.gapX),
                        sheet.top + place / sheet.across * (sheet.height + sheet.gapY));
            }
            return paper.bytes();
        }
    }

    private static void label(
            Paper paper, String order, Label label, Sheet sheet, KitchenWords words, double x, double y) {
        Pour.Portion portion = label.portion();
        double room = sheet.width - 8;
        if (sheet == Sheet.PLAIN) {
            paper.line(x, y, x + sheet.width, y);
            paper.line(x, y + sheet.height, x + sheet.width, y + sheet.height);
            paper.line(x, y, x, y + sheet.height);
            paper.line(x + sheet.width, y, x + sheet.width, y + sheet.height);
        }
        paper.swatch(x + 4, y + 4, 8, 8, label.colour().hex());
        paper.writeWithin(x + 15, y + 10, 15, true, label.colour().name(), room - 12);
        paper.write(x + 4, y + 19, 13, true, Amounts.count(words, portion.state(), portion.countSeconds()));
        String tip = portion.tips().isEmpty() ? Amounts.cut(portion) : "tip " + String.join(" > ", portion.tips());
        paper.writeTo(x + 4 + room, y + 19, 13, true, tip);
        paper.write(x + 4, y + 26, 11, false, Amounts.grams(portion.gramsPerBag()));
        paper.writeTo(
                x + 4 + room,
                y + 26,
                11,
                false,
                portion.bags() == 1 ? "the only bag" : "bag %d of %d".formatted(label.n(), portion.bags()));
        paper.writeWithin(x + 4, y + 30.5, 8, false, order, room);
    }
}
