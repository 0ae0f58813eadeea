package kindthimble.core.move;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.DetailSchool;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Mark;
import kindthimble.core.mark.Turn;
import kindthimble.core.words.Refused;

/** A cookie while its moves are laid on it, one after the other. Lives for one measuring. */
public final class Ground {
    private final Region whole;
    private final Sections sections;
    private final Coats coats;
    private final Kitchen kitchen;
    private final List<Move> moves;
    private final List<Laid> laid = new ArrayList<>();
    private final List<Warning> warnings = new ArrayList<>();
    private final Map<String, Double> outlineMm3 = new HashMap<>();
    private final Map<String, Coated> coated = new HashMap<>();
    private final Set<String> outlined = new HashSet<>();
    private final Set<String> squiggled = new HashSet<>();
    private final Set<String> raised = new HashSet<>();
    private final Map<String, Integer> sugared = new HashMap<>();
    private int move;
    private int dried = -1;

    /**
     * A mark with the move that it comes from.
     *
     * @param pass for coats and what sinks into them, from 1; 0 for what goes on before or afterwards
     */
    public record Laid(int move, int pass, Mark mark) {}

    /**
     * @param remedy what one press can do about it; null for nothing
     * @param where what it is about
     */
    public record Warning(int move, String sentence, Remedy remedy, Region where) {}

    private record Coated(int move, String colour, double thicknessMm, boolean pressed) {}

    public Ground(Region whole, Sections sections, Coats coats, Kitchen kitchen, List<Move> moves) {
        this.whole = whole;
        this.sections = sections;
        this.coats = coats;
        this.kitchen = kitchen;
        this.moves = List.copyOf(moves);
    }

    /** Lays all moves, in order. */
    public void layAll() {
        for (move = 0; move < moves.size(); move++) {
            try {
                moves.get(move).lay(this);
            } catch (Refused refused) {
                throw refused.inside("moves[" + move + "]");
            } catch (TooMuch tooMuch) {
                throw tooMuch(move, moves.get(move), tooMuch);
            }
        }
    }

    /** What to say where a move is more than a cookie holds. */
    public static Refused tooMuch(int index, Move move, TooMuch tooMuch) {
        return new Refused(
                "moves[" + index + "]",
                "Move %d, %s: %s".formatted(index + 1, Catalogue.word(move.getClass()), tooMuch.getMessage()));
    }

    public List<Laid> laid() {
        return laid;
    }

    public List<Warning> warnings() {
        return warnings;
    }

    /** The kitchen's figures. */
    Habits habits() {
        return kitchen.habits();
    }

    /** One of them, in its own unit. */
    double mean(Habit habit) {
        return kitchen.mean(habit);
    }

    /** A move that stands in for another, with its usual values. */
    Move filled(Move move) {
        return move.filled(kitchen);
    }

    /** How outlines and floods are carried out here: a dip only where the cookie is one section. */
    Filling filling() {
        return kitchen.filling() == Filling.DIP && sections.isDivided() ? Filling.WALL_AND_FLOOD : kitchen.filling();
    }

    Coats coats() {
        return coats;
    }

    /** Index of the move that is being laid. */
    int here() {
        return move;
    }

    Set<String> ownCoat() {
        return coats.sectionsOf(move);
    }

    Set<String> named(String on) {
        return sections.named(on);
    }

    public Region whole() {
        return whole;
    }

    Region region(String section) {
        return sections.region(section);
    }

    Region region(Set<String> names) {
        return sections.region(names);
    }

    /** The region that words name; the whole cookie when they name none. */
    Region on(String words) {
        return words == null || words.isBlank() ? whole : sections.region(sections.named(words));
    }

    boolean isBare(String on) {
        return sections.named(on).stream().noneMatch(coated::containsKey);
    }

    double thicknessUnder(String on) {
        return sections.named(on).stream()
                .map(coated::get)
                .filter(Objects::nonNull)
                .mapToDouble(Coated::thicknessMm)
                .max()
                .orElse(Coat.thicknessMm(habits(), mean(Habit.FLOOD_COUNT_SECONDS)));
    }

