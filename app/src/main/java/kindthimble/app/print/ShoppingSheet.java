package kindthimble.app.print;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import kindthimble.app.exchange.Spreadsheet;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.pour.Shopping;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** What to buy, on paper and as comma-separated values (RFC 4180). */
final class ShoppingSheet {
    private static final double LEFT = 18;
    private static final double ROW = 9;

    private ShoppingSheet() {}

    static byte[] pdf(Prints.Printed order, List<Shopping.ToBuy> lines, ShopSettings shop) {
        Written w = new Written(shop);
        try (Paper paper = new Paper("Shopping: " + order.name(), w.paper(), order.foot(w), LEFT)) {
            double right = paper.widthMm() - LEFT;
            double foot = paper.heightMm() - 24;
            double y = head(paper, order.name(), right);
            double cost = 0;
            for (int i = 0; i < lines.size(); i++) {
                Shopping.ToBuy line = lines.get(i);
                if (y > foot) {
                    paper.stage();
                    y = head(paper, order.name(), right);
                }
                boolean buy = line.missing() > 0;
                if (buy) {
                    paper.tick(LEFT, y, 3.6);
                }
                paper.writeTo(LEFT + 11, y, 10, false, Integer.toString(i + 1));
                paper.writeWithin(LEFT + 14, y, 13, buy, line.name(), right - LEFT - 126);
                paper.writeTo(right - 84, y, 12, false, amount(w, line.needed(), line.measure()));
                paper.writeTo(right - 58, y, 12, false, amount(w, line.onShelf(), line.measure()));
                if (line.before() > 0) {
                    paper.writeTo(
                            right - 58,
                            y + 1.9,
                            6.5,
                            false,
                            amount(w, line.before(), line.measure()) + " goes to earlier orders");
                }
                paper.writeTo(right - 22, y, 12, buy, toBuy(w, line));
                if (line.unpriced()) {
                    paper.writeTo(right, y, 10, false, "no price");
                } else if (line.cost() != null && line.packs() > 0) {
                    cost += line.cost();
                    paper.writeTo(right, y, 12, false, w.money(line.cost()));
                }
                paper.line(LEFT, y + 2.5, right, y + 2.5);
                y += ROW;
            }
            if (y > foot) {
                paper.stage();
                y = head(paper, order.name(), right);
            }
            paper.writeTo(right, y + 2, 13, true, "together " + w.money(cost));
            String unpriced = lines.stream()
                    .filter(Shopping.ToBuy::unpriced)
                    .map(Shopping.ToBuy::name)
                    .collect(Collectors.joining(", "));
            if (!unpriced.isEmpty()) {
                paper.writeWithin(LEFT, y + 8, 10, false, "without what has no price: " + unpriced, right - LEFT);
            }
            return paper.bytes();
        }
    }

    private static double head(Paper paper, String order, double right) {
        double y = 24;
        paper.writeWithin(LEFT, y, 20, true, "To buy for " + order, right - LEFT);
        y += 12;
        paper.writeTo(right - 84, y, 10, false, "needed");
        paper.writeTo(right - 58, y, 10, false, "on the shelf");
        paper.writeTo(right - 22, y, 10, false, "to buy");
        paper.writeTo(right, y, 10, false, "cost");
        return y + 8;
    }

    private static String toBuy(Written w, Shopping.ToBuy line) {
        if (line.packs() > 0) {
            return line.packs() + " x " + amount(w, line.packSize(), line.measure());
        }
        return line.missing() > 0 ? amount(w, line.missing(), line.measure()) : "nothing";
    }

    /** Numbers with a point and no sign of thousands, as other programs read them. */
    static String csv(List<Shopping.ToBuy> lines, ShopSettings shop) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord(
                    "row",
                    "name",
                    "unit",
                    "needed",
                    "on the shelf",
                    "for earlier orders",
                    "missing",
                    "pack size",
                    "packs",
                    "cost",
                    "currency");
            for (int i = 0; i < lines.size(); i++) {
                Shopping.ToBuy line = lines.get(i);
                csv.printRecord(
                        i + 1,
                        Spreadsheet.plain(line.name()),
                        unit(line.measure()),
                        tenths(line.needed()),
                        tenths(line.onShelf()),
                        tenths(line.before()),
                        tenths(line.missing()),
                        tenths(line.packSize()),
                        line.packs(),
                        line.unpriced() ? "no price" : line.cost() == null ? "" : money(line.cost(), shop),
                        shop.customs().currency());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String amount(Written w, double amount, Shopping.Measure measure) {
        return switch (measure) {
            case GRAMS -> w.grams(amount);
            case PIECES -> w.number(Math.ceil(amount), 0);
            case DROPS -> w.number(Math.ceil(amount), 0) + " drops";
            case MILLILITRES -> w.number(amount, 1) + " ml";
            case SHEETS -> w.number(amount, 0) + (amount == 1 ? " sheet" : " sheets");
        };
    }

    private static String unit(Shopping.Measure measure) {
        return measure == Shopping.Measure.GRAMS ? "g" : measure.name().toLowerCase(Locale.ROOT);
    }

    private static String tenths(double number) {
        return String.format(Locale.ROOT, "%.1f", number);
    }

    private static String money(double cost, ShopSettings shop) {
        return String.format(Locale.ROOT, "%." + shop.customs().money().getDefaultFractionDigits() + "f", cost);
    }
}
