package kindthimble.app.notebook;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import kindthimble.app.order.Together;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shop.ShopService;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.notebook.Figure;
import kindthimble.core.notebook.Learnt;
import kindthimble.core.notebook.Note;
import org.springframework.stereotype.Component;

/** The notebook as its page shows it. */
@Component
class NotebookShown {
    /** So much water in 100 g of base makes nearly all floods. */
    private static final double USUAL_WATER = 12;

    private final Notes notes;
    private final KnownFigures known;
    private final ShopService shop;
    private final RecipeService recipes;
    private final Together together;

    NotebookShown(Notes notes, KnownFigures known, ShopService shop, RecipeService recipes, Together together) {
        this.notes = notes;
        this.known = known;
        this.shop = shop;
        this.recipes = recipes;
        this.together = together;
    }

    NotebookView view() {
        List<Written> written = notes.all();
        List<Figure> figures = known.of(written);
        Map<String, Learnt.Decision> decided = known.decided();
        FiguresShown shown = new FiguresShown(shop.own(), recipes.all());
        Set<String> aside = KnownFigures.aside(figures);
        List<Figure> all = new ArrayList<>(figures);
        Set<String> noted = figures.stream().map(Figure::figure).collect(Collectors.toSet());
        // What was decided stands whether or not its notes do.
        decided.forEach((figure, decision) -> {
            if (!noted.contains(figure)) {
                all.add(FiguresShown.unnoted(figure, decision));
            }
        });
        List<NotebookView.Known> told = all.stream()
                .map(figure -> shown.of(figure, decided.get(figure.figure())))
                .sorted(Comparator.comparingDouble(NotebookShown::moved).reversed())
                .toList();
        Map<Long, String> names = new HashMap<>();
        together.summaries().forEach(order -> names.put(order.id(), order.name()));
        return new NotebookView(
                told,
                curves(written, figures, aside),
                newestFirst(
                        written.stream().map(one -> noted(one, aside, names)).toList()),
                (int) written.stream()
                        .map(Written::order)
                        .filter(Objects::nonNull)
                        .distinct()
                        .count());
    }

    /** By their days, and of one day by when they were written; those that were set aside before all others. */
    private static List<NotebookView.Noted> newestFirst(List<NotebookView.Noted> asWritten) {
        List<NotebookView.Noted> notes = new ArrayList<>(asWritten);
        Collections.reverse(notes);
        notes.sort(Comparator.comparing(NotebookView.Noted::aside)
                .thenComparing(NotebookView.Noted::day)
                .reversed());
        return notes;
    }

    private static double moved(NotebookView.Known known) {
        return known.was() == 0 ? Math.abs(known.is()) : Math.abs(Math.log(Math.max(known.is(), 1e-9) / known.was()));
    }

    private static NotebookView.Noted noted(Written one, Set<String> aside, Map<Long, String> names) {
        return new NotebookView.Noted(
                one.note().id(),
                Worded.kind(one.note()),
                one.note().taken().day(),
                Worded.of(one.note()),
                one.words(),
                one.order(),
                one.order() == null ? "" : names.getOrDefault(one.order(), "order " + one.order()),
                one.note().taken().hand(),
                one.counts() && aside.contains(one.note().id()),
                one.note().taken().keep(),
                one.counts(),
                one.insteadOf());
    }

    private List<NotebookView.Curve> curves(List<Written> written, List<Figure> figures, Set<String> aside) {
        Learnt said = Learnt.of(figures, Map.of());
        double flood = shop.settings().mean(Habit.FLOOD_COUNT_SECONDS);
        List<NotebookView.Curve> curves = new ArrayList<>();
        for (BaseRecipe base : recipes.all()) {
            ThinningCurve own = base.curve();
            ThinningCurve now = said.in(base).curve();
            List<NotebookView.Counted> counts = written.stream()
                    .filter(Written::counts)
                    .filter(one -> one.note() instanceof Note.Count count
                            && count.recipe().equals(base.key()))
                    .map(one -> (Note.Count) one.note())
                    .map(one ->
                            new NotebookView.Counted(one.id(), one.water(), one.seconds(), aside.contains(one.id())))
                    .toList();
            double most =
                    counts.stream().mapToDouble(NotebookView.Counted::water).reduce(USUAL_WATER, Math::max);
            if (!counts.isEmpty()) {
                curves.add(new NotebookView.Curve(
                        base.key(),
                        base.name(),
                        line(own, most),
                        line(now, most),
                        counts,
                        most,
                        flood,
                        water(own, flood),
                        water(now, flood)));
            }
        }
        return curves;
    }

    private static NotebookView.Thins line(ThinningCurve curve, double most) {
        return new NotebookView.Thins(curve.ownCountSeconds(), curve.secondsWith(most));
    }

    private static double water(ThinningCurve curve, double seconds) {
        return Math.max(0, curve.waterPer100Base(new Consistency(seconds)));
    }
}
