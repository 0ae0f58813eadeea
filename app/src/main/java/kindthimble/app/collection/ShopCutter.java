package kindthimble.app.collection;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.OwnForm;
import kindthimble.core.geometry.Across;
import kindthimble.core.words.Refused;

/**
 * A cutter of the shop's own.
 *
 * @param id its number; 0 for a new one
 * @param uid its identity in any shop; null for a new one
 * @param name what it is called
 * @param path its outline as SVG path data, in any unit
 * @param across whether its size is its width or its height
 * @param sizeMm its size
 * @param tags words to find it by
 * @param drawn what it cuts, as path data in mm with its middle at the origin; null for a new one
 * @param usedIn designs on trays that are cut with it
 */
public record ShopCutter(
        long id,
        @Nullable UUID uid,
        String name,
        String path,
        Across across,
        double sizeMm,
        List<String> tags,
        @Nullable String drawn,
        List<UsedIn> usedIn) {
    private static final int LONGEST_NAME = 60;

    public ShopCutter {
        tags = tags == null ? List.of() : List.copyOf(tags);
        usedIn = usedIn == null ? List.of() : List.copyOf(usedIn);
    }

    /** One as it is kept. */
    ShopCutter(long id, UUID uid, String name, String path, Across across, double sizeMm, List<String> tags) {
        this(id, uid, name, path, across, sizeMm, tags, null, null);
    }

    /**
     * The same, tidied.
     *
     * @throws Refused when it has no name, or no cookie can be cut with it
     */
    ShopCutter checked() {
        String called = name == null ? "" : name.strip();
        if (called.isEmpty() || called.length() > LONGEST_NAME) {
            throw new Refused("name", "Give the cutter a name of at most " + LONGEST_NAME + " letters.");
        }
        if (path == null || path.isBlank()) {
            throw new Refused("path", "A cutter needs an outline.");
        }
        Cutter cutter = new Cutter(new OwnForm.Drawn(path), across, sizeMm);
        try {
            cutter.check();
            cutter.baked(0);
        } catch (Refused refused) {
            throw refused.field().startsWith("shape") ? new Refused("path", refused.getMessage()) : refused;
        }
        return new ShopCutter(id, uid, called, path.strip(), across, sizeMm, Tags.tidy(tags));
    }

    /** The same, drawn, with what it is used in. */
    ShopCutter shown(List<UsedIn> usedIn) {
        String drawn =
                new Cutter(new OwnForm.Drawn(path), across, sizeMm).baked(0).pathData();
        return new ShopCutter(id, uid, name, path, across, sizeMm, tags, drawn, usedIn);
    }
}
