package kindthimble.app.print;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import kindthimble.core.pour.Shopping;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** What to buy, on paper and as comma-separated values (RFC 4180). */
final class ShoppingSheet {
    private static final double LEFT = 18;
    private static final double RIGHT = Paper.WIDTH_MM - 18;

    private ShoppingSheet() {}

    static byte[] pdf(String order, List<Shopping.ToBuy> lines) {
        try (Paper paper = new Paper("Shopping: " + order)) {
            double y = 24;
            paper.writeWithin(LEFT, y, 20, true, "To buy for " + order, RIGHT - LEFT);
            y += 14;
            for (String[] column : new String[][] {{"80", "needed"}, {"110", "on the shelf"}, {"145", "packs"}}) {
                paper.writeTo(LEFT + Double.parseDouble(column[0]), y, 10, false, column[1]);
            }
            paper.writeTo(RIGHT, y, 10, false, "cost");
            y += 8;
            double cost = 0;
            for (Shopping.ToBuy line : lines) {
                paper.writeWithin(LEFT, y, 13, line.packs() > 0, line.name(), 55);
                paper.writeTo(LEFT + 80, y, 13, false, amount(line.needed(), line.measure()));
                paper.writeTo(LEFT + 110, y, 13, false, amount(line.onShelf(), line.measure()));
                String packs =
                        line.packs() == 0 ? "none" : line.packs() + " x " + amount(line.packSize(), line.measure());
                paper.writeTo(LEFT + 145, y, 13, line.packs() > 0, packs);
                if (line.cost() != null && line.packs() > 0) {
                    cost += line.cost();
                    paper.writeTo(RIGHT, y, 13, false, money(line.cost()));
                }
                paper.line(LEFT, y + 2.5, RIGHT, y + 2.5);
                y += 9;
            }
            paper.writeTo(RIGHT, y + 2, 13, true, "together " + money(cost));
            return paper.bytes();
        }
    }

    static String csv(List<Shopping.ToBuy> lines) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord("name", "unit", "needed", "on the shelf", "missing", "pack size", "packs", "cost");
            for (Shopping.ToBuy line : lines) {
                csv.printRecord(
                        line.name(),
                        unit(line.measure()),
                        tenths(line.needed()),
                        tenths(line.onShelf()),
                        tenths(line.missing()),
                        tenths(line.packSize()),
                        line.packs(),
                        line.cost() == null ? "" : money(line.cost()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String amount(double amount, Shopping.Measure measure) {
        return switch (measure) {
            case GRAMS -> Amounts.grams(amount);
            case PIECES -> String.format(Locale.ROOT, "%.0f", Math.ceil(amount));
            case DROPS -> String.format(Locale.ROOT, "%.0f drops", Math.ceil(amount));
        };
    }

    private static String unit(Shopping.Measure measure) {
        return measure == Shopping.Measure.GRAMS ? "g" : measure.name().toLowerCase(Locale.ROOT);
    }

    private static String tenths(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }

    private static String money(double cost) {
        return String.format(Locale.ROOT, "%.2f", cost);
    }
}
