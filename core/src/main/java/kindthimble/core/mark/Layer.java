package kindthimble.core.mark;

import kindthimble.core.geometry.Pose;

/**
 * One shape to paint, in mm.
 *
 * @param role what it is
 * @param colour key of its colour; null for the cookie itself
 * @param path SVG path data in mm
 * @param strokeMm width of the stroke when only the line is painted; null when the inside is filled
 * @param move index of the move that it comes from; -1 for the cookie itself
 * @param pass in which it goes on; 0 for the cookie itself
 * @param tone how much lighter than its colour it is, as its shape catches the light, -1 (black) to 1 (white); null for its own colour
 * @param at where what the path draws about the origin lies, and how it is turned; null where the path is in its place already
 */
public record Layer(Role role, String colour, String path, Double strokeMm, int move, int pass, Double tone, Pose at) {

    /** A layer whose move is not known yet. */
    public Layer(Role role, String colour, String path, Double strokeMm) {
        this(role, colour, path, strokeMm, -1, 0, null, null);
    }

    /** The same layer, drawn about the origin, at a place. */
    public Layer at(Pose pose) {
        return new Layer(role, colour, path, strokeMm, move, pass, tone, pose);
    }

    /** A fold, a ridge or a stroke in icing of a colour: only lighter or darker than that. */
    static Layer toned(Role role, String colour, String path, Double strokeMm, double tone) {
        return new Layer(role, colour, path, strokeMm, -1, 0, tone, null);
    }

    /**
     * What it looks like in icing of a colour: the same lightening and darkening as on the screen.
     *
     * @param hex of the icing, as {@code #RRGGBB}
     */
    public String shown(String hex) {
        if (tone == null || tone == 0) {
            return hex;
        }
        StringBuilder shown = new StringBuilder("#");
        for (int i = 1; i < 7; i += 2) {
            int channel = Integer.parseInt(hex.substring(i, i + 2), 16);
            shown.append("%02x".formatted(Math.round(channel + Math.abs(tone) * ((tone > 0 ? 255 : 0) - channel))));
        }
        return shown.toString();
    }

    /** The baked cookie. */
    public static Layer dough(String path) {
        return new Layer(Role.DOUGH, null, path, null);
    }

    /** The same layer, as that of a move in a pass. */
    public Layer ofMove(int index, int inPass) {
        return new Layer(role, colour, path, strokeMm, index, inPass, tone, at);
    }

    /** What a layer shows, from the cookie up. */
    public enum Role {
        DOUGH,
        /** A coat with a crease round it. */
        COAT,
        /** A coat that flows into its neighbours, or is walled off from them. */
        FLOWING,
        BEAD,
        SUNK,
        PRINT,
        RAISED,
        DRESSING,
        /** Colour blown on, through which the icing is seen. */
        SPRAYED
    }
}
