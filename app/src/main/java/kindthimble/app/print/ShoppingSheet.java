package kindthimble.app.print;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import kindthimble.app.exchange.Spreadsheet;
import kindthimble.core.pour.Shopping;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** What to buy, on paper and as comma-separated values (RFC 4180). */
final class ShoppingSheet {
    private static final double LEFT = 18;
    private static final double FOOT = Paper.HEIGHT_MM - 24;
    private static final double RIGHT = Paper.WIDTH_MM - 18;

    private ShoppingSheet() {}

    static byte[] pdf(String order, List<Shopping.ToBuy> lines) {
        try (Paper paper = new Paper("Shopping: " + order)) {
            double y = head(paper, order);
            double cost = 0;
            for (Shopping.ToBuy line : lines) {
                if (y > FOOT) {
                    paper.stage();
                    y = head(paper, order);
                }
                boolean buy = line.missing() > 0;
                paper.writeWithin(LEFT, y, 13, buy, line.name(), 55);
                paper.writeTo(LEFT + 80, y, 13, false, amount(line.needed(), line.measure()));
                paper.writeTo(LEFT + 110, y, 13, false, amount(line.onShelf(), line.measure()));
                paper.writeTo(LEFT + 152, y, 13, buy, toBuy(line));
                if (line.cost() != null && line.packs() > 0) {
                    cost += line.cost();
                    paper.writeTo(RIGHT, y, 13, false, money(line.cost()));
                }
                paper.line(LEFT, y + 2.5, RIGHT, y + 2.5);
                y += 9;
            }
            if (y > FOOT) {
                paper.stage();
                y = head(paper, order);
            }
            paper.writeTo(RIGHT, y + 2, 13, true, "together " + money(cost));
            String unpriced = lines.stream()
                    .filter(Shopping.ToBuy::unpriced)
                    .map(Shopping.ToBuy::name)
                    .collect(Collectors.joining(", "));
            if (!unpriced.isEmpty()) {
                paper.writeWithin(LEFT, y + 8, 10, false, "without what has no price: " + unpriced, RIGHT - LEFT);
            }
            return paper.bytes();
        }
    }

    private static double head(Paper paper, String order) {
        double y = 24;
        paper.writeWithin(LEFT, y, 20, true, "To buy for " + order, RIGHT - LEFT);
        y += 14;
        paper.writeTo(LEFT + 80, y, 10, false, "needed");
        paper.writeTo(LEFT + 110, y, 10, false, "on the shelf");
        paper.writeTo(LEFT + 152, y, 10, false, "to buy");
        paper.writeTo(RIGHT, y, 10, false, "cost");
        return y + 8;
    }

    private static String toBuy(Shopping.ToBuy line) {
        if (line.packs() > 0) {
            return line.packs() + " x " + amount(line.packSize(), line.measure());
        }
        return line.missing() > 0 ? amount(line.missing(), line.measure()) : "nothing";
    }

    static String csv(List<Shopping.ToBuy> lines) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord("name", "unit", "needed", "on the shelf", "missing", "pack size", "packs", "cost");
            for (Shopping.ToBuy line : lines) {
                csv.printRecord(
                        Spreadsheet.plain(line.name()),
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
            case MILLILITRES -> String.format(Locale.ROOT, "%.1f ml", amount);
            case SHEETS -> String.format(Locale.ROOT, amount == 1 ? "%.0f sheet" : "%.0f sheets", amount);
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
