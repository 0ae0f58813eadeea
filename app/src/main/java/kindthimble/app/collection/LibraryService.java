package kindthimble.app.collection;

import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.cookie.CookieView;
import kindthimble.app.desk.DesignView;
import kindthimble.app.desk.DeskService;
import kindthimble.app.desk.OrderView;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.order.PaletteColour;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shop.ShopService;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.colour.Roles;
import kindthimble.core.design.Design;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The designs that the shop keeps, to be iced again for other orders in other colours. */
@Service
@Transactional
public class LibraryService {
    private final LibraryRepository designs;
    private final DeskService orders;
    private final ShopService shop;
    private final RecipeService recipes;
    private final CookieService cookies;
    private final ShopRevision revision;
    private final Clock clock;

    LibraryService(
            LibraryRepository designs,
            DeskService orders,
            ShopService shop,
            RecipeService recipes,
            CookieService cookies,
            ShopRevision revision,
            Clock clock) {
        this.designs = designs;
        this.orders = orders;
        this.shop = shop;
        this.recipes = recipes;
        this.cookies = cookies;
        this.revision = revision;
        this.clock = clock;
    }

    /**
     * @param orderId an order whose colours they are to be cast in; null for none
     */
    @Transactional(readOnly = true)
    List<LibraryDesign> all(Long orderId) {
        Map<String, Lab> palette = orderId == null
                ? Map.of()
                : orders.order(orderId).details().looks().colours();
        Map<Long, List<UsedIn>> uses = designs.uses().stream()
                .collect(Collectors.groupingBy(
                        LibraryRepository.Use::getLibraryDesign,
                        Collectors.mapping(
                                use -> new UsedIn(
                                        use.getOrderId(), use.getOrderName(), use.getDesignId(), use.getName()),
                                Collectors.toList())));
        return designs.findByRemovedAtIsNullOrderByIdDesc().stream()
                .map(design -> view(design, palette, uses.getOrDefault(design.id(), List.of())))
                .toList();
    }

    /** Keeps a design as it is on the tray; what happens to that one afterwards does not change it. */
    LibraryDesign keep(long orderId, long designId) {
        OrderView order = orders.order(orderId);
        DesignView design = order.designs().stream()
                .filter(one -> one.id() == designId)
                .findFirst()
                .orElseThrow(() -> new NotThere("design"));
        if (design.cookie() == null) {
            throw new Refused("", design.trouble());
        }
        Map<String, PaletteColour> palette =
                order.details().palette().stream().collect(Collectors.toMap(PaletteColour::key, colour -> colour));
        Map<String, String> roleOf = new HashMap<>();
        List<LibraryDesign.KeptColour> roles = new ArrayList<>();
        for (CookieView.RoleView role : design.cookie().roles()) {
            roleOf.put(role.colour(), role.role());
            PaletteColour colour = palette.get(role.colour());
            roles.add(new LibraryDesign.KeptColour(role.role(), colour.name(), colour.hex()));
        }
        Design cast = design.document().recoloured(roleOf::get);
        revision.touch();
        LibraryDesignEntity kept = designs.saveAndFlush(new LibraryDesignEntity(cast, roles));
        designs.use(kept.id(), designId);
        return view(kept, Map.of(), List.of());
    }

    /** Puts a design of the library on the tray of an order, as one step of its history. */
    LibraryController.Taken take(long id, LibraryController.Wanted wanted) {
        LibraryDesignEntity design = stored(id);
        String gesture = "take " + UUID.randomUUID();
        Map<String, String> colours = new HashMap<>(wanted.colours() == null ? Map.of() : wanted.colours());
        for (LibraryDesign.KeptColour role : design.roles()) {
            if (colours.get(role.role()) == null || colours.get(role.role()).isBlank()) {
                colours.put(role.role(), bring(role, wanted.order(), gesture));
            }
        }
        OrderView with = orders.addDesign(
                wanted.order(), wanted.count(), design.document().recoloured(colours::get), gesture);
        long added = with.designs().get(0).id();
        designs.use(id, added);
        return new LibraryController.Taken(added, orders.order(wanted.order()));
    }

    /** The key of a role's own colour in an order, added to its palette when no colour is called so. */
    private String bring(LibraryDesign.KeptColour role, long orderId, String gesture) {
        List<PaletteColour> palette = orders.order(orderId).details().palette();
        return palette.stream()
                .filter(colour -> colour.name().equalsIgnoreCase(role.name()))
                .map(PaletteColour::key)
                .findFirst()
                .orElseGet(() -> {
                    List<PaletteColour> more = orders.addColours(
                                    orderId, List.of(new PaletteColour(null, role.name(), role.hex())), gesture)
                            .details()
                            .palette();
                    return more.get(more.size() - 1).key();
                });
    }

    /**
     * A design of the library as it goes from one shop to another.
     *
     * @param uid its identity
     * @param document the design; its colours are roles
     * @param roles the colours it was kept with
     * @param tags words to find it by; null for none
     */
    public record Boxed(UUID uid, Design document, List<LibraryDesign.KeptColour> roles, List<String> tags) {
        public Boxed {
            tags = tags == null ? List.of() : List.copyOf(tags);
        }
    }

    /** All that are not removed. */
    @Transactional(readOnly = true)
    public List<Boxed> boxed() {
        return designs.findByRemovedAtIsNullOrderByIdDesc().stream()
                .map(design -> new Boxed(design.uid(), design.document(), design.roles(), design.tags()))
                .toList();
    }

    /**
     * Puts a design in: in the place of the one of the same identity, where there is one.
     *
     * @throws Refused when it is none
     */
    public void put(Boxed boxed) {
        if (boxed.uid() == null || boxed.document() == null || boxed.roles() == null) {
            throw new Refused("", "A design of the library has a uid, a document and roles.");
        }
        boxed.document().check();
        LibraryDesignEntity design = designs.findByUid(boxed.uid())
                .orElseGet(() -> new LibraryDesignEntity(boxed.uid(), boxed.document(), boxed.roles()));
        design.set(boxed.document(), boxed.roles());
        design.tag(Tags.tidy(boxed.tags()));
        design.restore();
        designs.saveAndFlush(design);
        revision.touch();
    }

    void remove(long id) {
        stored(id).remove(clock.instant());
        revision.touch();
    }

    LibraryDesign restore(long id) {
        LibraryDesignEntity design = designs.findById(id).orElseThrow(() -> new NotThere("design"));
        design.restore();
        revision.touch();
        return view(design, Map.of(), List.of());
    }

    /** Other words to find a design by. */
    void tag(long id, List<String> tags) {
        stored(id).tag(Tags.tidy(tags));
        revision.touch();
    }

    private LibraryDesignEntity stored(long id) {
        return designs.findById(id).filter(design -> !design.isRemoved()).orElseThrow(() -> new NotThere("design"));
    }

    private LibraryDesign view(LibraryDesignEntity design, Map<String, Lab> palette, List<UsedIn> usedIn) {
        Map<String, Lab> looks = new LinkedHashMap<>();
        design.roles().forEach(role -> looks.put(role.role(), Lab.ofHex(role.hex())));
        CookieView cookie;
        try {
            cookie = cookies.view(
                    design.document(),
                    Kitchen.of(
                            shop.settings(), recipes.recipe(shop.settings().recipe()), null, new Palette(looks), null));
        } catch (Refused refused) {
            cookie = null;
        }
        return new LibraryDesign(
                design.id(),
                design.document(),
                design.roles(),
                cookie,
                design.tags(),
                usedIn,
                palette.isEmpty() ? Map.of() : Roles.cast(looks, palette));
    }
}
