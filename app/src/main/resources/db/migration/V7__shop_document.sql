-- The shop's settings become one document: figures by name, of which only those are kept that are not the house's, and what it has
-- decided beside them. Each figure: name, as it was, what the house says, how much one measurement differs from the next.
alter table shop add column document jsonb;

update shop set document = jsonb_build_object(
    'format', 1,
    'settings', jsonb_build_object(
        'habits', (
            select coalesce(
                jsonb_object_agg(name, jsonb_build_object('mean', mean, 'spread', spread, 'source', 'SHOP')), '{}')
            from (values
        ('SPREAD_PERCENT', spread_percent, 2, 0.3),
        ('MARGIN_MM', margin_mm, 1.5, 0.2),
        ('FLOOD_COUNT_SECONDS', flood_count_seconds, 15, 0.1),
        ('BREAKAGE_PERCENT', breakage_percent, 5, 0),
        ('BAG_FILL_GRAMS', bag_fill_grams, 120, 0),
        ('LARGE_BAG_FILL_GRAMS', large_bag_fill_grams, 250, 0),
        ('COUPLERS', couplers, 4, 0),
        ('BOTTLES', bottles, 0, 0),
        ('TIPPED_BAG_KEEPS_GRAMS', tipped_bag_keeps_grams, 8, 0.25),
        ('TIPLESS_BAG_KEEPS_GRAMS', tipless_bag_keeps_grams, 6, 0.25),
        ('BOWL_KEEPS_GRAMS', bowl_keeps_grams, 5, 0.25),
        ('DIP_BOWL_KEEPS_GRAMS', dip_bowl_keeps_grams, 80, 0.25),
        ('SCRAPER_KEEPS_GRAMS', scraper_keeps_grams, 4, 0.25),
        ('MIXER_KEEPS_GRAMS', mixer_keeps_grams, 15, 0.25),
        ('MIXER_LEAST_GRAMS', mixer_least_grams, 300, 0),
        ('MIXER_MOST_GRAMS', mixer_most_grams, 1400, 0),
        ('COOKIE_VARIATION_PERCENT', cookie_variation_percent, 12, 0.3),
        ('DAY_VARIATION_PERCENT', day_variation_percent, 8, 0.3),
        ('LEAF_GRAMS', leaf_grams, 0.5, 0.15),
        ('ROSETTE_GRAMS', rosette_grams, 1.2, 0.15),
        ('STAR_GRAMS', star_grams, 0.4, 0.15),
        ('FLOWER_GRAMS', flower_grams, 1.5, 0.15),
        ('PETAL_GRAMS', petal_grams, 0.3, 0.15),
        ('RUFFLE_GRAMS_PER_CM', ruffle_grams_per_cm, 0.45, 0.15),
        ('BRUSHED_GRAMS_PER_CM', brushed_grams_per_cm, 0.2, 0.15),
        ('COOKIES_PER_BOX', cookies_per_box, 6, 0)
            ) as figure(name, mean, house, spread)
            where mean <> house),
        'detail', detail,
        'filling', filling,
        'recipe', recipe,
        'measures', measures,
        'words', jsonb_build_object(
            'stiff', word_stiff, 'piping', word_piping, 'medium', word_medium, 'flood', word_flood, 'glaze', word_glaze),
        'tips', (
            select coalesce(
                jsonb_agg(jsonb_build_object('name', name, 'openingMm', opening_mm, 'owned', owned) order by position), '[]')
            from shop_tip where shop_id = shop.id)));

alter table shop
    alter column document set not null,
    drop column spread_percent,
    drop column margin_mm,
    drop column flood_count_seconds,
    drop column breakage_percent,
    drop column bag_fill_grams,
    drop column large_bag_fill_grams,
    drop column couplers,
    drop column bottles,
    drop column tipped_bag_keeps_grams,
    drop column tipless_bag_keeps_grams,
    drop column bowl_keeps_grams,
    drop column dip_bowl_keeps_grams,
    drop column scraper_keeps_grams,
    drop column mixer_keeps_grams,
    drop column mixer_least_grams,
    drop column mixer_most_grams,
    drop column cookie_variation_percent,
    drop column day_variation_percent,
    drop column leaf_grams,
    drop column rosette_grams,
    drop column star_grams,
    drop column flower_grams,
    drop column petal_grams,
    drop column ruffle_grams_per_cm,
    drop column brushed_grams_per_cm,
    drop column cookies_per_box,
    drop column detail,
    drop column filling,
    drop column recipe,
    drop column measures,
    drop column word_stiff,
    drop column word_piping,
    drop column word_medium,
    drop column word_flood,
    drop column word_glaze;

drop table shop_tip;
