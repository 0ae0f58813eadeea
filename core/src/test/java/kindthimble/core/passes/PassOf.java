package kindthimble.core.passes;

import kindthimble.core.design.Cookie;

/** In which pass of a cookie a move goes on. */
final class PassOf {
    private PassOf() {}

    /** The number of the last pass of a move. */
    static int pass(Cookie cookie, int move) {
        return cookie.marks().stream()
                .filter(on -> on.move() == move)
                .mapToInt(on -> on.pass())
                .max()
                .orElseThrow();
    }

    /** That pass. */
    static Passes.Pass passOf(Cookie cookie, int move) {
        int number = pass(cookie, move);
        return cookie.passes().stream()
                .filter(one -> one.number() == number)
                .findFirst()
                .orElseThrow();
    }
}
