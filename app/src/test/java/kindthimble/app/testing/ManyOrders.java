package kindthimble.app.testing;

/** Orders of years, put into the database at once. */
public final class ManyOrders {
    private ManyOrders() {}

    /** Copies of the first order with its colours and designs, some a week over years, each with a name of its own. */
    public static void put(RunningApp app, int many) {
        app.store("""
                insert into cookie_order (version, name, client, hand_over, extra_school, risk, flat_percent, notes)
                select 0, 'Order of years ' || n, 'Club ' || n %% 40, timestamp '2023-01-07 10:00' + n * interval '2 days',
                       'RISK', 0.02, 12, 'note ' || n
                  from generate_series(1, %d) n
                """.formatted(many));
        app.store("""
                insert into palette_colour (order_id, position, key, name, hex, apart)
                select o.id, p.position, p.key, p.name, p.hex, p.apart
                  from cookie_order o, palette_colour p where o.name like 'Order of years %' and p.order_id = 1
                """);
        app.store("""
                insert into design (version, order_id, position, count, document)
                select 0, o.id, d.position, d.count, d.document
                  from cookie_order o, design d where o.name like 'Order of years %' and d.order_id = 1
                """);
    }
}
