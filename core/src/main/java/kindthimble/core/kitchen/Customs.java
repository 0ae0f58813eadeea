package kindthimble.core.kitchen;

import java.util.Currency;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Text;
import kindthimble.core.words.Refused;

/**
 * How a shop writes dates, numbers and money, and on what paper it prints.
 *
 * @param dates how a date is written
 * @param numbers what stands before tenths and between thousands
 * @param weekStarts first day of the week
 * @param currency ISO 4217 code, which says the sign and how many digits money has
 * @param paper that sheets are printed on
 */
public record Customs(
        @Choice(word = "dates", from = Choice.From.WORDS) Dates dates,

        @Choice(word = "numbers", from = Choice.From.WORDS) Numbers numbers,

        @Choice(word = "the week starts on", from = Choice.From.WORDS)
        WeekStart weekStarts,

        @Text(word = "currency", longest = 3, usual = "EUR") String currency,

        @Choice(word = "paper", from = Choice.From.WORDS) Paper paper) {

    /** How a date is written: Sat 5 Dec, Sat, Dec 5, or Sat 2026-12-05. */
    public enum Dates {
        DAY_FIRST,
        MONTH_FIRST,
        YEAR_FIRST
    }

    /** How a number is written: 1,234.5, or 1.234,5, or 1 234,5. */
    public enum Numbers {
        POINT,
        COMMA,
        SPACE_AND_COMMA
    }

    /** First day of the week. */
    public enum WeekStart {
        MONDAY,
        SUNDAY,
        SATURDAY
    }

    /** Paper, with its size in mm (ISO 216; ANSI Y14.1). */
    public enum Paper {
        A4(210, 297),
        LETTER(215.9, 279.4);

        private final double widthMm;
        private final double heightMm;

        Paper(double widthMm, double heightMm) {
            this.widthMm = widthMm;
            this.heightMm = heightMm;
        }

        public double widthMm() {
            return widthMm;
        }

        public double heightMm() {
            return heightMm;
        }
    }

    /** What a new shop's are. */
    public static final Customs HOUSE = new Customs(Dates.DAY_FIRST, Numbers.POINT, WeekStart.MONDAY, "EUR", Paper.A4);

    /**
     * @throws Refused when something is missing, or there is no such currency
     */
    public void check() {
        Catalogue.check(this);
        money();
    }

    /**
     * The currency that its code names.
     *
     * @throws Refused when there is none
     */
    public Currency money() {
        try {
            return Currency.getInstance(currency == null ? "" : currency);
        } catch (IllegalArgumentException e) {
            throw new Refused("currency", "Write the currency's three letters, such as EUR or USD.");
        }
    }
}
