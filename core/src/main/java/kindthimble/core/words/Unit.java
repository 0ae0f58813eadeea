package kindthimble.core.words;

/** What a number counts. */
public enum Unit {
    MM("mm"),
    METRES("m"),
    SQUARE_CM("cm²"),
    GRAMS("g"),
    GRAMS_PER_CM("g/cm"),
    GRAMS_PER_CM2("g/cm²"),
    ML_PER_CM2("ml/cm²"),
    PERCENT("%"),
    SECONDS("s"),
    SECONDS_PER_CM("s/cm"),
    SECONDS_PER_CM2("s/cm²"),
    MM_PER_SECOND("mm/s"),
    MINUTES("min"),
    HOURS("h"),
    DAYS("d"),
    CELSIUS("°C"),
    TIMES("×"),
    DEGREES("°"),
    /** CIEDE2000. */
    DELTA_E("ΔE"),
    /** L*, from 0 for black to 100 for white. */
    LIGHTNESS(""),
    PIECES("");

    private final String sign;

    Unit(String sign) {
        this.sign = sign;
    }

    /** How it is written behind a number; empty for plain counting. */
    public String sign() {
        return sign;
    }
}
