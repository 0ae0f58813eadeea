package kindthimble.app.print;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import kindthimble.core.kitchen.ShopSettings;

/** A day for the wall: what is done when, for which order, and what dries until when. */
public final class DaySheet {
    private static final double LEFT = 16;
    private static final double ROW = 8.4;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter ANOTHER_DAY = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    private DaySheet() {}

    /**
     * @param at when it begins
     * @param order name of the order
     * @param what is done
     * @param by whose hands; empty for the decorator's own
     * @param dry when what follows may begin; null where nothing waits for it
     */
    public record Line(
            LocalDateTime at,
            String order,
            String what,
            String by,
            @Nullable LocalDateTime dry) {}

    static byte[] of(LocalDate day, List<Line> lines, ShopSettings shop) {
        Written w = new Written(shop);
        String title = DAY.format(day);
        try (Paper paper = new Paper("Day sheet: " + title, w.paper(), title, LEFT)) {
            double right = paper.widthMm() - LEFT;
            double y = head(paper, title);
            String order = "";
            for (Line line : lines) {
                boolean isAnother = !line.order.equals(order);
                if (y + (isAnother ? 2 * ROW : ROW) > paper.heightMm() - 18) {
                    paper.stage();
                    y = head(paper, title);
                    isAnother = true;
                }
                if (isAnother) {
                    paper.writeWithin(LEFT, y, 10, false, line.order, right - LEFT);
                    y += ROW * 0.8;
                    order = line.order;
                }
                paper.tick(LEFT, y, 3.6);
                paper.write(LEFT + 7, y, 14, true, TIME.format(line.at));
                String by = line.by.isEmpty() ? "" : " (" + line.by + ")";
                paper.writeWithin(LEFT + 26, y, 13, false, line.what + by, right - LEFT - 66);
                if (line.dry != null) {
                    boolean isToday = line.dry.toLocalDate().equals(day);
                    paper.writeTo(right, y, 11, false, "next from " + (isToday ? TIME : ANOTHER_DAY).format(line.dry));
                }
                y += ROW;
            }
            if (lines.isEmpty()) {
                paper.write(LEFT, y, 13, false, "Nothing is planned on this day.");
            }
            return paper.bytes();
        }
    }

    private static double head(Paper paper, String title) {
        paper.write(LEFT, 22, 22, true, title);
        return 36;
    }
}
