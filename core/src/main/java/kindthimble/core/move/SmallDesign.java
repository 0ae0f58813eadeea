package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Ahead;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.mark.OnPieces;
import kindthimble.core.passes.Passes;

/** A small design that is made by itself, in passes of its own, and then set on a cookie in one or more places. */
final class SmallDesign {
    private final List<Move> moves;
    private final Region baked;
    private final Region iced;
    private final Kitchen kitchen;
    private final List<Layer> layers = new ArrayList<>();

    /**
     * @param moves as she gave them
     * @param baked its outline, about the origin
     * @param iced what of that is iced
     */
    SmallDesign(List<Move> moves, Region baked, Region iced, Kitchen kitchen) {
        this.moves = moves;
        this.baked = baked;
        this.iced = iced;
        this.kitchen = kitchen;
    }

    /**
     * Puts what is made of it with what is made ahead.
     *
     * @param poses where it lies on the cookie
     * @param ahead how many more are made on film; null for a cookie, whose spares are those of the cookie below
     * @param filmMm2 that all of them take; 0 for none
     * @return how many passes it takes
     */
    int make(Ground ground, String on, List<Pose> poses, Ahead ahead, double filmMm2) {
        Workpiece piece = ground.small(moves, baked, iced, kitchen, ahead != null);
        Set<String> names = ground.named(on);
        List<OnCookie> marks = piece.marks();
        // What is made ahead of the small design itself comes first.
        int first = marks.stream().mapToInt(OnCookie::pass).min().orElse(1);
        int passes = 1;
        double film = filmMm2;
        List<Passes.Pass> all = piece.passes().list();
        for (OnCookie own : marks) {
            int slot = own.pass() - first + 1;
            Passes.Pass pass = all.get(slot - 1);
            boolean isWet = own.mark().gate() == Gate.WET;
            ground.place(
                    slot,
                    names,
                    new OnPieces(
                            own.mark(),
                            isWet ? Gate.WET : pass.gate(),
                            isWet ? 0 : pass.gateMinutes(),
                            poses.size(),
                            ahead,
                            film));
            film = 0;
            passes = Math.max(passes, slot);
        }
        for (Pose pose : poses) {
            marks.forEach(own -> own.mark().layers().forEach(layer -> layers.add(layer.at(pose))));
        }
        return passes;
    }

    /** What to paint, where it lies on the cookie. */
    List<Layer> layers() {
        return layers;
    }

    /** Where its pieces lie: mirror images where they are mirrored, but for what is written on. */
    static List<Pose> lying(List<Move> inner, List<Pose> poses) {
        return inner.stream().anyMatch(Writing.class::isInstance)
                ? poses.stream().map(Pose::readable).toList()
                : poses;
    }
}