    boolean isCoated(String section) {
        return coated.containsKey(section);
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

    void coat(String section, String colour, double thicknessMm) {
        boolean pressed = moves.get(move) instanceof Spatula spatula && spatula.isPressed();
        coated.put(section, new Coated(move, colour, thicknessMm, pressed));
    }

    /** Whether raised detail lies on one of these sections already. */
    boolean hasRaised(String on) {
        return sections.named(on).stream().anyMatch(raised::contains);
    }

    /** Remembers that sections have been sugared, and says at which move they were before; -1 for never. */
    int sugar(String on, boolean sugarNow) {
        int before = -1;
        for (String section : sections.named(on)) {
            before = Math.max(before, sugared.getOrDefault(section, -1));
            if (sugarNow) {
                sugared.putIfAbsent(section, move);
            }
        }
        return before;
    }

    /** Puts a mark in a pass of the coats. */
    void place(int pass, Mark mark) {
        laid.add(new Laid(move, pass, mark));
    }

    /** Puts a mark that sinks into the coat of some sections, or that goes on before or after the coats. */
    void place(String on, Mark mark) {
        int pass = mark.turn() != Turn.COAT
                ? 0
                : sections.named(on).stream().mapToInt(coats::pass).max().orElse(1);
        laid.add(new Laid(move, pass, mark));
        if (mark.turn() != Turn.AHEAD && mark.turn() != Turn.COAT) {
            dried = move;
        }
        if (mark.turn() == Turn.RAISED) {
            raised.addAll(sections.named(on));
        }
    }

    void warn(String sentence, Region where) {
        warn(sentence, where, null);
    }

    void warn(String sentence, Region where, Remedy remedy) {
        warnings.add(new Warning(move, sentence, remedy, where));
    }

    /**
     * Warns when what should sink in finds no wet coat: none at all, one that has dried since, or several that are wet at
     * different times.
     */
    void needWetCoat(String on, String what) {
        Set<String> names = sections.named(on);
        int flooded = names.stream()
                .filter(coated::containsKey)
                .mapToInt(name -> coated.get(name).move())
                .max()
                .orElse(-1);
        if (flooded < 0) {
            needCoat(on, what + " need a wet coat to sink into: put a flood before them.");
        } else if (flooded < dried) {
            warn(
                    what + " find the coat dry: a move before them waits until nothing sinks in any more.",
                    on(on),
                    Remedy.moved("Move them to their flood", move, list -> flooded + 1));
        } else if (coats.byPass(names).size() > 1) {
            warn(
                    what + " lie on sections that are wet at different times.",
                    on(on),
                    Remedy.replaced(
                            "One for each pass",
                            move,
                            whole -> coats.byPass(names).values().stream()
                                    .map(own -> part(whole, own, names.size()))
                                    .toList()));
        }
    }

    /** Warns of a bare ground and offers the flood that stands further down, or a new one. */
    void needCoat(String on, String sentence) {
        if (isBare(on)) {
            int at = move;
            warn(sentence, on(on), new Remedy("Put it behind its flood", list -> {
                List<Move> changed = new ArrayList<>(list);
                Move early = changed.remove(at);
                int flood = at;
                while (flood < changed.size() && !(changed.get(flood) instanceof Coating)) {
                    flood++;
                }
                if (flood == changed.size()) {
                    flood = at;
                    changed.add(at, new Flood(early.colour(), null, null, null, on, null));
                }
                changed.add(flood + 1, early);
                return changed;
            }));
        }
    }

    private static Move part(Move all, List<String> own, int of) {
        Move part = Catalogue.with(all, "on", String.join(" ", own));
        if (!Catalogue.has(part, "pieces")) {
            return part;
        }
        int pieces = (int) Math.max(
                1, Math.round((double) ((Number) Catalogue.read(part, "pieces")).intValue() * own.size() / of));
        return Catalogue.with(part, "pieces", pieces);
    }

    /** Warns of dark icing piped on a light coat before that is dry through. */
    void warnOfBleeding(String on, String colour, Gate gate) {
        boolean bleeds = gate.compareTo(Gate.WET) > 0
                && gate.compareTo(Gate.DRY_THROUGH) < 0
                && sections.named(on).stream()
                        .map(coated::get)
                        .filter(Objects::nonNull)
                        .anyMatch(coat ->
                                kitchen.palette().darkerBy(colour, coat.colour()) > mean(Habit.BLEEDS_FROM_DELTA_L));
        if (bleeds) {
            warn(
                    "Dark on light: it bleeds into a coat that is not dry through.",
                    on(on),
                    Remedy.set("Wait until it is dry through", move, "waits", Wait.DRY_THROUGH));
        }
    }

    /** Once all is laid: warns of dark coats beside light ones that are flooded after them, over a crease. */
    public void warnOfDarkBesideLight() {
        Set<Integer> told = new HashSet<>();
        coated.forEach((name, one) -> coats.neighbours(name).forEach(other -> {
            Coated beside = coated.get(other);
            boolean bleeds = beside != null
                    && coats.pass(name) != coats.pass(other)
                    && kitchen.palette().darkerBy(one.colour(), beside.colour()) > mean(Habit.BLEEDS_FROM_DELTA_L);
            if (bleeds && told.add(one.move())) {
                warnings.add(new Warning(
                        one.move(),
                        "Dark beside light over a crease: it may bleed. Flood them while both are wet, or dry the first one through.",
                        Remedy.flowing("Let them flow"),
                        Region.union(List.of(region(name), region(other)))));
            }
        }));
    }

    Tip tip(String name) {
        return kitchen.shop().tip(name);
    }

    Icing piped(String colour, double seconds, Tip tip) {
        return new Icing(colour, new Consistency(seconds), tip.name());
    }

    /** Icing that levels, from a tipless bag unless a tip is given. */
    Icing flooding(String colour, double seconds, String tip) {
        return new Icing(colour, new Consistency(seconds), tip == null || tip.isBlank() ? null : tip(tip).name());
    }

    /** What raised detail waits for: nothing on a bare cookie, else what it says itself or the shop's school. */
    Gate raisedGate(String on, Wait waits) {
        if (isBare(on)) {
            return Gate.BARE_COOKIE;
        }
        if (sections.named(on).stream()
                .map(coated::get)
                .filter(Objects::nonNull)
                .anyMatch(Coated::pressed)) {
            return Gate.TEXTURE_SHEET;
        }
        if (waits != null) {
            return waits.gate();
        }
        return kitchen.shop().detail() == DetailSchool.HALF_DRY ? Gate.HALF_DRY : Gate.DRY_THROUGH;
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

    /** The lines where these sections meet each other, each once. */
    Lines splits(String on) {
        List<Lines> seams = new ArrayList<>();
        Region before = Region.EMPTY;
        Region inside = on(on).inset(SPLIT_MM);
        for (String name : sections.named(on)) {
            seams.add(region(name).edge().within(inside).outside(before.grown(SPLIT_MM)));
            before = before.isEmpty() ? region(name) : Region.union(List.of(before, region(name)));
        }
        return Lines.all(seams);
    }

    private static final double SPLIT_MM = 0.1;
}
