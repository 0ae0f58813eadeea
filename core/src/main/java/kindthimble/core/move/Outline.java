package kindthimble.core.move;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Filled;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Lines;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Bead;
import kindthimble.core.mark.Icing;
import kindthimble.core.words.Unit;

/**
 * A bead round each section that keeps the flood in. Its centre line runs half a bead inside the edge. Where two sections meet, the
 * bead belongs to the one piped first and is counted once.
 */
@Word(value = "outline", says = "a bead round the edge, to hold the flood", group = Kind.Group.COAT)
public record Outline(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.OUTLINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_LINE_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.PIPING_SECONDS)
        Double countSeconds,

        @Amount(word = "draw", unit = Unit.TIMES, least = 0.5, most = 1.2, habit = Habit.DRAW)
        Double draw,

        @Choice(word = "piped", from = Choice.From.WORDS, otherwise = "each before its flood")
        Piped piped,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "every section")
        String on)
        implements Detail {
    /** When its lines are piped. */
    public enum Piped {
        /** All of them before the first flood. */
        IN_ONE_GO
    }

    @Override
    public Easier easier() {
        return Easier.by("One icing that holds its edge needs no outline.", "Leave the outline out", List.of());
    }

    /** Where one icing outlines and floods, that is the flood, as far as it holds its edge. */
    @Override
    public Move filled(Kitchen kitchen) {
        boolean oneIcing = countSeconds == null && kitchen.filling() == Filling.ONE_ICING;
        Outline outline = oneIcing
                ? Catalogue.with(
                        this,
                        "countSeconds",
                        Math.max(Consistency.LEAST_LINE_SECONDS, kitchen.mean(Habit.FLOOD_COUNT_SECONDS)))
                : this;
        return Filled.of(outline, kitchen.habits());
    }

    @Override
    public void lay(Ground ground) {
        if (ground.filling() == Filling.NO_OUTLINE || ground.filling() == Filling.DIP) {
            return;
        }
        Tip laidWith = ground.tip(tip);
        Icing icing = ground.piped(colour, countSeconds, laidWith);
        Map<Integer, List<Lines>> each = new HashMap<>();
        Map<Integer, List<String>> bySlot = ground.coats().byPass(ground.named(on));
        bySlot.forEach((pass, names) -> names.forEach(section -> {
            Lines line = bead(ground, section, laidWith.openingMm());
            if (!line.isEmpty()) {
                each.computeIfAbsent(pass, p -> new ArrayList<>()).add(line);
            }
            ground.outline(
                    section,
                    new Bead(icing, line, line.lengthMm(), laidWith.openingMm(), draw, Gate.BARE_COOKIE, 0)
                            .volumeMm3());
        }));
        Map<Integer, List<Lines>> lines = each;
        if (piped == Piped.IN_ONE_GO && !lines.isEmpty()) {
            bySlot = Map.of(1, bySlot.values().stream().flatMap(List::stream).toList());
            lines = Map.of(1, lines.values().stream().flatMap(List::stream).toList());
        }
        Map<Integer, List<String>> sectionsOf = bySlot;
        lines.forEach((pass, several) -> {
            Lines all = Lines.all(several);
            ground.place(
                    pass,
                    sectionsOf.get(pass),
                    new Bead(
                            icing,
                            all,
                            all.lengthMm(),
                            laidWith.openingMm(),
                            draw,
                            Gate.BARE_COOKIE,
                            ground.mean(Habit.OUTLINE_SECONDS_PER_CM)));
        });
    }

    private record Round(String section, Set<String> outlined, double openingMm) {}

    /** Half a bead inside the edge, but for where a neighbour's bead stands already. */
    private static Lines bead(Ground ground, String section, double openingMm) {
        Set<String> outlined = new TreeSet<>(ground.coats().neighbours(section));
        outlined.removeIf(neighbour -> !ground.isOutlined(neighbour));
        return ground.sections().once(new Round(section, outlined, openingMm), () -> {
            Lines line = Strokes.alongEdge(ground.region(section), openingMm / 2);
            for (String neighbour : outlined) {
                line = line.outside(ground.region(neighbour).grown(0.75 * openingMm));
            }
            return line;
        });
    }
}
