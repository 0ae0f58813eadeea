package kindthimble.core.move;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.Turn;
import kindthimble.core.shop.DetailSchool;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;
import kindthimble.core.shop.Tip;

/** A cookie while its moves are laid on it, one after the other. Lives for one measuring. */
public final class Ground {
    private final Region whole;
    private final Sections sections;
    private final Coats coats;
    private final ShopSettings shop;
    private final double orderFloodSeconds;
    private final List<Placed> placed = new ArrayList<>();
    private final List<Warning> warnings = new ArrayList<>();
    private final Map<String, Double> outlineMm3 = new HashMap<>();
    private final Map<String, Double> coatMm = new HashMap<>();
    private final Set<String> outlined = new HashSet<>();
    private final Set<String> squiggled = new HashSet<>();
    private int move;

    /**
     * A mark with the move that it comes from.
     *
     * @param pass for coats and what sinks into them, from 1; 0 for what goes on afterwards
     */
    public record Placed(int move, int pass, Mark mark) {}

    /**
     * @param remedy what one press can do about it: from the moves as they are to the moves as they should be; null for none
     */
    public record Warning(int move, String sentence, String press, UnaryOperator<List<Move>> remedy) {}

    public Ground(Region whole, Sections sections, Coats coats, ShopSettings shop, double orderFloodSeconds) {
        this.whole = whole;
        this.sections = sections;
        this.coats = coats;
        this.shop = shop;
        this.orderFloodSeconds = orderFloodSeconds;
    }

    /** Lays the next move. */
    public void lay(int index, Move next) {
        move = index;
        try {
            next.lay(this);
        } catch (Refused refused) {
            throw refused.inside("moves[" + index + "]");
        }
    }

    public List<Placed> placed() {
        return placed;
    }

    public List<Warning> warnings() {
        return warnings;
    }

    ShopSettings shop() {
        return shop;
    }

    Coats coats() {
        return coats;
    }

    double orderFloodSeconds() {
        return orderFloodSeconds;
    }

    Set<String> ownCoat() {
        return coats.sectionsOf(move);
    }

    Set<String> named(String on) {
        return sections.named(on);
    }

    Region region(String section) {
        return sections.region(section);
    }

    /** The region that words name; the whole cookie when they name none. */
    Region on(String words) {
        return words == null || words.isBlank() ? whole : sections.region(sections.named(words));
    }

    boolean isBare(String on) {
        return sections.named(on).stream().noneMatch(coatMm::containsKey);
    }

    double thicknessUnder(String on) {
        return sections.named(on).stream()
                .filter(coatMm::containsKey)
                .mapToDouble(coatMm::get)
                .max()
                .orElse(HouseDefaults.coatThicknessMm(orderFloodSeconds));
    }

    boolean isCoated(String section) {
        return coatMm.containsKey(section);
    }

    double takeOutline(String section) {
        Double waiting = outlineMm3.remove(section);
        return waiting == null ? 0 : waiting;
    }

    void outline(String section, double mm3) {
        outlined.add(section);
        outlineMm3.merge(section, mm3, Double::sum);
    }

    void squiggle(String section) {
        squiggled.add(section);
    }

    boolean isSquiggled(String section) {
        return squiggled.contains(section);
    }

    boolean isOutlined(String section) {
        return outlined.contains(section);
    }

    void coat(String section, double thicknessMm) {
        coatMm.put(section, thicknessMm);
    }

    /** Puts a mark in a pass of the coats. */
    void place(int pass, Mark mark) {
        placed.add(new Placed(move, pass, mark));
    }

    /** Puts a mark that sinks into the coat of some sections, or that goes on after the coats. */
    void place(String on, Mark mark) {
        int pass = mark.turn() != Turn.COAT
                ? 0
                : sections.named(on).stream().mapToInt(coats::pass).max().orElse(1);
        placed.add(new Placed(move, pass, mark));
    }

    void warn(String sentence) {
        warnings.add(new Warning(move, sentence, null, null));
    }

    void warn(String sentence, String press, UnaryOperator<List<Move>> remedy) {
        warnings.add(new Warning(move, sentence, press, remedy));
    }

    /** Warns of an empty ground and offers a flood before this move. */
    void needWetCoat(String on, String what) {
        if (isBare(on)) {
            int at = move;
            warn(
                    what + " need a wet coat to sink into: put a flood before them.",
                    "Move it behind the flood",
                    moves -> {
                        List<Move> moved = new ArrayList<>(moves);
                        Move early = moved.remove(at);
                        int flood = at;
                        while (flood < moved.size() && !(moved.get(flood) instanceof Coating)) {
                            flood++;
                        }
                        if (flood == moved.size()) {
                            moved.add(at, new Flood(early.colour(), null, null, null, on, null));
                            flood = at;
                        }
                        moved.add(flood + 1, early);
                        return moved;
                    });
        }
    }

    /** A remedy that puts another move before this one. */
    UnaryOperator<List<Move>> before(Move helper) {
        int at = move;
        return moves -> {
            List<Move> more = new ArrayList<>(moves);
            more.add(at, helper);
            return more;
        };
    }

    /** A remedy that moves this move elsewhere. */
    UnaryOperator<List<Move>> movedTo(Function<List<Move>, Integer> where) {
        int at = move;
        return moves -> {
            int to = where.apply(moves);
            List<Move> moved = new ArrayList<>(moves);
            Move taken = moved.remove(at);
            moved.add(Math.min(to, moved.size()), taken);
            return moved;
        };
    }

    Tip tip(String given, String usual) {
        return shop.tip(given == null || given.isBlank() ? usual : given);
    }

    Icing piped(String colour, Double seconds, double usualSeconds, Tip tip) {
        return new Icing(colour, new Consistency(seconds == null ? usualSeconds : seconds), tip.name());
    }

    /** Icing that levels, from a tipless bag unless a tip is given. */
    Icing flooding(String colour, Double seconds, String tip) {
        return new Icing(
                colour,
                new Consistency(seconds == null ? orderFloodSeconds : seconds),
                tip == null || tip.isBlank() ? null : shop.tip(tip).name());
    }

    /** What raised detail waits for, by the shop's school; nothing on a bare cookie. */
    Gate raisedGate(String on) {
        if (isBare(on)) {
            return Gate.BARE_COOKIE;
        }
        return shop.detail() == DetailSchool.HALF_DRY ? Gate.HALF_DRY : Gate.DRY_THROUGH;
    }

    /**
     * The line along the inside of an edge.
     *
     * @throws Refused when there is no room for it
     */
    Lines alongEdge(Region region, double insetMm) {
        Region inner = region.inset(insetMm);
        if (inner.isEmpty()) {
            throw new Refused(
                    "",
                    "There is no room for a line %.1f mm inside this edge. Take a finer tip or a larger cookie."
                            .formatted(insetMm));
        }
        return inner.edge();
    }
}
