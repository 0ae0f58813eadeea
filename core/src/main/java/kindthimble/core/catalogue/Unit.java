package kindthimble.core.catalogue;

/** What a number in a design counts. */
public enum Unit {
    MM("mm"),
    GRAMS("g"),
    PERCENT("%"),
    SECONDS("s"),
    TIMES("×"),
    DEGREES("°"),
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
