package kindthimble.app.shop;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import kindthimble.core.icing.KitchenWords;
import kindthimble.core.shop.DetailSchool;
import kindthimble.core.shop.Filling;
import kindthimble.core.shop.Measures;
import kindthimble.core.shop.ShopSettings;
import kindthimble.core.shop.Tip;

/** The one shop of this installation. */
@Entity
@Table(name = "shop")
class ShopEntity {
    static final long ONLY = 1;

    @Id
    private long id = ONLY;

    @Version
    private int version;

    @Embedded
    private Numbers numbers;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "shop_tip", joinColumns = @JoinColumn(name = "shop_id"))
    @OrderColumn(name = "position")
    private List<TipRow> tips = new ArrayList<>();

    protected ShopEntity() {}

    ShopEntity(ShopSettings settings) {
        set(settings);
    }

    @Embeddable
    record Numbers(
            double spreadPercent,
            double marginMm,
            double floodCountSeconds,
            double breakagePercent,
            double bagFillGrams,
            double largeBagFillGrams,
            int couplers,
            int bottles,
            double tippedBagKeepsGrams,
            double tiplessBagKeepsGrams,
            double bowlKeepsGrams,
            double dipBowlKeepsGrams,
            double scraperKeepsGrams,
            double mixerKeepsGrams,
            double mixerLeastGrams,
            double mixerMostGrams,
            double cookieVariationPercent,
            double dayVariationPercent,
            @Enumerated(EnumType.STRING) DetailSchool detail,
            @Enumerated(EnumType.STRING) Filling filling,
            double leafGrams,
            double rosetteGrams,
            double starGrams,
            double flowerGrams,
            double petalGrams,
            double ruffleGramsPerCm,
            double brushedGramsPerCm,
            String recipe,
            int cookiesPerBox,
            @Enumerated(EnumType.STRING) Measures measures,
            String wordStiff,
            String wordPiping,
            String wordMedium,
            String wordFlood,
            String wordGlaze) {}

    @Embeddable
    record TipRow(String name, double openingMm, int owned) {}

    int version() {
        return version;
    }

    void set(ShopSettings s) {
        numbers = new Numbers(
                s.spreadPercent(),
                s.marginMm(),
                s.floodCountSeconds(),
                s.breakagePercent(),
                s.bagFillGrams(),
                s.largeBagFillGrams(),
                s.couplers(),
                s.bottles(),
                s.tippedBagKeepsGrams(),
                s.tiplessBagKeepsGrams(),
                s.bowlKeepsGrams(),
                s.dipBowlKeepsGrams(),
                s.scraperKeepsGrams(),
                s.mixerKeepsGrams(),
                s.mixerLeastGrams(),
                s.mixerMostGrams(),
                s.cookieVariationPercent(),
                s.dayVariationPercent(),
                s.detail(),
                s.filling(),
                s.leafGrams(),
                s.rosetteGrams(),
                s.starGrams(),
                s.flowerGrams(),
                s.petalGrams(),
                s.ruffleGramsPerCm(),
                s.brushedGramsPerCm(),
                s.recipe(),
                s.cookiesPerBox(),
                s.measures(),
                s.words().stiff(),
                s.words().piping(),
                s.words().medium(),
                s.words().flood(),
                s.words().glaze());
        List<TipRow> rows = s.tips().stream()
                .map(tip -> new TipRow(tip.name(), tip.openingMm(), tip.owned()))
                .toList();
        if (!rows.equals(List.copyOf(tips))) {
            tips.clear();
            tips.addAll(rows);
        }
    }

    ShopSettings settings() {
        return new ShopSettings(
                numbers.spreadPercent(),
                numbers.marginMm(),
                numbers.floodCountSeconds(),
                numbers.breakagePercent(),
                numbers.bagFillGrams(),
                numbers.largeBagFillGrams(),
                numbers.couplers(),
                numbers.bottles(),
                numbers.tippedBagKeepsGrams(),
                numbers.tiplessBagKeepsGrams(),
                numbers.bowlKeepsGrams(),
                numbers.dipBowlKeepsGrams(),
                numbers.scraperKeepsGrams(),
                numbers.mixerKeepsGrams(),
                numbers.mixerLeastGrams(),
                numbers.mixerMostGrams(),
                numbers.cookieVariationPercent(),
                numbers.dayVariationPercent(),
                numbers.detail(),
                numbers.filling(),
                numbers.leafGrams(),
                numbers.rosetteGrams(),
                numbers.starGrams(),
                numbers.flowerGrams(),
                numbers.petalGrams(),
                numbers.ruffleGramsPerCm(),
                numbers.brushedGramsPerCm(),
                numbers.recipe(),
                numbers.cookiesPerBox(),
                numbers.measures(),
                new KitchenWords(
                        numbers.wordStiff(),
                        numbers.wordPiping(),
                        numbers.wordMedium(),
                        numbers.wordFlood(),
                        numbers.wordGlaze()),
                tips.stream()
                        .map(row -> new Tip(row.name(), row.openingMm(), row.owned()))
                        .toList());
    }
}
