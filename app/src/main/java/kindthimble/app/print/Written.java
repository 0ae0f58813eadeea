package kindthimble.app.print;

import java.math.RoundingMode;
import java.text.NumberFormat;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import kindthimble.core.kitchen.Customs;
import kindthimble.core.kitchen.Measures;
import kindthimble.core.kitchen.ShopSettings;

/** How a shop writes numbers, money and dates, on paper as on the screen. */
final class Written {
    private static final double SMALL_GRAMS = 19.95;

    private final Customs customs;
    private final boolean isUs;
    private final Locale numbers;

    Written(ShopSettings shop) {
        customs = shop.customs();
        isUs = shop.measures() == Measures.GRAMS_AND_SPOONS;
        numbers = switch (customs.numbers()) {
            case POINT -> Locale.UK;
            case COMMA -> Locale.GERMANY;
            case SPACE_AND_COMMA -> Locale.FRANCE;
        };
    }

    Customs.Paper paper() {
        return customs.paper();
    }

    /** Whether spoons, cups and ounces stand beside the grams. */
    boolean isUs() {
        return isUs;
    }

    String number(double number, int digits) {
        NumberFormat format = NumberFormat.getNumberInstance(numbers);
        format.setMinimumFractionDigits(digits);
        format.setMaximumFractionDigits(digits);
        // Halves go up, as on the screen.
        format.setRoundingMode(RoundingMode.HALF_UP);
        return format.format(number);
    }

    String grams(double g) {
        return number(g, g >= SMALL_GRAMS || g == 0 ? 0 : 1) + " g";
    }

    /** Grams with the ounces beside them, where the shop wants that. */
    String weight(double g) {
        return grams(g) + (isUs ? " (" + number(g / Measures.OUNCE_GRAMS, 2) + " oz)" : "");
    }

    String money(double amount) {
        NumberFormat format = NumberFormat.getCurrencyInstance(numbers);
        format.setCurrency(customs.money());
        format.setMinimumFractionDigits(customs.money().getDefaultFractionDigits());
        format.setMaximumFractionDigits(customs.money().getDefaultFractionDigits());
        format.setRoundingMode(RoundingMode.HALF_UP);
        return format.format(amount);
    }

    String day(LocalDateTime at) {
        String pattern = switch (customs.dates()) {
            case DAY_FIRST -> "EEE d MMM uuuu";
            case MONTH_FIRST -> "EEE, MMM d, uuuu";
            case YEAR_FIRST -> "EEE uuuu-MM-dd";
        };
        return at.format(DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH));
    }

    String when(LocalDateTime at) {
        return day(at) + at.format(DateTimeFormatter.ofPattern(", HH:mm", Locale.ENGLISH));
    }
}
